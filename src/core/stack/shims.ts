import { fail, succeed, type Issue, type Result } from '@/core/quantity/result';

/**
 * Shims from stock: nearest to the target, then fewest pieces, then fewest of the thinnest, then the lexicographically larger list
 * (thickest first). Whole micrometres, so that "exactly" means exactly.
 *
 * Every total that up to `maxPieces` pieces can make is kept with its best list only (dynamic programming over sizes): the comparison
 * of two lists for one total does not change when the same pieces are added to both, so that the best of all is found.
 * Checked against: tests/reference/stack.json (brute force) and brute force over small stocks.
 */
export type ShimStock = ReadonlyMap<number, number>;

export type ShimChoice = {
  shimsUm: number[];
  totalUm: number;
  endFloatUm: number;
  errorUm: number;
  pieces: number;
};

/** More pieces than this on one shaft end is a spacer that is missing. Common practice, no source; also bounds the work. */
export const MAX_PIECES = 12;
const MAX_COUNT = 100;
const MAX_SIZES = 40;
const MAX_PLAY_UM = 6000;

/** A list as counts by size, thinnest first; `counts[i]` of `sizes[i]`. */
type Picked = { counts: readonly number[]; pieces: number };

/** Fewest pieces, then fewest of the thinnest, then more of the thickest. */
function isBetterList(a: Picked, b: Picked): boolean {
  if (a.pieces !== b.pieces) return a.pieces < b.pieces;
  const thinnest = (picked: Picked) => picked.counts[0] ?? 0;
  if (thinnest(a) !== thinnest(b)) return thinnest(a) < thinnest(b);
  for (let i = a.counts.length - 1; i >= 0; i -= 1)
    if (a.counts[i] !== b.counts[i]) return a.counts[i]! > b.counts[i]!;
  return false;
}

function checkStock(stock: ShimStock, endFloatWithoutUm: number, targetUm: number): Issue[] {
  const issues: Issue[] = [];
  for (const [field, value] of Object.entries({ endFloatWithoutUm, targetUm })) {
    if (!Number.isInteger(value)) issues.push({ code: 'not_whole', field, given: value });
    else if (Math.abs(value) > MAX_PLAY_UM)
      issues.push({ code: 'out_of_range', field, given: value, min: -MAX_PLAY_UM, max: MAX_PLAY_UM });
  }
  for (const [sizeUm, count] of stock) {
    if (!(Number.isInteger(sizeUm) && sizeUm > 0 && sizeUm <= 20_000))
      issues.push({ code: 'out_of_range', field: 'stock', given: sizeUm, min: 1, max: 20_000 });
    if (!(Number.isInteger(count) && count >= 0 && count <= MAX_COUNT))
      issues.push({ code: 'out_of_range', field: `stock.${sizeUm}`, given: count, min: 0, max: MAX_COUNT });
  }
  if (stock.size > MAX_SIZES)
    issues.push({ code: 'too_many', field: 'stock', given: stock.size, max: MAX_SIZES });
  return issues;
}

/** Best list for every total up to `upToUm` that the stock can make with at most `maxPieces` pieces. */
function bestByTotal(
  sizes: readonly number[],
  stock: ShimStock,
  maxPieces: number,
  upToUm: number,
): Map<number, Picked> {
  let best = new Map<number, Picked>([[0, { counts: sizes.map(() => 0), pieces: 0 }]]);
  sizes.forEach((size, i) => {
    const next = new Map(best);
    for (const [total, picked] of best) {
      for (
        let count = 1;
        count <= Math.min(stock.get(size)!, maxPieces - picked.pieces) && total + size * count <= upToUm;
        count += 1
      ) {
        const candidate = {
          counts: picked.counts.map((n, k) => (k === i ? count : n)),
          pieces: picked.pieces + count,
        };
        const known = next.get(total + size * count);
        if (!known || isBetterList(candidate, known)) next.set(total + size * count, candidate);
      }
    }
    best = next;
  });
  return best;
}

/** Invalid: `not_whole`, `out_of_range`, `too_many`. */
export function chooseShims({
  endFloatWithoutUm,
  targetUm,
  stock,
  maxPieces = MAX_PIECES,
}: {
  endFloatWithoutUm: number;
  targetUm: number;
  stock: ShimStock;
  maxPieces?: number;
}): Result<ShimChoice> {
  const issues = checkStock(stock, endFloatWithoutUm, targetUm);
  if (issues.length > 0) return fail(...issues);
  const sizes = [...stock.keys()].filter((size) => stock.get(size)! > 0).sort((a, b) => a - b);
  // More than twice the wanted total is farther off than no shim at all.
  const wantedUm = endFloatWithoutUm - targetUm;
  let best: { total: number; picked: Picked } | null = null;
  for (const [total, picked] of bestByTotal(sizes, stock, maxPieces, Math.max(0, 2 * wantedUm))) {
    const apart = Math.abs(total - wantedUm);
    const bestApart = best ? Math.abs(best.total - wantedUm) : Infinity;
    if (apart < bestApart || (apart === bestApart && isBetterList(picked, best!.picked)))
      best = { total, picked };
  }
  const { total, picked } = best!;
  const shimsUm = sizes
    .flatMap((size, i) => Array.from({ length: picked.counts[i]! }, () => size))
    .sort((a, b) => b - a);
  return succeed({
    shimsUm,
    totalUm: total,
    endFloatUm: endFloatWithoutUm - total,
    errorUm: wantedUm - total,
    pieces: picked.pieces,
  });
}
