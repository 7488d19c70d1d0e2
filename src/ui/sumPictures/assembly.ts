import { bearingMarks } from '@/ui/drawing/bearing';
import { circlePath } from '@/ui/drawing/bearingShapes';
import type { BearingType } from '@/core/catalogue/bearings/row';
import type { SceneMark } from '@/ui/drawing/scene';
import { box, dimension, polygon, rule, text, upright } from '@/ui/drawing/marks';
import { numberIn, say, type PictureInput } from './sumInput';

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
