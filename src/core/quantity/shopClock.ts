/** How fast a rehearsed heat may run: an hour in the oven in a minute, at most. */
export const PACES = [1, 5, 20, 60] as const;
export type Pace = (typeof PACES)[number];

/**
 * The shop's clock: at `realMs` (ms since the epoch) it showed `shopMs`, and goes on from there `pace` times as fast. It is the real one
 * wherever anything real is on the bench; a rehearsal may run faster, and then stays ahead.
 */
export type ShopClock = { realMs: number; shopMs: number; pace: Pace };

export const REAL_CLOCK: ShopClock = { realMs: 0, shopMs: 0, pace: 1 };

/** What the shop's clock shows at a real moment, both in ms since the epoch. */
export const shopTime = ({ realMs, shopMs, pace }: ShopClock, atRealMs: number): number =>
  shopMs + (atRealMs - realMs) * pace;

/** The same clock at another pace from this real moment on: it never jumps. */
export const atPace = (clock: ShopClock, realMs: number, pace: Pace): ShopClock => ({
  realMs,
  shopMs: shopTime(clock, realMs),
  pace,
});

/** How far it is ahead of the real one, ms. */
export const aheadMs = (clock: ShopClock, realMs: number): number => shopTime(clock, realMs) - realMs;
