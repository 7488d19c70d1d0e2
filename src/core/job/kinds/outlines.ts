import type { CastingMap } from '@/core/record/job';

type Point = [number, number];
export const corner = (x: number, y: number, radiusMm: number) => ({ at: [x, y] as Point, radiusMm });

/** Bolts evenly round a centre. */
export const boltCircle = (x: number, y: number, radiusMm: number, count: number, startDeg = 90): Point[] =>
  Array.from({ length: count }, (_, i) => {
    const a = ((startDeg + (360 * i) / count) * Math.PI) / 180;
    return [Math.round(x + radiusMm * Math.cos(a)), Math.round(y + radiusMm * Math.sin(a))];
  });

/** A round casting standing on y = 0. */
export const roundMap = (diameterMm: number, bolts: Point[] = []): CastingMap => {
  const d = diameterMm;
  return {
    outline: [corner(0, 0, d / 2), corner(d, 0, d / 2), corner(d, d, d / 2), corner(0, d, d / 2)],
    bolts,
    ribs: [],
  };
};

/** A block with rounded corners. */
export const blockMap = (
  widthMm: number,
  heightMm: number,
  radiusMm: number,
  bolts: Point[] = [],
  ribs: CastingMap['ribs'] = [],
): CastingMap => ({
  outline: [
    corner(0, 0, radiusMm),
    corner(widthMm, 0, radiusMm),
    corner(widthMm, heightMm, radiusMm),
    corner(0, heightMm, radiusMm),
  ],
  bolts,
  ribs,
});

/** The other half seen from its own working face is the mirror image. */
export const mirrorMap = ({ outline, bolts, ribs }: CastingMap, widthMm: number): CastingMap => ({
  outline: outline.map(({ at: [x, y], radiusMm }) => corner(widthMm - x, y, radiusMm)).reverse(),
  bolts: bolts.map(([x, y]) => [widthMm - x, y]),
  ribs: ribs.map(([[x1, y1], [x2, y2]]) => [
    [widthMm - x1, y1],
    [widthMm - x2, y2],
  ]),
});
