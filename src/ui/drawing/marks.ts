import { polygonPath, type SceneMark } from './scene';

/** Marks that most drawings are made of, each by one call. Positions in px of the drawing’s own box. */

type Shape = Extract<SceneMark, { kind: 'shape' }>;
type Look = Omit<Shape, 'kind' | 'id' | 'd'>;

/** A closed path, plain with an outline unless it is said otherwise. */
export const outlined = (id: string, d: string, more: Partial<Look> = {}): SceneMark => ({
  kind: 'shape',
  id,
  d,
  tone: 'plain',
  hatch: null,
  line: 'outline',
  isFilled: true,
  ...more,
});

export const text = (
  id: string,
  x: number,
  y: number,
  words: string,
  more: Partial<Extract<SceneMark, { kind: 'text' }>> = {},
): SceneMark => ({
  kind: 'text',
  id,
  x,
  y,
  text: words,
  size: 18,
  anchor: 'middle',
  tone: 'ink',
  isBold: false,
  ...more,
});

export const rule = (
  id: string,
  points: readonly [number, number][],
  style: Extract<SceneMark, { kind: 'line' }>['style'] = 'thin',
  arrows?: 'start' | 'end' | 'both',
): SceneMark => ({ kind: 'line', id, points, style, ...(arrows && { arrows }) });

export const box = (
  id: string,
  [left, right]: readonly [number, number],
  [top, bottom]: readonly [number, number],
  more: Partial<Look> = {},
): SceneMark =>
  polygon(
    id,
    [
      [left, top],
      [right, top],
      [right, bottom],
      [left, bottom],
    ],
    more,
  );

export const polygon = (
  id: string,
  points: readonly (readonly [number, number])[],
  more: Partial<Look> = {},
): SceneMark => outlined(id, polygonPath(points), more);

/** A dimension: extension lines, line with two arrows, its size. */
export const dimension = (
  id: string,
  [x1, x2]: readonly [number, number],
  y: number,
  from: number,
  words: string,
): SceneMark[] => [
  rule(
    `${id}-a`,
    [
      [x1, from],
      [x1, y + (y < from ? -6 : 6)],
    ],
    'dimension',
  ),
  rule(
    `${id}-b`,
    [
      [x2, from],
      [x2, y + (y < from ? -6 : 6)],
    ],
    'dimension',
  ),
  rule(
    `${id}-line`,
    [
      [x1, y],
      [x2, y],
    ],
    'dimension',
    'both',
  ),
  text(`${id}-text`, (x1 + x2) / 2, y - 7, words, { isBold: true, size: 19 }),
];

export const upright = (
  id: string,
  x: number,
  [y1, y2]: readonly [number, number],
  fromX: number,
  words: string,
): SceneMark[] => [
  rule(
    `${id}-a`,
    [
      [fromX, y1],
      [x + (x > fromX ? 6 : -6), y1],
    ],
    'dimension',
  ),
  rule(
    `${id}-b`,
    [
      [fromX, y2],
      [x + (x > fromX ? 6 : -6), y2],
    ],
    'dimension',
  ),
  rule(
    `${id}-line`,
    [
      [x, y1],
      [x, y2],
    ],
    'dimension',
    'both',
  ),
  text(`${id}-text`, x + (x > fromX ? 8 : -8), (y1 + y2) / 2 + 6, words, {
    isBold: true,
    size: 19,
    anchor: x > fromX ? 'start' : 'end',
  }),
];

/** Even steps of 1, 2 or 5 that cover a range in about `count` parts. */
export function ticks(low: number, high: number, count = 5): number[] {
  const span = high - low || 1;
  const raw = span / count;
  const power = 10 ** Math.floor(Math.log10(raw));
  const step = [1, 2, 5, 10].map((factor) => factor * power).find((each) => each >= raw) ?? raw;
  const first = Math.ceil(low / step - 1e-9) * step;
  return Array.from({ length: Math.floor((high - first) / step + 1e-9) + 1 }, (_, i) =>
    Number((first + i * step).toPrecision(12)),
  );
}
