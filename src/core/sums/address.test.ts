import { describe, expect, it } from 'vitest';
import fc from 'fast-check';
import { readAddress, usualInputs, writeAddress } from './address';
import { SUMS } from './allSums';
import { findByWords } from './findByWords';
import { sumPath, type Field } from './sum';

const anyOf = (field: Field): fc.Arbitrary<unknown> => {
  switch (field.kind) {
    case 'number':
      return fc.double({ min: field.min, max: field.max, noNaN: true }).map((x) => x + 0);
    case 'maybe_number':
      return fc.option(fc.double({ min: field.min, max: field.max, noNaN: true }));
    case 'choice':
      return fc.constantFrom(...field.options.map(({ value }) => value));
    case 'flag':
      return fc.boolean();
    case 'numbers':
      return fc.array(fc.integer({ min: 0, max: 400 }), { maxLength: 6 });
    case 'spread':
      return fc.oneof(
        fc.record({
          value: fc.double({ min: -900, max: 900, noNaN: true }).map((x) => x + 0),
          u: fc.double({ min: 0, max: 1, noNaN: true }),
          dist: fc.constant('normal'),
        }),
        fc.record({ value: fc.integer(), half: fc.integer({ min: 0 }), dist: fc.constant('rect') }),
      );
    case 'counts':
      return fc.dictionary(fc.integer({ min: 1, max: 999 }).map(String), fc.nat(9), {
        maxKeys: 4,
        noNullPrototype: true,
      });
    case 'text':
      return fc.constantFrom('6206-2RS C3', 'NJ 206', '60/28');
    case 'texts':
      return fc.subarray(['H7', 'N7', 'k6']);
    case 'group':
      return fc.record(Object.fromEntries(field.fields.map((inner) => [inner.name, anyOf(inner)])));
  }
};

describe('a link shares a sum as it stands', () => {
  it.each(SUMS.map((sum) => [sumPath(sum), sum] as const))(
    '%s: written into an address and read again is the same',
    (_, { fields }) =>
      fc.assert(
        fc.property(
          fc.record(Object.fromEntries(fields.map((field) => [field.name, anyOf(field)]))),
          (inputs) => {
            const text = writeAddress(fields, inputs).toString();
            expect(readAddress(fields, Object.fromEntries(new URLSearchParams(text)))).toEqual(inputs);
          },
        ),
        { seed: 12, numRuns: 25 },
      ),
  );
  it('usual values need no address, and nonsense in one is as usual', () => {
    const { fields } = SUMS[0]!;
    expect(writeAddress(fields, usualInputs(fields)).toString()).toBe('');
    expect(readAddress(fields, { interface_diameter_mm: 'wide', nonsense: '1' })).toEqual(
      usualInputs(fields),
    );
  });
});

describe('found by typing', () => {
  const words = (sum: (typeof SUMS)[number]) => `${sum.title} ${sum.keywords} ${sum.lead}`;
  it.each([
    ['shim stock', 'stack/best_shims'],
    ['seconds', 'drop_window/lumped'],
    ['infra', 'thermometer'],
    ['turns left', 'press_rod/travel'],
    ['circlip', 'rings_seals'],
    ['warm up', 'running_clearance'],
  ])('%s → %s', (typed, path) => {
    expect(findByWords(SUMS, typed, words).map(sumPath).slice(0, 3)).toContain(path);
  });
  it('nothing typed shows all, nonsense shows none', () =>
    expect([findByWords(SUMS, ' ', words).length, findByWords(SUMS, 'zzz', words).length]).toEqual([
      SUMS.length,
      0,
    ]));
});
