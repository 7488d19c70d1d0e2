import { describe, expect, it } from 'vitest';
import { demo, seatOf } from '../../../tests/support/records';
import { BORE_SLOTS, familyOf, parseSlot, readSlot, SLOT_FAMILIES, slotOf, slotText } from './slots';

/** Texts of slots as they stand in every record that was ever made (`bore.2.90`): they must be read for good. */
describe('a slot', () => {
  it.each([
    ['bore.1.0', { family: 'bore', plane: 1, pass: 0, angleDeg: 0 }],
    ['bore.2.60', { family: 'bore', plane: 2, pass: 0, angleDeg: 60 }],
    ['outside.90', { family: 'outside', plane: 0, pass: 0, angleDeg: 90 }],
    ['old_inside.0', { family: 'old_inside', plane: 0, pass: 0, angleDeg: 0 }],
    ['depth.12.285', { family: 'depth', plane: 0, pass: 12, angleDeg: 285 }],
    ['temperature.casting', { family: 'temperature', plane: 0, pass: 0, angleDeg: 0 }],
  ] as const)('%s is read, and written the same', (text, slot) => {
    expect(parseSlot(text)).toEqual(slotOf(slot.family, slot));
    expect(slotText(slotOf(slot.family, slot))).toBe(text);
  });

  it.each([
    'bore.3.0',
    'bore.1.45',
    'bore.1',
    'bore.1.0.0',
    'outside.45',
    'width.90',
    'depth.0.0',
    'depth.100.0',
    'depth.1.360',
    'temperature.0',
    'toString.0',
    'bore.01.0',
    ' bore.1.0',
    '',
  ])('“%s” is none', (text) => {
    expect(parseSlot(text)).toBeNull();
    expect(() => readSlot(text)).toThrow();
  });

  it('has a size that belongs there, from its seat; depths and temperatures have none', () => {
    const { spec } = seatOf(demo('Merrow twin'), 'Camshaft');
    const sizes = { part: spec.part, shaftMm: null };
    expect(familyOf(BORE_SLOTS[0]!).expectedMm(sizes)).toBe(spec.part.outsideMm);
    expect(familyOf(slotOf('inside')).expectedMm(sizes)).toBe(spec.part.boreMm);
    expect(familyOf(slotOf('depth', { pass: 1 })).expectedMm(sizes)).toBeNull();
    expect(familyOf(slotOf('journal')).expectedMm({ ...sizes, shaftMm: 20 })).toBe(20);
  });

  it('every family says whose it is, what it is read with, and what it is called', () => {
    for (const { owner, instrument, words } of Object.values(SLOT_FAMILIES))
      expect([owner, instrument, words].every((each) => each.length > 0)).toBe(true);
  });
});
