import { showClock } from '@/core/quantity/format';
import type { SceneMark } from '@/ui/drawing/scene';
import { box, polygon, rule, text, ticks } from '@/ui/drawing/marks';
import { numberIn, say, type PictureInput } from './sumInput';
import { placePanel } from './placePanel';
import { type Point, trace } from './trace';

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
