import { guardOf } from '@/core/record/seatFacts';
import type { BoreSpec } from '@/core/record/seatSpec';
import { type SceneMark } from '@/ui/drawing/scene';
import { type Frame, type SeatSectionInput, MARGIN } from './seatFrame';

const PART_WORDS: Record<BoreSpec['kind'], string> = {
  bearing_in_bore: 'bearing',
  race_in_bore: 'race',
  bush_in_bore: 'bush',
  seal_in_bore: 'seal',
};

/** How long signs of a size are at the most, px: the typeface is drawn condensed. */
export const longPx = (text: string, sizePx: number) => 0.5 * sizePx * text.length;

type TextMark = Extract<SceneMark, { kind: 'text' }>;
/** Middle of the part's size where it stands upright: between the ends of the symmetry's strokes and the face, px. */
const OUTSIDE_UPRIGHT_Y = 56;

/** A diameter's size stands this far from the axis that its line starts from, px. */
const TEXT_FROM_AXIS_PX = 14;

/** Room that a turned size of this many signs takes along its line, px. */
const turnedLengthPx = (text: string) => longPx(text, 19) + 8;

/** Where on a depth's line its size stands clear of the web that runs on under it: above it, else below, else across it. */
function freeMiddle(
  [from, to]: readonly [number, number],
  [webTop, webBottom]: readonly [number, number],
  neededPx: number,
): number {
  const free: readonly (readonly [number, number])[] = [
    [from, Math.min(to, webTop)],
    [Math.max(from, webBottom), to],
  ];
  const [top, bottom] = free.find(([a, b]) => b - a >= neededPx) ?? [from, to];
  return (top + bottom) / 2;
}

type Depth = {
  id: string;
  atX: number;
  fromX: number;
  faceY: number;
  toY: number;
  text: string;
  middleY: number;
};

/** A depth below the face, beside the boss, with its size upright on its line. */
const depthMarks = ({ id, atX, fromX, faceY, toY, text, middleY }: Depth): SceneMark[] => [
  {
    kind: 'line',
    id: `${id}-extension`,
    points: [
      [fromX, toY],
      [atX + 5, toY],
    ],
    style: 'dimension',
  },
  {
    kind: 'line',
    id: `${id}-line`,
    points: [
      [atX, faceY],
      [atX, toY],
    ],
    style: 'dimension',
    arrows: 'both',
  },
  {
    kind: 'text',
    id: `${id}-text`,
    x: atX + 6,
    y: middleY,
    text,
    size: 19,
    anchor: 'middle',
    tone: 'ink',
    isBold: true,
    turned: true,
    hasGround: true,
  },
];

/** Diameters are dimensioned from the axis outward (one arrow: half-section), depths beside the boss. */
export function dimensionMarks(
  { spec, say, measured }: SeatSectionInput,
  { x, y, pxPerMm }: Frame,
  borePx: number,
  outsidePx: number,
): SceneMark[] {
  const { part, housing } = spec;
  const seal = guardOf(spec);
  const axis = MARGIN.left;
  const bossPx = x(housing.bossOutsideMm / 2);
  const partTop = y(housing.depthToShoulderMm - part.widthMm);
  const back = y(housing.bossHeightMm);
  const isRoomFor = (longOnesPx: number, toPx: number) => TEXT_FROM_AXIS_PX + longOnesPx + 4 < toPx - axis;
  /** Where a size would run into metal or another line, it stands upright on the free side of the axis. */
  const clearOf = (text: TextMark, toPx: number, middleY: number): TextMark =>
    isRoomFor(longPx(text.text, 20), toPx)
      ? text
      : { ...text, x: axis - 8, y: middleY, anchor: 'middle', turned: true };
  const diameter = (
    id: string,
    atY: number,
    toPx: number,
    fromY: number,
    text: string,
    note: string,
  ): SceneMark[] => [
    {
      kind: 'line',
      id: `${id}-extension`,
      points: [
        [toPx, atY + (fromY > atY ? -5 : 5)],
        [toPx, fromY],
      ],
      style: 'dimension',
    },
    {
      kind: 'line',
      id: `${id}-line`,
      points: [
        [axis, atY],
        [toPx, atY],
      ],
      style: 'dimension',
      arrows: 'end',
    },
    {
      kind: 'text',
      id: `${id}-text`,
      x: axis + TEXT_FROM_AXIS_PX,
      y: atY - 6,
      text,
      // Beside a short line the size alone has room.
      ...(note && isRoomFor(longPx(text, 20) + longPx(` ${note}`, 14), Math.min(toPx, borePx)) && { note }),
      size: 20,
      anchor: 'start',
      tone: 'ink',
      isBold: true,
    },
  ];
  const shaftY = partTop + (y(housing.depthToShoulderMm) - partTop) * 0.62;
  const shaftPx = x(part.boreMm / 2);
  const webTop = y(Math.min(housing.depthToShoulderMm, housing.bossHeightMm - housing.webThicknessMm));
  const web: readonly [number, number] = [webTop, webTop + housing.webThicknessMm * pxPerMm];
  const depth = (id: string, atX: number, fromX: number, toY: number, text: string) =>
    depthMarks({
      id,
      atX,
      fromX,
      faceY: y(0),
      toY,
      text,
      middleY: freeMiddle([y(0), toY], web, turnedLengthPx(text)),
    });
  return [
    ...diameter(
      'bore',
      34,
      borePx,
      y(0),
      measured.boreText ?? `⌀ ${say(part.outsideMm)}`,
      measured.boreText ? 'bore, measured' : 'bore, nominal',
    ),
    ...diameter(
      'outside',
      68,
      outsidePx,
      partTop,
      measured.outsideText ?? `⌀ ${say(part.outsideMm)}`,
      `${PART_WORDS[spec.kind]}, ${measured.outsideText ? 'measured' : 'nominal'}`,
    ).map((mark) =>
      mark.kind === 'text' ? clearOf(mark, Math.min(outsidePx, borePx), OUTSIDE_UPRIGHT_Y) : mark,
    ),
    ...diameter('shaft', shaftY, shaftPx, shaftY, `⌀ ${say(part.boreMm)}`, '').map((mark) =>
      mark.kind === 'text' ? clearOf(mark, shaftPx, shaftY) : mark,
    ),
    ...(seal
      ? diameter('seal', back + 26, x(seal.outsideMm / 2), back, `⌀ ${say(seal.outsideMm)}`, 'seal')
      : []),
    {
      kind: 'line',
      id: 'face',
      points: [
        [bossPx, y(0)],
        [bossPx + 92, y(0)],
      ],
      style: 'dimension',
    },
    ...depth('shoulder', bossPx + 40, borePx, y(housing.depthToShoulderMm), say(housing.depthToShoulderMm)),
    ...depth('height', bossPx + 86, bossPx, back, say(housing.bossHeightMm)),
  ];
}
