import type { Measured } from '@/core/quantity/measured';
import { box, polygon, text } from '@/ui/drawing/marks';
import type { SceneMark } from '@/ui/drawing/scene';

/**
 * What is wanted as a band, and what was found as strokes with their whiskers (± 2u), one row each, on one scale. What lies outside of the
 * drawing’s scale stops at its edge.
 */
export type BandRow = {
  id: string;
  words: string;
  figure: string;
  value: Measured;
  tone: 'ink' | 'heat' | 'cold';
};
export type BandInput = {
  width: number;
  /** From where it starts in the drawing, px: above it what is measured. */
  topPx: number;
  low: number;
  high: number;
  lowWords: string;
  highWords: string;
  rows: readonly BandRow[];
};

const LABEL_PX = 196;
const RIGHT_PX = 24;
const HEAD_PX = 34;
const ROW_PX = 54;

/** From a value to its place across. The band keeps a third of the width at the least: far off is far off, however far. */
function scaleOf({ width, low, high, rows }: BandInput): (value: number) => number {
  const span = Math.max(high - low, 1e-6);
  const reach = rows.flatMap(({ value }) => [value.value - 2 * value.u, value.value + 2 * value.u]);
  const from = Math.max(Math.min(low - 0.4 * span, ...reach), low - span);
  const to = Math.min(Math.max(high + 0.4 * span, ...reach), high + span);
  const share = (value: number) => (Math.min(Math.max(value, from), to) - from) / (to - from);
  return (value) => LABEL_PX + share(value) * (width - RIGHT_PX - LABEL_PX);
}

/** One found value: its whiskers, and a lozenge where it lies. */
function rowMarks(
  { id, words, figure, value, tone }: BandRow,
  y: number,
  x: (value: number) => number,
): SceneMark[] {
  const [from, to, at] = [x(value.value - 2 * value.u), x(value.value + 2 * value.u), x(value.value)];
  const solid = { tone: 'ink', line: 'none' } as const;
  return [
    box(`${id}-whisker`, [from, Math.max(to, from + 3)], [y - 2, y + 2], solid),
    box(`${id}-from`, [from - 1.5, from + 1.5], [y - 10, y + 10], solid),
    box(`${id}-to`, [to - 1.5, to + 1.5], [y - 10, y + 10], solid),
    polygon(
      `${id}-at`,
      [
        [at, y - 12],
        [at + 10, y],
        [at, y + 12],
        [at - 10, y],
      ],
      solid,
    ),
    text(`${id}-figure`, LABEL_PX - 14, y, figure, { anchor: 'end', size: 26, isBold: true, tone }),
    text(`${id}-words`, LABEL_PX - 14, y + 20, words, { anchor: 'end', size: 15, tone: 'steel' }),
  ];
}

export function buildBand(input: BandInput): SceneMark[] {
  const { topPx, low, high, lowWords, highWords, rows } = input;
  const x = scaleOf(input);
  const top = topPx + HEAD_PX;
  const bottom = top + ROW_PX * Math.max(1, rows.length) + 8;
  return [
    box('wanted', [x(low), x(high)], [top, bottom]),
    text('wanted-low', x(low), topPx + 24, lowWords, { size: 22, isBold: true }),
    text('wanted-high', x(high), topPx + 24, highWords, { size: 22, isBold: true }),
    ...rows.flatMap((row, i) => rowMarks(row, top + ROW_PX * i + ROW_PX / 2 + 4, x)),
  ];
}
