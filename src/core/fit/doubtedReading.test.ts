import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { findDoubted } from './doubtedReading';

const read = (...mms: number[]) => findDoubted(mms.map((mm) => ({ mm, earlier: [] })));

describe('a reading that stands alone', () => {
  it('is doubted before the bore is: half a millimetre off among its fellows', () => {
    expect(read(61.981, 61.982, 61.481, 61.98)).toEqual({ index: 2, mm: 61.481, fellowsMm: 61.981 });
    expect(read(16.2, 46.98, 46.981)).toMatchObject({ index: 0 });
  });
  it('is none among two, and none in a bore that is worn all over', () => {
    expect(read(61.98, 61.48)).toBeNull();
    // Oval by a tenth and more: the others are spread too.
    expect(read(62.02, 62.14, 62.03, 62.15)).toBeNull();
  });
  it('read twice alike, it is what is there', () => {
    const others = [61.98, 61.982, 61.981].map((mm) => ({ mm, earlier: [] }));
    expect(findDoubted([...others, { mm: 61.48, earlier: [61.481] }])).toBeNull();
    expect(findDoubted([...others, { mm: 61.48, earlier: [61.98] }])).toMatchObject({ index: 3 });
  });
  it('fellows that agree within a hundredth never doubt one another', () =>
    fc.assert(
      fc.property(
        fc.double({ min: 10, max: 120, noNaN: true }),
        fc.array(fc.double({ min: -0.005, max: 0.005, noNaN: true }), { minLength: 3, maxLength: 8 }),
        (sizeMm, offs) => {
          expect(read(...offs.map((off) => sizeMm + off))).toBeNull();
        },
      ),
      { seed: 7 },
    ));
});
