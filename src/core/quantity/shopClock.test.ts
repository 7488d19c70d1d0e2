import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { aheadMs, atPace, PACES, REAL_CLOCK, shopTime, type ShopClock } from './shopClock';

describe('the shop’s clock', () => {
  it('is the real one until somebody lets it run faster', () => {
    expect(shopTime(REAL_CLOCK, 1_700_000_000_000)).toBe(1_700_000_000_000);
    const fast = atPace(REAL_CLOCK, 1_000_000, 60);
    expect(shopTime(fast, 1_060_000)).toBe(1_000_000 + 3_600_000);
    expect(aheadMs(fast, 1_060_000)).toBe(3_540_000);
  });
  it('never jumps and never goes back, whatever paces follow each other', () =>
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.integer({ min: 0, max: 600_000 }), fc.constantFrom(...PACES)), {
          maxLength: 12,
        }),
        (turns) => {
          let [clock, realMs]: [ShopClock, number] = [REAL_CLOCK, 5_000_000];
          for (const [afterMs, pace] of turns) {
            const before = shopTime(clock, realMs);
            realMs += afterMs;
            const shown = shopTime(clock, realMs);
            expect(shown).toBeGreaterThanOrEqual(before);
            clock = atPace(clock, realMs, pace);
            expect(shopTime(clock, realMs)).toBe(shown);
            expect(aheadMs(clock, realMs)).toBeGreaterThanOrEqual(0);
          }
        },
      ),
      { seed: 4 },
    ));
});
