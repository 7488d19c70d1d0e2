import { bearingMarks, circlePath } from '@/ui/drawing/bearing';
import type { BearingType } from '@/core/catalogue/bearings/row';
import type { SceneMark } from '@/ui/drawing/scene';
import { box, dimension, numberIn, polygon, rule, say, text, upright, type PictureInput } from './marks';

type LinkOfChain = { label: string; mm: number; sign: number };

/** A chain of dimensions end to end: what adds goes right, what takes goes back; what is left stands between. */
export function chainPicture({ inputs, answers, units, width, height }: PictureInput): SceneMark[] {
  const links = (answers.links as LinkOfChain[]).filter(({ mm }) => mm !== 0);
  const reach = links.reduce<{ at: number; low: number; high: number }>(
    ({ at, low, high }, { mm, sign }) => {
      const next = at + sign * mm;
      return { at: next, low: Math.min(low, next), high: Math.max(high, next) };
    },
    { at: 0, low: 0, high: 0 },
  );
  const total = reach.at;
  // Long links would dwarf the rest: they are drawn to scale among themselves, the remainder again below, large.
  const scale = (width - 120) / (reach.high - reach.low || 1);
  const x = (mm: number) => 60 + (mm - reach.low) * scale;
  const rowHeight = Math.min(44, (height - 150) / Math.max(1, links.length));
  let at = 0;
  const rows = links.flatMap(({ label, mm, sign }, i): SceneMark[] => {
    const from = at;
    at += sign * mm;
    const y = 30 + i * rowHeight;
    const [left, right] = [Math.min(x(from), x(at)), Math.max(x(from), x(at))];
    const outside = right - left < 90;
    const words = `${label} ${say(mm, 'size_mm', units)}`;
    return [
      box(`link${i}`, [left, Math.max(right, left + 2)], [y, y + rowHeight - 10], {
        hatch: sign > 0 ? 'rising' : 'falling',
      }),
      text(
        `link-text${i}`,
        outside ? (right < width * 0.6 ? right + 10 : left - 10) : (left + right) / 2,
        y + rowHeight / 2 + 1,
        `${sign > 0 ? '+' : '−'} ${words}`,
        {
          isBold: true,
          size: 18,
          hasGround: !outside,
          anchor: outside ? (right < width * 0.6 ? 'start' : 'end') : 'middle',
        },
      ),
    ];
  });
  const low = numberIn(inputs, 'limit_low_mm', 'low_mm');
  const high = numberIn(inputs, 'limit_high_mm', 'high_mm');
  const value =
    numberIn(
      answers,
      'endplay_mm',
      'depth_mm',
      'least_mm',
      'allowed_shortfall_mm',
      'shift_mm',
      'axial_play_mm',
      'backlash_change_mm',
    ) ?? total;
  const u = numberIn(answers, 'u_mm') ?? 0;
  return [...rows, ...lens({ value, u, low, high, units, width, y: height - 66 })];
}

/** What is left, large, with its doubt and what is wanted. */
function lens({
  value,
  u,
  low,
  high,
  units,
  width,
  y,
}: {
  value: number;
  u: number;
  low: number | null;
  high: number | null;
  units: PictureInput['units'];
  width: number;
  y: number;
}): SceneMark[] {
  const points = [value - 2.4 * u, value + 2.4 * u, low ?? value, high ?? value, low === null ? 0 : value];
  const [from, to] = [Math.min(...points), Math.max(...points)];
  const pad = (to - from || Math.abs(value) || 1) * 0.18;
  const x = (mm: number) => 60 + ((mm - from + pad) / (to - from + 2 * pad)) * (width - 120);
  return [
    rule(
      'lens',
      [
        [50, y],
        [width - 50, y],
      ],
      'outline',
    ),
    ...(low !== null && high !== null
      ? [
          box('wanted', [x(low), x(high)], [y - 20, y + 20], { line: 'ghost' }),
          text('low', x(low), y + 42, say(low, 'size_mm', units), { size: 17, tone: 'steel' }),
          text('high', x(high), y + 42, say(high, 'size_mm', units), { size: 17, tone: 'steel' }),
        ]
      : from <= 0 && to >= 0
        ? [
            rule(
              'zero',
              [
                [x(0), y - 16],
                [x(0), y + 16],
              ],
              'outline',
            ),
            text('zero-text', x(0), y + 38, '0', { size: 17, tone: 'steel' }),
          ]
        : []),
    ...(u > 0
      ? [
          rule(
            'doubt',
            [
              [x(value - 2 * u), y - 8],
              [x(value + 2 * u), y - 8],
            ],
            'outline',
          ),
          rule(
            'doubt-a',
            [
              [x(value - 2 * u), y - 15],
              [x(value - 2 * u), y - 1],
            ],
            'outline',
          ),
          rule(
            'doubt-b',
            [
              [x(value + 2 * u), y - 15],
              [x(value + 2 * u), y - 1],
            ],
            'outline',
          ),
        ]
      : []),
    {
      kind: 'shape',
      id: 'value',
      d: circlePath(x(value), y - 8, 8),
      tone: 'ink',
      hatch: null,
      line: 'none',
      isFilled: true,
    },
    text('value-text', x(value), y - 30, say(value, 'fit_mm', units), {
      isBold: true,
      size: 26,
      hasGround: true,
    }),
  ];
}

/** A bolt in its hole: what it goes through, what it grips. */
export function boltPicture({ inputs, answers, units, width, height }: PictureInput): SceneMark[] {
  const d = numberIn(inputs, 'thread_d_mm')!;
  const engagement = numberIn(answers, 'stand_out_mm') ?? numberIn(inputs, 'engagement_mm')!;
  const grip = numberIn(inputs, 'grip_mm') ?? engagement * 1.6;
  const hole = numberIn(inputs, 'hole_depth_mm') ?? engagement * 1.3;
  const scale = (height - 110) / Math.max(grip + Math.max(engagement, hole) + d * 0.7, 1);
  const cx = width * 0.42;
  const half = Math.max(10, (d * scale) / 2);
  const sum = 40 + d * 0.7 * scale;
  const joint = sum + grip * scale;
  const tip = joint + engagement * scale;
  const bottom = joint + hole * scale;
  const isOver = answers.bottoms === true || answers.verdict === 'past_proof';
  return [
    box('cover-left', [cx - 150, cx - half - 4], [sum, joint], { hatch: 'falling' }),
    box('cover-right', [cx + half + 4, cx + 150], [sum, joint], { hatch: 'falling' }),
    polygon(
      'casting',
      [
        [cx - 150, joint],
        [cx - half, joint],
        [cx - half, bottom],
        [cx, bottom + half * 0.6],
        [cx + half, bottom],
        [cx + half, joint],
        [cx + 150, joint],
        [cx + 150, height - 14],
        [cx - 150, height - 14],
      ],
      { hatch: 'rising' },
    ),
    box('head', [cx - half * 1.7, cx + half * 1.7], [40, sum], { tone: isOver ? 'heat' : 'plain' }),
    box('shank', [cx - half, cx + half], [sum, tip], { tone: isOver ? 'heat' : 'plain' }),
    ...Array.from({ length: Math.max(0, Math.floor((tip - joint) / 9)) }, (_, i): SceneMark =>
      rule(
        `t${i}`,
        [
          [cx - half, joint + 4 + i * 9],
          [cx + half, joint + 8 + i * 9],
        ],
        'thin',
      ),
    ),
    rule(
      'axis',
      [
        [cx, 22],
        [cx, height - 4],
      ],
      'centre',
    ),
    ...upright('grip', cx + 186, [sum, joint], cx + 150, say(grip, 'size_mm', units)),
    ...upright('engaged', cx + 186, [joint, tip], cx + half, say(engagement, 'size_mm', units)),
    text('thread', cx, 26, `M${d}`, { isBold: true, size: 22, hasGround: true }),
    ...(numberIn(inputs, 'torque_Nm') === null
      ? []
      : [
          text(
            'torque',
            cx - half * 1.7 - 14,
            40 + (sum - 40) / 2 + 8,
            say(numberIn(inputs, 'torque_Nm')!, 'newton_metre', units),
            { isBold: true, size: 24, anchor: 'end' },
          ),
        ]),
    ...(numberIn(answers, 'needed_mm') === null
      ? []
      : [
          rule(
            'needed',
            [
              [cx - 176, joint],
              [cx - 176, joint + numberIn(answers, 'needed_mm')! * scale],
            ],
            'dimension',
            'both',
          ),
          text(
            'needed-text',
            cx - 186,
            joint + 24,
            `needs ${say(numberIn(answers, 'needed_mm')!, 'size_mm', units)}`,
            { anchor: 'end', size: 18 },
          ),
        ]),
  ];
}

/** The half-section of a bearing from its designation, to scale, with its sizes. */
export function partPicture({ answers, units, width, height }: PictureInput): SceneMark[] {
  const [bore, outside, wide] = [
    numberIn(answers, 'bore_mm')!,
    numberIn(answers, 'outside_mm')!,
    numberIn(answers, 'width_mm')!,
  ];
  const scale = Math.min((width - 240) / (outside / 2), (height - 150) / wide);
  const axis = 60;
  const x = (r: number) => axis + r * scale;
  const middle = height / 2 + 18;
  const [top, bottom] = [middle - (wide * scale) / 2, middle + (wide * scale) / 2];
  const features = answers.features as { code: string }[];
  const closure = features.some(({ code }) => /RS|LU|DU|LS/.test(code))
    ? 'sealed'
    : features.some(({ code }) => /Z$/.test(code))
      ? 'shielded'
      : 'open';
  return [
    ...bearingMarks({
      part: {
        boreMm: bore,
        outsideMm: outside,
        widthMm: wide,
        chamferMm: Math.min(1, wide / 12),
        type: answers.type as BearingType,
        closure,
      },
      x,
      pxPerMm: scale,
      topPx: top,
      bottomPx: bottom,
      tone: 'plain',
      line: 'outline',
    }),
    rule(
      'axis',
      [
        [axis, 16],
        [axis, height - 8],
      ],
      'centre',
    ),
    ...dimension('outside', [axis, x(outside / 2)], 44, top, `⌀ ${say(outside, 'size_mm', units)}`),
    ...dimension('bore', [axis, x(bore / 2)], height - 22, bottom, `⌀ ${say(bore, 'size_mm', units)}`),
    ...upright('width', x(outside / 2) + 40, [top, bottom], x(outside / 2), say(wide, 'size_mm', units)),
  ];
}

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
