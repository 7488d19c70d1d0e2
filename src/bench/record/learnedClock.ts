import { REAL_CLOCK, type ShopClock } from '@/core/quantity/shopClock';

const CLOCK_KEY = 'urn-key-clock';
/** How far this browser's clock is from the server's, and how the shop's goes: known again while the server is away. */
type LearnedClock = { offsetMs: number; clock: ShopClock };
export function readLearned(): LearnedClock {
  try {
    const kept = JSON.parse(localStorage.getItem(CLOCK_KEY) ?? 'null') as Partial<LearnedClock> | null;
    return { offsetMs: Number(kept?.offsetMs) || 0, clock: kept?.clock ?? REAL_CLOCK };
  } catch {
    return { offsetMs: 0, clock: REAL_CLOCK };
  }
}
export function keepLearned(learned: LearnedClock) {
  try {
    localStorage.setItem(CLOCK_KEY, JSON.stringify(learned));
  } catch {
    /* a private window: learned again next time */
  }
}
