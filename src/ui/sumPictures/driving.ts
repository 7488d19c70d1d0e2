import { bearingMarks } from '@/ui/drawing/bearing';
import type { SceneMark } from '@/ui/drawing/scene';
import { box, dimension, polygon, rule, text } from '@/ui/drawing/marks';
import { numberIn, say, type PictureInput } from './sumInput';

/** Rod, nut and what is drawn in; or the press above it. */
export function rodPicture({ sum, inputs, answers, units, width, height }: PictureInput): SceneMark[] {
  const cx = width / 2;
  const d = numberIn(inputs, 'thread_d_mm') ?? 10;
  const half = Math.max(8, Math.min(30, d * 1.6));
  const force = numberIn(answers, 'force_kN');
  const torque = numberIn(inputs, 'torque_Nm') ?? numberIn(answers, 'torque_Nm');
  const isRam = sum.topic === 'ram_force';
  const [top, bottom] = [70, height - 50];
  const turns = numberIn(answers, 'turns');
  const bearing = (left: number, right: number): SceneMark =>
    box(`race${left}`, [left, right], [bottom - 120, bottom - 72], { hatch: 'falling' });
  return [
    box('casting-left', [cx - 200, cx - 120], [bottom - 90, bottom], { hatch: 'rising' }),
    box('casting-right', [cx + 120, cx + 200], [bottom - 90, bottom], { hatch: 'rising' }),
    bearing(cx - 118, cx - 70),
    bearing(cx + 70, cx + 118),
    box('plate', [cx - 112, cx + 112], [bottom - 142, bottom - 121]),
    ...(isRam
      ? [box('ram', [cx - 46, cx + 46], [top - 40, bottom - 142])]
      : [
          box('rod', [cx - half, cx + half], [top - 44, bottom + 26], {
            tone: answers.over_proof ? 'heat' : 'plain',
          }),
          ...Array.from({ length: Math.floor((bottom - top + 60) / 12) }, (_, i): SceneMark =>
            rule(
              `th${i}`,
              [
                [cx - half, top - 38 + i * 12],
                [cx + half, top - 33 + i * 12],
              ],
              'thin',
            ),
          ),
          box('nut', [cx - half * 2, cx + half * 2], [bottom - 176, bottom - 143]),
          rule(
            'nut-a',
            [
              [cx - half, bottom - 176],
              [cx - half, bottom - 143],
            ],
            'thin',
          ),
          rule(
            'nut-b',
            [
              [cx + half, bottom - 176],
              [cx + half, bottom - 143],
            ],
            'thin',
          ),
        ]),
    ...(force === null
      ? []
      : [
          rule(
            'force-l',
            [
              [cx - 94, bottom - 205],
              [cx - 94, bottom - 146],
            ],
            'outline',
            'end',
          ),
          rule(
            'force-r',
            [
              [cx + 94, bottom - 205],
              [cx + 94, bottom - 146],
            ],
            'outline',
            'end',
          ),
          text('force', cx + 108, bottom - 172, say(force, 'kilonewton', units), {
            anchor: 'start',
            isBold: true,
            size: 30,
          }),
        ]),
    ...(torque === null || isRam
      ? []
      : [
          {
            kind: 'shape' as const,
            id: 'turn',
            d: `M${cx - 70} ${bottom - 186}A72 26 0 1 1 ${cx + 70} ${bottom - 186}`,
            tone: 'ink' as const,
            hatch: null,
            line: 'outline' as const,
            isFilled: false,
          },
          text('torque', cx - 130, bottom - 196, say(torque, 'newton_metre', units), {
            anchor: 'end',
            isBold: true,
            size: 26,
          }),
        ]),
    ...(turns === null
      ? []
      : [
          text('turns', cx + 130, bottom - 160, `${say(turns, 'ratio', units)} turns`, {
            anchor: 'start',
            isBold: true,
            size: 30,
          }),
        ]),
    ...(isRam
      ? [
          text('bar', cx - 60, top, say(numberIn(inputs, 'gauge_bar')!, 'bar', units), {
            anchor: 'end',
            isBold: true,
            size: 26,
          }),
        ]
      : dimension('thread', [cx - half, cx + half], top - 58 + 16, top - 44, `M${d}`)),
  ];
}

/** A bearing, the pusher standing on its outer race, and the receiver behind. */
export function driverPicture({ inputs, answers, units, width, height }: PictureInput): SceneMark[] {
  const outside = numberIn(inputs, 'outside_mm')!;
  const axis = 70;
  const scale = (width - 330) / (outside / 2 + 12);
  const x = (r: number) => axis + r * scale;
  const [top, bottom] = [
    height * 0.5,
    height * 0.5 + Math.min(120, (numberIn(inputs, 'width_mm')! / outside) * (width - 330) * 1.1),
  ];
  const [min, max] = [numberIn(answers, 'outside_min_mm')!, numberIn(answers, 'outside_max_mm')!];
  const receiver = numberIn(answers, 'receiver_inside_min_mm')!;
  const pusher = answers.pusher as Record<string, number | null> | null;
  const isOuter = inputs.race === 'outer';
  return [
    polygon(
      'casting',
      [
        [x(outside / 2) + 3, top - 40],
        [x(outside / 2) + 90, top - 40],
        [x(outside / 2) + 90, bottom + 26],
        [x(outside / 2) - 16, bottom + 26],
        [x(outside / 2) - 16, bottom],
        [x(outside / 2) + 3, bottom],
      ],
      { hatch: 'rising' },
    ),
    ...bearingMarks({
      part: {
        boreMm: numberIn(inputs, 'bore_mm')!,
        outsideMm: outside,
        widthMm: numberIn(inputs, 'width_mm')!,
        chamferMm: 1,
        type: inputs.type as 'deep_groove',
        closure: 'open',
      },
      x,
      pxPerMm: scale,
      topPx: top,
      bottomPx: bottom,
      tone: 'plain',
      line: 'outline',
    }),
    ...(pusher && isOuter
      ? [
          polygon(
            'pusher',
            [
              [x(pusher.hole_mm! / 2), top - 110],
              [x(pusher.flange_mm! / 2), top - 110],
              [x(pusher.flange_mm! / 2), top - 1],
              ...(pusher.relief_mm
                ? ([
                    [x(pusher.relief_mm / 2), top - 1],
                    [x(pusher.relief_mm / 2), top - 8],
                  ] as [number, number][])
                : []),
              [x(pusher.spigot_mm! / 2), top - (pusher.relief_mm ? 8 : 1)],
              [x(pusher.spigot_mm! / 2), top + 34],
              [x(pusher.hole_mm! / 2), top + 34],
            ],
            { hatch: 'falling' },
          ),
        ]
      : [
          box(
            'driver',
            [isOuter ? x(min / 2) : x((numberIn(answers, 'hole_min_mm') ?? 0) / 2), x(max / 2)],
            [top - 110, top - 1],
          ),
        ]),
    rule(
      'axis',
      [
        [axis, 16],
        [axis, height - 10],
      ],
      'centre',
    ),
    ...dimension('max', [axis, x(max / 2)], 40, top - 110, `⌀ ≤ ${say(max, 'size_mm', units)}`),
    ...dimension('min', [axis, x(min / 2)], 76, top - 110, `⌀ ≥ ${say(min, 'size_mm', units)}`),
    ...dimension(
      'receiver',
      [axis, x(receiver / 2)],
      height - 20,
      bottom + 26,
      `receiver ⌀ ≥ ${say(receiver, 'size_mm', units)}`,
    ),
  ];
}
