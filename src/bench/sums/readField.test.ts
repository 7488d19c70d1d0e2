import { describe, expect, it } from 'vitest';
import fc from 'fast-check';
import { SUMS } from '@/core/sums/allSums';
import type { Units } from '@/core/quantity/format';
import type { Field, SpreadValue } from '@/core/sums/sum';
import { readField, readSpread, valueAsTyped } from './readField';
import { valueAt } from '@/core/quantity/dotted';

const allFields = SUMS.flatMap(({ fields }) =>
  fields.flatMap((field) => (field.kind === 'group' ? field.fields : [field])),
) as Field[];
const typedFields = allFields.filter(({ kind }) =>
  ['number', 'maybe_number', 'numbers', 'texts', 'counts', 'text'].includes(kind),
);
const UNITS: Units[] = ['metric', 'metric_um', 'imperial'];
const field = (name: string) => allFields.find((each) => each.name === name)!;
const code = (name: string, text: string, units: Units = 'metric') => {
  const read = readField(field(name), text, units);
  return read.ok ? read.value : read.issues[0]!.code;
};

describe('fields of a sum', () => {
  it('what stands in a box, read again, is the same value: every field, in every units', () => {
    expect(typedFields.length).toBeGreaterThan(100);
    for (const each of typedFields)
      for (const units of UNITS) {
        if (each.kind === 'group') continue;
        const read = readField(each, valueAsTyped(each, each.usual, units), units);
        if (!read.ok)
          throw new Error(
            `${each.name} in ${units}: ${valueAsTyped(each, each.usual, units)} ${JSON.stringify(read.issues)}`,
          );
        if (typeof each.usual === 'number')
          expect(Math.abs((read.value as number) - each.usual), each.name).toBeLessThanOrEqual(
            1e-7 * Math.max(1, Math.abs(each.usual)),
          );
        else if (each.kind === 'numbers')
          (read.value as number[]).forEach((value, i) =>
            expect(value, each.name).toBeCloseTo(each.usual[i]!, 6),
          );
        else expect(read.value, each.name).toEqual(each.usual);
      }
  });
  it.each([
    ['interference_at_20C_mm', 'tight', 'not_a_length'],
    ['interference_at_20C_mm', '12', 'beyond'],
    ['interference_at_20C_mm', '', 'empty'],
    ['torque_Nm', '20 pounds', 'unknown_unit'],
    ['housing_temperature_C', '-300', 'below_absolute_zero'],
    ['angles_deg', '0 90', 'too_few'],
    ['angles_deg', '0 90 north', 'not_a_number'],
    ['stock_um_count', '50 of 4', 'not_counts'],
    ['designation', ' ', 'empty'],
  ])('%s: “%s” is %s', (name, text, expected) => expect(code(name, text)).toBe(expected));
  it('reads lists, counts and what may be left empty', () => {
    expect(code('angles_deg', '0; 120 240')).toEqual([0, 120, 240]);
    expect(code('stock_um_count', '50x4  100×2')).toEqual({ 50: 4, 100: 2 });
    expect(code('touch_at_s', '')).toBeNull();
    expect(code('touch_at_s', '1 min')).toBe(60);
    expect(code('classes', 'H7, k6')).toEqual(['H7', 'k6']);
  });
  it('a bound is told in the reader’s units', () => {
    const read = readField(field('interference_at_20C_mm'), '900', 'imperial');
    expect(!read.ok && String(read.issues[0]!.given)).toContain('thou');
  });
  it('whatever is typed, there is a value or a reason', () =>
    fc.assert(
      fc.property(
        fc.constantFrom(...typedFields),
        fc.string({ maxLength: 30 }),
        fc.constantFrom(...UNITS),
        (each, text, units) => {
          const read = readField(each, text, units);
          expect(read.ok || read.issues[0]!.code.length > 0).toBe(true);
          if (read.ok && typeof read.value === 'number') expect(Number.isFinite(read.value)).toBe(true);
        },
      ),
      { seed: 5, numRuns: 400 },
    ));
});

describe('a measured value in two boxes', () => {
  const spread = field('depth_left_mm') as Extract<Field, { kind: 'spread' }>;
  const current: SpreadValue = { value: 42.31, u: 0.006, dist: 'normal' };
  it('its value and its doubt are read apart, and keep each other', () => {
    expect(readSpread(spread, current, 'value', '42.5', 'metric')).toMatchObject({
      ok: true,
      value: { value: 42.5, u: 0.006, dist: 'normal' },
    });
    expect(readSpread(spread, current, 'doubt', '1 thou', 'metric')).toMatchObject({
      ok: true,
      value: { value: 42.31, u: 0.0254 },
    });
    expect(
      readSpread(spread, { value: 0.3, half: 0.02, dist: 'rect' }, 'doubt', '0.05', 'metric'),
    ).toMatchObject({ ok: true, value: { half: 0.05, dist: 'rect' } });
  });
  it('a doubt below nothing is refused', () =>
    expect(readSpread(spread, current, 'doubt', '-0.01', 'metric').ok).toBe(false));
});

it('a value is found by its path', () =>
  expect(valueAt({ ring: { mass_kg: 0.2 } }, 'ring.mass_kg')).toBe(0.2));
