import { circlePath } from '@/ui/drawing/bearingShapes';
import type { SceneMark } from '@/ui/drawing/scene';
import { box, rule, text } from '@/ui/drawing/marks';
import { numberIn, say, type PictureInput } from './sumInput';

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
