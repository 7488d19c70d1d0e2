import { expect, it } from 'vitest';
import { apartMm, findTooCoarse } from './decides';
import { uOf } from './sorts';

it('a caliper asked for a nip of some 30 µm is too coarse; a micrometer and a bore gauge are not', () => {
  // ISO 286-1: IT7 of 50 … 80 mm is 30 µm, of 18 … 30 mm 21 µm.
  expect(apartMm('bore', 62)).toBeCloseTo(0.03, 9);
  expect(apartMm('journal', 25)).toBeCloseTo(0.021, 9);
  expect(findTooCoarse(uOf('caliper', 0.01), 'bore', 62)).toMatchObject({ apartMm: 0.03 });
  expect(findTooCoarse(uOf('bore_gauge', 0.001), 'bore', 62)).toBeNull();
  expect(findTooCoarse(uOf('micrometer', 0.001), 'outside', 62)).toBeNull();
});

it('a caliper tells an old part from a new one; a rule does not', () => {
  expect(findTooCoarse(uOf('caliper', 0.01), 'old_outside', 62)).toBeNull();
  expect(findTooCoarse(uOf('steel_rule', 0.5), 'old_outside', 62)).not.toBeNull();
});

it('of a depth, and beyond the tables, nothing is known beforehand', () => {
  expect(findTooCoarse(uOf('steel_rule', 0.5), 'depth', null)).toBeNull();
  expect(apartMm('bore', 900)).toBeNull();
});
