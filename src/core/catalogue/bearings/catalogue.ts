import { DEEP_GROOVE } from './deepGroove';
import { NEEDLES } from './needles';
import { CYLINDRICAL, TAPERED } from './rollers';
import type { BearingRow } from './row';

/** Every bearing in the tables. A size that is not here is an ordinary thing: custom parts are typed or measured. */
export const BEARINGS: readonly BearingRow[] = [...DEEP_GROOVE, ...CYLINDRICAL, ...TAPERED, ...NEEDLES];

const BORES_MM = BEARINGS.map(({ boreMm }) => boreMm);
/** Smallest and largest bore that the tables know, as words: `4–80 mm`. */
export const BORE_RANGE = `${Math.min(...BORES_MM)}–${Math.max(...BORES_MM)} mm`;

export type SizeDifference = {
  bearing: BearingRow;
  /** Listed minus measured, mm; only for what was measured. */
  boreMm?: number;
  outsideMm?: number;
  widthMm?: number;
  /** Sum of the differences' sizes, mm: the order of the list. */
  apartMm: number;
};

/**
 * Bearings by their sizes as measured, nearest first, with what does not match. Of those equally near, the better known one first.
 * @param withinMm how far each measured size may be from the listed one
 */
export function findBearingsBySize(
  {
    boreMm,
    outsideMm,
    widthMm,
  }: { boreMm?: number | undefined; outsideMm?: number | undefined; widthMm?: number | undefined },
  withinMm: number,
  limit = 12,
): SizeDifference[] {
  const found = BEARINGS.map((bearing): SizeDifference => {
    const apart = (listed: number, measured: number | undefined) =>
      measured === undefined ? undefined : listed - measured;
    const differences = {
      boreMm: apart(bearing.boreMm, boreMm),
      outsideMm: apart(bearing.outsideMm, outsideMm),
      widthMm: apart(bearing.widthMm, widthMm),
    };
    const known = Object.entries(differences).filter(
      (entry): entry is [string, number] => entry[1] !== undefined,
    );
    return {
      bearing,
      ...Object.fromEntries(known),
      apartMm: known.reduce((sum, [, mm]) => sum + Math.abs(mm), 0),
    };
  });
  const isNear = ({ boreMm: b = 0, outsideMm: o = 0, widthMm: w = 0 }: SizeDifference) =>
    [b, o, w].every((mm) => Math.abs(mm) <= withinMm + 1e-9);
  const rank = ({ bearing }: SizeDifference) =>
    (bearing.type === 'deep_groove' ? 0 : 1) + (bearing.confidence === 'high' ? 0 : 0.5);
  return found
    .filter(isNear)
    .sort((a, b) => a.apartMm - b.apartMm || rank(a) - rank(b))
    .slice(0, limit);
}
