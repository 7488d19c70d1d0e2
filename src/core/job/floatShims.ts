import { succeed, type Result } from '@/core/quantity/result';
import { chooseShims, type ShimChoice } from '@/core/stack/shims';
import type { StockItem } from '@/core/tools/stock';
import type { FloatView } from './floatView';

/** Shims from the shelf: nearest to the middle of what is wanted, on the bench; split so that the shaft stands in the middle. */
export type ShimPick = {
  leftMm: number[];
  rightMm: number[];
  /** What is left with them in, on the bench, mm. */
  roomMm: number;
  /** How far off the middle the shaft then stands, mm; positive: toward the left. */
  offMiddleMm: number;
};

/** As many as are put to a person at once. */
const PICKS = 3;

/** Sizes and counts of the shelf, whole µm. */
export const shimStock = (stock: readonly StockItem[]): Map<number, number> => {
  const counts = new Map<number, number>();
  for (const { sort, widthMm, count } of stock)
    if (sort === 'shim' && widthMm !== null && count > 0) {
      const um = Math.round(widthMm * 1000);
      counts.set(um, (counts.get(um) ?? 0) + count);
    }
  return counts;
};

/** The split of some pieces between the two sides that is nearest to what the sides lack. */
function splitFor(
  shimsUm: readonly number[],
  wantedDiffUm: number,
): { left: number[]; right: number[]; offUm: number } {
  let best = { left: [...shimsUm], right: [] as number[], offUm: Infinity };
  // A dozen pieces at the most: every way is tried.
  for (let ways = 0; ways < 2 ** shimsUm.length; ways += 1) {
    const left = shimsUm.filter((_, i) => ways & (1 << i));
    const right = shimsUm.filter((_, i) => !(ways & (1 << i)));
    const sum = (list: readonly number[]) => list.reduce((total, um) => total + um, 0);
    const offUm = (sum(left) - sum(right) - wantedDiffUm) / 2;
    if (Math.abs(offUm) < Math.abs(best.offUm)) best = { left, right, offUm };
  }
  return best;
}

const asPick = ({ shimsUm, endFloatUm }: ShimChoice, wantedDiffUm: number): ShimPick => {
  const { left, right, offUm } = splitFor(shimsUm, wantedDiffUm);
  return {
    leftMm: left.map((um) => um / 1000),
    rightMm: right.map((um) => um / 1000),
    roomMm: endFloatUm / 1000,
    offMiddleMm: offUm / 1000,
  };
};

/**
 * The best pick and what comes next to it, each without one of the sizes of the best.
 * @param gapLeftMm, gapRightMm how much wider the left gap is than the right without shims; 0 where it is not known
 * Invalid: as `chooseShims`.
 */
export function pickShims(
  { result, low, high }: Pick<FloatView, 'result' | 'low' | 'high'>,
  stock: readonly StockItem[],
  { leftMinusRightMm = 0 }: { leftMinusRightMm?: number } = {},
): Result<ShimPick[]> {
  if (result.sort !== 'room') return succeed([]);
  const endFloatWithoutUm = Math.round(result.room.bareMm.value * 1000);
  const targetUm = Math.round(((low + high) / 2) * 1000);
  const counts = shimStock(stock);
  const wantedDiffUm = Math.round(leftMinusRightMm * 1000);
  const best = chooseShims({ endFloatWithoutUm, targetUm, stock: counts });
  if (!best.ok) return best;
  const others = [...new Set(best.value.shimsUm)].flatMap((size) => {
    const without = new Map(counts);
    without.delete(size);
    const choice = chooseShims({ endFloatWithoutUm, targetUm, stock: without });
    return choice.ok ? [choice.value] : [];
  });
  const sorted = others.sort((a, b) => Math.abs(a.errorUm) - Math.abs(b.errorUm));
  const seen = new Set<string>();
  const different = [best.value, ...sorted].filter(({ shimsUm }) => {
    const name = shimsUm.join(',');
    return seen.has(name) ? false : seen.add(name);
  });
  return succeed(different.slice(0, PICKS).map((choice) => asPick(choice, wantedDiffUm)));
}
