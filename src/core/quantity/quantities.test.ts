import { describe, expect, it } from 'vitest';
import fc from 'fast-check';
import { unit } from 'mathjs';
import { asText, type Units } from './format';
import { bareFigure, parseQuantity, quantityAsTyped, showQuantity } from './quantities';
import type { Quantity } from './units';

const read = (text: string, quantity: Quantity, units: Units = 'metric') => {
  const parsed = parseQuantity(text, quantity, units);
  return parsed.ok ? parsed.value : parsed.issues[0]!.code;
};

describe('what people type', () => {
  it.each([
    ['.195', 'size_mm', 'imperial', 4.953],
    ['195 thou', 'size_mm', 'metric', 4.953],
    ['1/64', 'size_mm', 'metric', 0.396875],
    ['10,7', 'size_mm', 'metric', 10.7],
    ['62.01mm', 'size_mm', 'imperial', 62.01],
    ['250F', 'celsius', 'metric', 121.111],
    ['−18', 'celsius', 'metric', -18],
    ['11 ft-lb', 'newton_metre', 'metric', 14.914],
    ['20nm', 'newton_metre', 'metric', 20],
    ['20 N·m', 'newton_metre', 'imperial', 20],
    ['130 in-lb', 'newton_metre', 'metric', 14.688],
    ['12', 'fit_um', 'metric', 12],
    ['0.012 mm', 'fit_um', 'metric', 12],
    ['12', 'fit_mm', 'metric_um', 0.012],
    ['1', 'fit_mm', 'imperial', 0.0254],
    ['6 psi', 'bar', 'metric', 0.41369],
    ['21.8', 'per_kelvin', 'metric', 21.8e-6],
    ['2.18e-5', 'per_kelvin', 'metric', 2.18e-5],
    ['5 min', 'second', 'metric', 300],
    ['200 g', 'kilogram', 'metric', 0.2],
    ['7 oz', 'kilogram', 'metric', 0.19845],
    ['125 cm²', 'square_metre', 'metric', 0.0125],
    ['98 %', 'share', 'metric', 0.98],
    ['2000 lbf', 'kilonewton', 'metric', 8.8964],
    ['0.5 l', 'cubic_cm', 'metric', 500],
  ] as const)('%s as %s (%s)', (text, quantity, units, value) =>
    expect(read(text, quantity, units)).toBeCloseTo(value, Math.abs(value) < 1e-3 ? 9 : 3),
  );
  it.each([
    ['', 'newton_metre', 'empty'],
    ['hot', 'megapascal', 'not_a_number'],
    ['5 stone', 'kilogram', 'unknown_unit'],
    ['1,234.5', 'bar', 'not_a_number'],
    ['5 mm', 'celsius', 'not_a_temperature'],
    ['--3', 'second', 'not_a_number'],
  ] as const)('“%s” as %s is refused: %s', (text, quantity, code) => expect(read(text, quantity)).toBe(code));
});

describe('factors against a unit library (mathjs)', () => {
  it.each([
    ['lbf', 'newton', 'N', 1],
    ['lbf', 'kilonewton', 'N', 1000],
    ['psi', 'bar', 'bar', 1],
    ['psi', 'megapascal', 'MPa', 1],
    ['lb', 'kilogram', 'kg', 1],
    ['oz', 'kilogram', 'kg', 1],
    ['min', 'second', 's', 1],
    ['cm2', 'square_metre', 'm2', 1],
    ['in2', 'square_mm', 'mm2', 1],
    ['kgf', 'newton', 'N', 1],
  ] as const)('1 %s', (word, quantity, target, per) => {
    const name =
      word === 'lb'
        ? 'lbm'
        : word === 'min'
          ? 'minute'
          : word === 'oz'
            ? 'ounce'
            : word === 'in2'
              ? 'sqin'
              : word;
    expect((read(`1 ${word}`, quantity) as number) * per).toBeCloseTo(
      name === 'kgf' ? 9.80665 : unit(1, name).toNumber(target),
      7,
    );
  });
  it('1 ft·lbf is a foot times a pound-force', () =>
    expect(read('1 ft-lb', 'newton_metre')).toBeCloseTo(
      unit('1 ft').toNumber('m') * unit('1 lbf').toNumber('N'),
      9,
    ));
});

const QUANTITIES: Quantity[] = [
  'size_mm',
  'fit_mm',
  'fit_um',
  'celsius',
  'kelvin',
  'newton',
  'kilonewton',
  'newton_metre',
  'megapascal',
  'bar',
  'second',
  'kilogram',
  'square_metre',
  'square_mm',
  'cubic_cm',
  'degree',
  'per_kelvin',
  'ratio',
  'share',
  'percent',
  'plain',
  'metre',
];
const UNITS: Units[] = ['metric', 'metric_um', 'imperial'];

describe.each(QUANTITIES)('%s', (quantity) => {
  const size: Partial<Record<Quantity, number>> = { per_kelvin: 1e-4, metre: 0.5 };
  const value = fc
    .double({ min: 0.001, max: 1, noNaN: true })
    .map((share) => share * (size[quantity] ?? 500));
  it('printed and typed again is the same, to the last printed digit; and printing that again changes nothing', () =>
    fc.assert(
      fc.property(value, fc.constantFrom(...UNITS), (given, units) => {
        const shown = asText(showQuantity(given, quantity, units));
        const again = read(shown, quantity, units);
        expect(again, shown).toBeTypeOf('number');
        // Digits behind the point say how far rounding can have gone; a time over 100 s is shown in minutes.
        const figure = showQuantity(given, quantity, units).figure;
        const lastDigit = read(
          `${figure.replace(/\d/g, '0').replace(/0$/, '1')} ${showQuantity(given, quantity, units).unit}`.trim(),
          quantity,
          units,
        ) as number;
        const zero = quantity === 'celsius' ? (read('0', quantity, units) as number) : 0;
        expect(Math.abs((again as number) - given), shown).toBeLessThanOrEqual(
          0.5000001 * Math.abs(lastDigit - zero) + 1e-12,
        );
        expect(asText(showQuantity(again as number, quantity, units))).toBe(shown);
      }),
      { seed: 42, numRuns: 60 },
    ));
  it('a field that is opened and sent changes nothing, in any units', () =>
    fc.assert(
      fc.property(value, fc.constantFrom(...UNITS), (given, units) => {
        for (const text of [quantityAsTyped(given, quantity, units), bareFigure(given, quantity, units)]) {
          const again = read(text, quantity, units);
          expect(Math.abs((again as number) - given), text).toBeLessThanOrEqual(
            2e-8 * Math.max(1, Math.abs(given)),
          );
        }
      }),
      { seed: 43, numRuns: 60 },
    ));
});
