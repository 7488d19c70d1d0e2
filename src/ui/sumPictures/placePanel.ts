import { showClock } from '@/core/quantity/format';
import type { SceneMark } from '@/ui/drawing/scene';
import { polygon, rule, text } from '@/ui/drawing/marks';
import { numberIn, say, type PictureInput } from './sumInput';
import { type Point, trace } from './trace';

export function placePanel(
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
