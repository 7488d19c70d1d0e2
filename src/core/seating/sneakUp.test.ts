import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { sneakUp } from './sneakUp';

describe('drawing in to a number (turns = travel / pitch)', () => {
  const rod = { targetMm: 5, withinMm: 0.1, pitchMm: 1.5 };
  it('far off, it turns three quarters of what is left, in whole turns and degrees', () => {
    // 9 mm to go, 6.75 of them now: four turns and a half.
    expect(sneakUp({ ...rod, reachedMm: { value: -4, u: 0.02 } })).toEqual({
      call: 'turn_and_read',
      travelMm: 6.75,
      turns: 4,
      degrees: 180,
    });
  });
  it('near, the last bit; there, no further; beyond, by how much', () => {
    expect(sneakUp({ ...rod, reachedMm: { value: 4.75, u: 0.02 } })).toMatchObject({
      call: 'last_bit',
      turns: 0,
      degrees: expect.closeTo(60, 6),
    });
    expect(sneakUp({ ...rod, reachedMm: { value: 4.95, u: 0.02 } }).call).toBe('stop');
    expect(sneakUp({ ...rod, reachedMm: { value: 5.3, u: 0.02 } })).toEqual({
      call: 'too_deep',
      byMm: expect.closeTo(0.3, 9),
    });
  });
  it('a coarse gauge stops earlier before each reading, and claims “too deep” later', () => {
    const fine = sneakUp({ ...rod, reachedMm: { value: 3, u: 0.01 } });
    const coarse = sneakUp({ ...rod, reachedMm: { value: 3, u: 0.3 } });
    expect(coarse).toMatchObject({ call: 'turn_and_read' });
    expect('travelMm' in fine && 'travelMm' in coarse && coarse.travelMm < fine.travelMm).toBe(true);
    expect(sneakUp({ ...rod, reachedMm: { value: 5.3, u: 0.3 } }).call).not.toBe('too_deep');
  });
  it('followed as it says, it comes there and never passes it, whatever the gauge and the pitch', () =>
    fc.assert(
      fc.property(
        fc.record({
          startMm: fc.double({ min: -30, max: 4, noNaN: true }),
          targetMm: fc.double({ min: 5, max: 40, noNaN: true }),
          u: fc.double({ min: 0.005, max: 0.05, noNaN: true }),
          pitchMm: fc.constantFrom(1, 1.25, 1.5, 1.75, 2),
        }),
        ({ startMm, targetMm, u, pitchMm }) => {
          let value = startMm;
          for (let i = 0; i < 40; i += 1) {
            const next = sneakUp({ reachedMm: { value, u }, targetMm, withinMm: 0.15, pitchMm });
            if (next.call === 'stop') return Math.abs(targetMm - value) <= 0.15;
            if (next.call === 'too_deep') return false;
            // What the turns and degrees say is what the travel is.
            expect((next.turns + next.degrees / 360) * pitchMm).toBeCloseTo(next.travelMm, 6);
            // A reading is off by two u at the most: truly it may be that much deeper already.
            if (next.call === 'turn_and_read') expect(value + 2 * u + next.travelMm).toBeLessThan(targetMm);
            value += next.travelMm;
          }
          return false;
        },
      ),
    ));
});
