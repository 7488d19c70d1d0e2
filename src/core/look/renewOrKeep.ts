import type { PlanPart } from '@/core/record/plan';
import type { PartSort, FEELS } from '@/core/record/vocabulary';

export type Feel = (typeof FEELS)[number];

/**
 * How likely a part that feels so fails before the next full service. Guesses of common practice, no source: they order, they do not
 * predict.
 */
const FAILS: Record<Feel, number> = { perfect: 0.04, fair: 0.2, doubtful: 0.5, notched: 1 };

/** Hours to get at it again. Common practice, no source. */
export const HOURS_AGAIN: Record<PlanPart['reach'], number> = { full_strip: 8, some_hours: 2, outside: 0.3 };

/** What goes with it when it fails. Common practice, no source. */
const CHAIN: Partial<Record<PartSort, string>> = {
  bearing: 'A worn bearing lets its shaft wander: the seal beside it goes next, then the seat spins.',
  seal: 'A weeping seal loses oil or draws air: the engine runs lean and hot, the bearing behind it dry.',
  sleeve: 'A worn sleeve eats new needles at once: it is part of the bearing.',
  bush: 'A slack bush loses oil pressure, and what it feeds goes with it.',
  o_ring: 'A flattened O-ring weeps where nobody sees it.',
  gasket: 'A gasket that sealed once seldom seals twice; its thickness is part of the end play.',
  retaining_ring: 'A strained retaining ring lets go, and the bearing walks.',
};

export type Weighing = {
  advice: 'renew' | 'keep';
  /** Cost of doing it later, times how likely that is; in the shop's money. */
  laterCost: number;
  price: number;
  chain: string | null;
  reason: 'notch_means_replace' | 'always_new' | 'later_costs_more' | 'price_outweighs' | 'easy_to_reach';
};

/** Seals, O-rings and gaskets that were taken out are not used again, unless perfect and reachable. */
const ALWAYS_NEW: readonly PartSort[] = ['seal', 'o_ring'];

/** Renew or keep: what it would cost to fail later against what it costs now. `price` is for all pieces. */
export function weighRenewal({
  part,
  feel,
  price,
  ratePerHour,
}: {
  part: Pick<PlanPart, 'what' | 'reach'>;
  feel: Feel;
  price: number;
  ratePerHour: number;
}): Weighing {
  const laterCost = FAILS[feel] * (HOURS_AGAIN[part.reach] * ratePerHour + price);
  const answer = (advice: Weighing['advice'], reason: Weighing['reason']): Weighing => ({
    advice,
    reason,
    laterCost,
    price,
    chain: CHAIN[part.what] ?? null,
  });
  if (feel === 'notched') return answer('renew', 'notch_means_replace');
  if (ALWAYS_NEW.includes(part.what) && part.reach !== 'outside') return answer('renew', 'always_new');
  if (laterCost >= price) return answer('renew', 'later_costs_more');
  return answer('keep', part.reach === 'outside' ? 'easy_to_reach' : 'price_outweighs');
}

export type Estimate = { parts: number; labour: number; total: number; unpriced: string[] };

/** Parts and labour; parts that are kept cost nothing, those without a price are named. */
export function estimateCost({
  parts,
  prices,
  kept,
  minutes,
  ratePerHour,
}: {
  parts: readonly PlanPart[];
  prices: Readonly<Record<string, number>>;
  kept: ReadonlySet<string>;
  minutes: number;
  ratePerHour: number;
}): Estimate {
  const renewed = parts.filter(({ key }) => !kept.has(key));
  const cost = renewed.reduce(
    (sum, { key, count, isSpent }) => sum + (prices[key] ?? 0) * count * (isSpent ? 2 : 1),
    0,
  );
  const labour = (minutes / 60) * ratePerHour;
  return {
    parts: cost,
    labour,
    total: cost + labour,
    unpriced: renewed.filter(({ key }) => !(key in prices)).map(({ name }) => name),
  };
}
