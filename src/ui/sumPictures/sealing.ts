import { circlePath } from '@/ui/drawing/bearingShapes';
import type { SceneMark } from '@/ui/drawing/scene';
import { box, polygon, rule, text, upright } from '@/ui/drawing/marks';
import { numberIn, say, type PictureInput } from './sumInput';

/** A seal over its shaft before a bearing; an O-ring in its gland; a retaining ring in its groove. */
export function sealPicture(input: PictureInput): SceneMark[] {
  const { sum, inputs, answers, units, width, height } = input;
  if (sum.topic === 'o_ring') return oRingPicture(input);
  if (sum.topic === 'rings_seals' && inputs.kind !== 'rotary_seal') return ringPicture(input);
  const gap = numberIn(answers, 'gap_mm');
  const wide = numberIn(inputs, 'seal_width_mm', 'width_mm') ?? 7;
  const bearingDepth = numberIn(inputs, 'bearing_face_depth_mm') ?? wide + 4;
  const sealDepth = numberIn(inputs, 'seal_depth_mm') ?? 0;
  const scale = Math.min(22, (height - 150) / (bearingDepth + 8));
  const y = (mm: number) => 70 + mm * scale;
  const [shaft, out] = [190, width * 0.62];
  const seal: [number, number][] = [
    [out, y(sealDepth)],
    [out, y(sealDepth + wide)],
    [out - 14, y(sealDepth + wide)],
    [out - 14, y(sealDepth) + 18],
    [shaft + 34, y(sealDepth) + 18],
    [shaft + 4, y(sealDepth + wide * 0.62)],
    [shaft - 2, y(sealDepth + wide * 0.5)],
    [shaft + 22, y(sealDepth)],
  ];
  return [
    box('shaft', [60, shaft], [36, height - 20], { hatch: 'falling' }),
    box('casting', [out, out + 110], [y(0), height - 30], { hatch: 'rising' }),
    polygon('seal', seal, { tone: 'steel' }),
    {
      kind: 'shape',
      id: 'spring',
      d: circlePath(shaft + 22, y(sealDepth + wide * 0.66), 6),
      tone: 'ink',
      hatch: null,
      line: 'none',
      isFilled: true,
    },
    ...(sum.topic === 'seal_gap'
      ? [
          box('bearing', [shaft + 2, out - 1], [y(bearingDepth), height - 30], { hatch: 'falling' }),
          ...(gap === null
            ? []
            : upright(
                'gap',
                out + 150,
                gap >= 0 ? [y(sealDepth + wide), y(bearingDepth)] : [y(bearingDepth), y(sealDepth + wide)],
                out - 14,
                say(gap, 'size_mm', units),
              )),
        ]
      : []),
    rule(
      'axis',
      [
        [60, 18],
        [60, height - 4],
      ],
      'centre',
    ),
    ...(numberIn(answers, 'speed_m_s') !== null
      ? [
          rule(
            'turn',
            [
              [74, 52],
              [shaft - 12, 52],
            ],
            'outline',
            'end',
          ),
          text('speed', shaft + 20, 46, `${say(numberIn(answers, 'speed_m_s')!, 'plain', units)} m/s`, {
            isBold: true,
            size: 26,
            anchor: 'start',
          }),
        ]
      : []),
    ...(typeof inputs.shaft_mm === 'number'
      ? [
          text('shaft-text', 125, height - 40, `⌀ ${say(inputs.shaft_mm, 'size_mm', units)}`, {
            isBold: true,
            size: 20,
            hasGround: true,
          }),
        ]
      : []),
    ...(typeof inputs.housing_mm === 'number'
      ? [
          text('housing-text', out + 56, height - 50, `⌀ ${say(inputs.housing_mm, 'size_mm', units)}`, {
            isBold: true,
            size: 20,
            hasGround: true,
          }),
          ...upright(
            'wide',
            out + 150,
            [y(sealDepth), y(sealDepth + wide)],
            out,
            say(wide, 'size_mm', units),
          ),
        ]
      : []),
  ];
}

function oRingPicture({ inputs, answers, units, width, height }: PictureInput): SceneMark[] {
  const [section, gland] = [numberIn(inputs, 'section_mm')!, numberIn(inputs, 'gland_depth_mm')!];
  const fresh = numberIn(inputs, 'new_section_mm') ?? section;
  const scale = (height - 140) / Math.max(section, gland, fresh);
  const [cx, floor] = [width * 0.42, height - 50];
  const circle = (id: string, mm: number, line: 'ghost' | 'outline'): SceneMark => ({
    kind: 'shape',
    id,
    d: circlePath(cx, floor - (mm * scale) / 2, (mm * scale) / 2),
    tone: 'steel',
    hatch: null,
    line,
    isFilled: line === 'outline',
  });
  return [
    polygon(
      'gland',
      [
        [cx - 190, floor - gland * scale],
        [cx - 130, floor - gland * scale],
        [cx - 130, floor],
        [cx + 130, floor],
        [cx + 130, floor - gland * scale],
        [cx + 190, floor - gland * scale],
        [cx + 190, height - 14],
        [cx - 190, height - 14],
      ],
      { hatch: 'rising' },
    ),
    circle('ring', section, 'outline'),
    circle('new', fresh, 'ghost'),
    rule(
      'lid',
      [
        [cx - 190, floor - gland * scale],
        [cx + 190, floor - gland * scale],
      ],
      'hidden',
    ),
    ...upright(
      'section',
      cx + 230,
      [floor - section * scale, floor],
      cx + (section * scale) / 2,
      say(section, 'size_mm', units),
    ),
    ...upright(
      'gland-depth',
      cx - 220,
      [floor - gland * scale, floor],
      cx - 190,
      say(gland, 'size_mm', units),
    ),
    text(
      'squeeze',
      cx,
      floor - gland * scale - 14 - Math.max(0, fresh - gland) * scale,
      `squeezed ${say(numberIn(answers, 'squeeze')!, 'share', units)}`,
      { isBold: true, size: 24, hasGround: true },
    ),
  ];
}

function ringPicture({ inputs, answers, units, width, height }: PictureInput): SceneMark[] {
  const isBore = inputs.kind === 'DIN472';
  const nominal = numberIn(inputs, 'nominal_mm')!;
  const groove = numberIn(answers, 'groove_diameter_mm');
  if (groove === null) return [];
  const edge = width * 0.45;
  const depth = Math.min(70, Math.max(26, (Math.abs(groove - nominal) / 2) * 26));
  const out = isBore ? edge + depth : edge - depth;
  const [top, wide] = [height * 0.42, 46];
  const body: [number, number][] = isBore
    ? [
        [edge, 40],
        [edge + 170, 40],
        [edge + 170, height - 30],
        [edge, height - 30],
        [edge, top + wide],
        [out, top + wide],
        [out, top],
        [edge, top],
      ]
    : [
        [edge, 40],
        [edge - 170, 40],
        [edge - 170, height - 30],
        [edge, height - 30],
        [edge, top + wide],
        [out, top + wide],
        [out, top],
        [edge, top],
      ];
  return [
    polygon('body', body, { hatch: isBore ? 'rising' : 'falling' }),
    box('ring', isBore ? [edge - 40, out - 3] : [out + 3, edge + 40], [top + 3, top + wide - 4]),
    ...upright(
      'groove-width',
      isBore ? edge - 90 : edge + 90,
      [top, top + wide],
      edge,
      say(numberIn(answers, 'groove_width_min_mm')!, 'size_mm', units),
    ),
    text('nominal', isBore ? edge - 12 : edge + 12, height - 44, `⌀ ${say(nominal, 'size_mm', units)}`, {
      isBold: true,
      size: 22,
      anchor: isBore ? 'end' : 'start',
    }),
    text('groove', isBore ? edge + 80 : edge - 80, top - 14, `groove ⌀ ${say(groove, 'size_mm', units)}`, {
      isBold: true,
      size: 20,
      hasGround: true,
    }),
  ];
}
