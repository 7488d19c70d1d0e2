import { showClock } from '@/core/quantity/format';
import { bearingMarks, circlePath } from '@/ui/drawing/bearing';
import type { SceneMark, Tone } from '@/ui/drawing/scene';
import { box, dimension, numberIn, polygon, rule, say, text, ticks, type PictureInput } from './marks';

type Point = { s: number; part_C?: number; casting_C?: number; clearance_mm?: number };

/** A path as thin strokes: the casting's line in heat, the part's in cold, the clearance in ink. */
const trace = (id: string, points: readonly [number, number][], tone: Tone): SceneMark => ({
  kind: 'shape',
  id,
  d: `M${points.map(([x, y]) => `${x.toFixed(1)} ${y.toFixed(1)}`).join('L')}`,
  tone,
  hatch: null,
  line: 'trace',
  isFilled: false,
});

/** Round moments for a time axis: five or so, in steps that a clock has. */
function timeTicks(endS: number): number[] {
  const step =
    [1, 2, 5, 10, 15, 30, 60, 120, 300, 600, 900, 1800, 3600, 7200, 14_400].find(
      (each) => endS / each <= 7,
    ) ?? 28_800;
  return endS < 3
    ? ticks(0, endS, 5)
    : Array.from({ length: Math.floor(endS / step) + 1 }, (_, i) => i * step);
}

function thermometerScale({ answers, inputs, units, width, height }: PictureInput): SceneMark[] {
  const low = numberIn(answers, 'low_C') ?? -50;
  const high = numberIn(answers, 'high_C') ?? low + 400;
  const shown = numberIn(inputs, 'shown_C')!;
  const [from, to] = [Math.min(0, shown, low), Math.max(200, shown, high) * 1.05];
  const x = (celsius: number) => 50 + ((celsius - from) / (to - from)) * (width - 110);
  const y = height * 0.55;
  return [
    ...ticks(from, to, 8).flatMap((celsius): SceneMark[] => [
      rule(
        `t${celsius}`,
        [
          [x(celsius), y],
          [x(celsius), y + 12],
        ],
        'dimension',
      ),
      text(`tt${celsius}`, x(celsius), y + 34, say(celsius, 'celsius', units), { size: 17, tone: 'steel' }),
    ]),
    box('range', [x(low), x(high)], [y - 34, y], { tone: 'heat', hatch: 'rising' }),
    rule(
      'scale',
      [
        [40, y],
        [width - 40, y],
      ],
      'outline',
    ),
    rule(
      'shown',
      [
        [x(shown), y - 96],
        [x(shown), y - 2],
      ],
      'outline',
      'end',
    ),
    text('shown-text', x(shown), y - 106, `shows ${say(shown, 'celsius', units)}`, {
      isBold: true,
      size: 22,
      anchor: x(shown) < 120 ? 'start' : 'middle',
    }),
    text(
      'range-text',
      (x(low) + x(high)) / 2,
      y - 46,
      `metal: ${say(low, 'celsius', units)} … ${numberIn(answers, 'high_C') === null ? '?' : say(high, 'celsius', units)}`,
      { isBold: true, size: 24, tone: 'heat' },
    ),
  ];
}

function pressureFall({ inputs, answers, units, width, height }: PictureInput): SceneMark[] {
  const [start, end, minutes] = [
    numberIn(inputs, 'start_bar')!,
    numberIn(inputs, 'end_bar')!,
    numberIn(inputs, 'minutes')!,
  ];
  const high = Math.max(Math.abs(start), Math.abs(end), 0.1) * 1.15;
  const sign = start < 0 ? -1 : 1;
  const x = (m: number) => 80 + (m / minutes) * (width - 200);
  const y = (bar: number) => 40 + (1 - (sign * bar) / high) * (height - 110);
  const cooled =
    start - sign * (numberIn(answers, 'cooling_bar') ?? 0) - sign * (numberIn(inputs, 'rig_loss_bar') ?? 0);
  const bound = start - sign * 0.07 * minutes;
  return [
    rule(
      'base',
      [
        [70, y(0)],
        [width - 60, y(0)],
      ],
      'outline',
    ),
    rule(
      'time',
      [
        [x(minutes), y(0)],
        [x(minutes), 30],
      ],
      'thin',
    ),
    polygon(
      'cooling',
      [
        [x(0), y(start)],
        [x(minutes), y(cooled)],
        [x(minutes), y(start)],
      ],
      { tone: 'cold' },
    ),
    trace(
      'line',
      [
        [x(0), y(start)],
        [x(minutes), y(end)],
      ],
      'ink',
    ),
    rule(
      'bound',
      [
        [x(0), y(start)],
        [x(minutes), y(bound)],
      ],
      'hidden',
    ),
    text('start', 66, y(start) + 6, say(start, 'bar', units), { anchor: 'end', isBold: true }),
    text('end', x(minutes) + 10, y(end) + 6, say(end, 'bar', units), {
      anchor: 'start',
      isBold: true,
      size: 22,
    }),
    text(
      'bound-text',
      x(minutes * 0.72),
      y(start - sign * 0.07 * minutes * 0.72) + 28,
      'bound: 0.07 bar a minute',
      { tone: 'steel', size: 17 },
    ),
    text('minutes', x(minutes), y(0) + 26, `${minutes} min`, { size: 18 }),
    text('cool-text', x(minutes) - 8, y(start) - 8, 'cooling and rig', {
      anchor: 'end',
      size: 16,
      tone: 'cold',
    }),
  ];
}

/** Temperatures over time, and under them the clearance that is left. */
export function curvePicture(input: PictureInput): SceneMark[] {
  if (input.sum.topic === 'thermometer') return thermometerScale(input);
  if (input.sum.topic === 'pressure_test') return pressureFall(input);
  const { answers, inputs, units, width, height } = input;
  const curve = answers.curve as Point[];
  const endS = curve.at(-1)!.s || 1;
  const hasClearance = curve[0]!.clearance_mm !== undefined;
  const [left, right, top, split] = [76, width - 96, 30, hasClearance ? height * 0.52 : height - 46];
  const temperatures = curve.flatMap(({ part_C: p, casting_C: c }) =>
    [p, c].filter((t): t is number => t !== undefined),
  );
  const [coldest, hottest] = [Math.min(...temperatures), Math.max(...temperatures)];
  const x = (s: number) => left + (s / endS) * (right - left);
  const yT = (celsius: number) => top + ((hottest - celsius) / (hottest - coldest || 1)) * (split - top - 14);
  const series = (key: 'part_C' | 'casting_C') =>
    curve
      .filter((point) => point[key] !== undefined)
      .map((point): [number, number] => [x(point.s), yT(point[key]!)]);
  const marks: SceneMark[] = [
    ...ticks(coldest, hottest, 4).map((celsius) =>
      text(`T${celsius}`, left - 10, yT(celsius) + 6, say(celsius, 'celsius', units), {
        anchor: 'end',
        size: 16,
        tone: 'steel',
      }),
    ),
    ...timeTicks(endS).flatMap((s): SceneMark[] => [
      rule(
        `s${s}`,
        [
          [x(s), top],
          [x(s), hasClearance ? height - 40 : split],
        ],
        'thin',
      ),
      text(`st${s}`, x(s), height - 14, showClock(s), { size: 17, tone: 'steel' }),
    ]),
  ];
  const casting = series('casting_C');
  const part = series('part_C');
  if (casting.length > 0)
    marks.push(
      trace('casting', casting, 'heat'),
      text('casting-end', right + 8, casting.at(-1)![1] + 2, 'casting', {
        anchor: 'start',
        size: 18,
        isBold: true,
        tone: 'heat',
      }),
    );
  if (part.length > 0)
    marks.push(
      trace('part', part, 'cold'),
      text(
        'part-end',
        right + 8,
        Math.max(part.at(-1)![1] + 6, casting.length > 0 ? casting.at(-1)![1] + 24 : 0),
        'bearing',
        { anchor: 'start', size: 18, isBold: true, tone: 'cold' },
      ),
    );
  const target =
    numberIn(inputs, 'target_C') ?? (input.sum.mode === 'dew' ? numberIn(answers, 'dew_point_C') : null);
  if (target !== null && target >= coldest && target <= hottest)
    marks.push(
      rule(
        'target',
        [
          [left, yT(target)],
          [right, yT(target)],
        ],
        'hidden',
      ),
      text('target-text', right + 8, yT(target) + 6, say(target, 'celsius', units), {
        anchor: 'start',
        isBold: true,
      }),
    );
  const readyS = numberIn(answers, 'time_s', 'wet_until_s');
  if (readyS !== null && readyS <= endS && !hasClearance)
    marks.push(
      rule(
        'ready',
        [
          [x(readyS), top],
          [x(readyS), split],
        ],
        'outline',
      ),
      text('ready-text', x(readyS) + 8, top + 22, showClock(readyS), {
        anchor: 'start',
        isBold: true,
        size: 26,
        hasGround: true,
      }),
    );
  if (hasClearance)
    marks.push(...placePanel(input, curve, { x, left, right, top: split + 16, bottom: height - 44 }));
  return marks;
}

function placePanel(
  { inputs, answers, units }: PictureInput,
  curve: readonly Point[],
  {
    x,
    left,
    right,
    top,
    bottom,
  }: { x: (s: number) => number; left: number; right: number; top: number; bottom: number },
): SceneMark[] {
  const rooms = curve.map(({ clearance_mm: mm }) => mm!);
  const margin = numberIn(inputs, 'margin_mm') ?? 0;
  const [low, high] = [Math.min(0, ...rooms), Math.max(margin, ...rooms)];
  const y = (mm: number) => top + ((high - mm) / (high - low || 1)) * (bottom - top);
  const windowS = numberIn(answers, 'window_disc_s', 'window_s');
  const endS = curve.at(-1)!.s;
  const open = curve
    .filter(({ s }) => windowS === null || s <= windowS)
    .map(({ s, clearance_mm: mm }): [number, number] => [x(s), y(mm!)]);
  const last = open.at(-1);
  return [
    ...(last && open.length > 1
      ? [polygon('open', [...open, [last[0], y(margin)], [open[0]![0], y(margin)]], { hatch: 'falling' })]
      : []),
    trace(
      'clearance',
      curve.map(({ s, clearance_mm: mm }) => [x(s), y(mm!)]),
      'ink',
    ),
    rule(
      'zero',
      [
        [left, y(0)],
        [right, y(0)],
      ],
      'outline',
    ),
    text('zero-text', left - 10, y(0) + 6, '0', { anchor: 'end', size: 16, tone: 'steel' }),
    rule(
      'margin',
      [
        [left, y(margin)],
        [right, y(margin)],
      ],
      'hidden',
    ),
    text('margin-text', right + 8, y(margin) + 6, say(margin, 'fit_mm', units), {
      anchor: 'start',
      size: 17,
      isBold: true,
    }),
    text('high', left - 10, y(high) + 12, say(high, 'fit_mm', units), {
      anchor: 'end',
      size: 16,
      tone: 'steel',
    }),
    text('clearance-word', right + 8, top + 14, 'clearance', { anchor: 'start', isBold: true }),
    ...(windowS !== null && windowS > 0 && windowS <= endS
      ? [
          rule(
            'window',
            [
              [x(windowS), top - 8],
              [x(windowS), y(0)],
            ],
            'outline',
          ),
          text('window-text', x(windowS) + 8, top + 12, showClock(windowS), {
            anchor: 'start',
            isBold: true,
            size: 26,
            hasGround: true,
          }),
        ]
      : []),
  ];
}

const onClock = (cx: number, cy: number, r: number, deg: number): [number, number] => [
  cx + r * Math.sin((deg * Math.PI) / 180),
  cy - r * Math.cos((deg * Math.PI) / 180),
];

function clockFace(id: string, cx: number, cy: number, r: number): SceneMark[] {
  return [
    {
      kind: 'shape',
      id: `${id}-sum`,
      d: circlePath(cx, cy, r),
      tone: 'plain',
      hatch: null,
      line: 'outline',
      isFilled: true,
    },
    ...[12, 3, 6, 9].map((hour) => {
      const [x, y] = onClock(cx, cy, r + 16, hour * 30);
      return text(`${id}-h${hour}`, x, y + 6, String(hour), { size: 17, tone: 'steel' });
    }),
  ];
}

/** Depths round the clock with the tap; or two dials with their high points; or the pull on a steering head. */
export function clockPicture(input: PictureInput): SceneMark[] {
  const { inputs, answers, units, width, height } = input;
  const r = height / 2 - 62;
  const [cx, cy] = [width / 2, height / 2];
  if (input.sum.topic === 'run_out') {
    return (['left', 'right'] as const).flatMap((side, i): SceneMark[] => {
      const at = width * (i === 0 ? 0.28 : 0.72);
      const [tip, deg] = [
        onClock(at, cy, r * 0.66, numberIn(inputs, `${side}_high_deg`)!),
        numberIn(inputs, `${side}_tir_mm`)!,
      ];
      return [
        ...clockFace(side, at, cy, r * 0.78),
        rule(`${side}-arrow`, [[at, cy], tip], 'outline', 'end'),
        text(`${side}-text`, at, height - 8, `${side}: ${say(deg, 'fit_mm', units)}`, {
          isBold: true,
          size: 22,
        }),
      ];
    });
  }
  if (input.sum.topic === 'steering_preload') {
    const lever = onClock(cx, cy + 40, r * 1.2, 60);
    return [
      ...clockFace('head', cx, cy + 40, r * 0.5),
      rule('lever', [[cx, cy + 40], lever], 'outline'),
      rule('pull', [lever, [lever[0] + 62, lever[1] + 104]], 'outline', 'end'),
      text('pull-text', lever[0] + 72, lever[1] + 70, say(numberIn(inputs, 'pull_N')!, 'newton', units), {
        anchor: 'start',
        isBold: true,
        size: 24,
      }),
      text('lever-text', cx + 30, cy - 20, say(numberIn(inputs, 'lever_mm')!, 'size_mm', units), {
        anchor: 'end',
        isBold: true,
      }),
    ];
  }
  const angles = inputs.angles_deg as readonly number[];
  const depths = inputs.depths_mm as readonly number[];
  const worst = answers.is_misread ? numberIn(answers, 'worst_reading_index') : null;
  const tap = numberIn(answers, 'tap_at_deg');
  const tapLine: [number, number][] =
    tap === null ? [] : [onClock(cx, cy, r + 60, tap), onClock(cx, cy, r + 4, tap)];
  return [
    ...clockFace('seat', cx, cy, r),
    {
      kind: 'shape',
      id: 'bore',
      d: circlePath(cx, cy, r * 0.5),
      tone: 'plain',
      hatch: null,
      line: 'outline',
      isFilled: true,
    },
    ...angles.flatMap((deg, i): SceneMark[] => {
      const [x, y] = onClock(cx, cy, r * 0.74, deg);
      return [
        ...(worst === i ? [box(`doubt${i}`, [x - 44, x + 44], [y - 20, y + 12], { line: 'ghost' })] : []),
        text(`d${i}`, x, y + 6, say(depths[i] ?? 0, 'size_mm', units).replace(/\u00a0.*/, ''), {
          isBold: true,
          size: angles.length > 8 ? 15 : 19,
        }),
      ];
    }),
    ...(tap === null
      ? []
      : [
          rule('tap', tapLine, 'outline', 'end'),
          text('tap-text', ...onClock(cx, cy, r + 82, tap), 'tap', {
            isBold: true,
            size: 24,
            anchor: tap > 180 ? 'end' : 'start',
          }),
        ]),
    text('tilt', cx, cy + 10, say(numberIn(answers, 'tilt_mm')!, 'fit_mm', units), {
      isBold: true,
      size: 26,
    }),
    text('tilt-word', cx, cy + 32, 'across', { size: 16, tone: 'steel' }),
  ];
}

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
