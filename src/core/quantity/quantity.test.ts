import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { asText, showClock, showFit, showForce, showSize, showTemperature } from './format';
import { bandOf, rootSumSquare, sizeAtReference } from './measured';
import { checkBelievable } from './believable';
import { parseLength } from './parseLength';
import { fahrenheitToCelsius, parseTemperature } from './parseTemperature';

const mm = (text: string, unit: 'mm' | 'in' = 'mm') => {
  const r = parseLength(text, unit);
  return r.ok ? r.value.mm : r.issues[0]!.code;
};

describe('lengths as people type them', () => {
  it.each([
    ['62.01', 62.01],
    ['10,7', 10.7],
    ['10.7 mm', 10.7],
    ['62.01mm', 62.01],
    ['.195in', 4.953],
    ['195 thou', 4.953],
    ['3/16', 4.7625],
    ['1/64', 0.396875],
    ['2 7/16"', 61.9125],
    ['2-7/16 in', 61.9125],
    ['12 µm', 0.012],
    ['12um', 0.012],
    ['−0.3', -0.3],
    ['+4', 4],
  ])('%s is %d mm', (text, expected) => expect(mm(text)).toBeCloseTo(expected, 9));

  it('a bare number is in the person’s unit', () => expect(mm('2.441', 'in')).toBeCloseTo(62.0014, 9));

  it.each([
    ['', 'empty'],
    ['abc', 'not_a_length'],
    ['1,234.5', 'not_a_length'],
    ['1.2.3', 'not_a_length'],
    ['12 furlong', 'unknown_unit'],
    ['3/0', 'not_a_length'],
    ['--4', 'not_a_length'],
    ['1e400', 'not_a_length'],
  ])('%s is refused as %s', (text, code) => expect(mm(text)).toBe(code));

  it('never gives a number that is none, whatever is typed', () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 30 }), (text) => {
        const r = parseLength(text, 'mm');
        return !r.ok || Number.isFinite(r.value.mm);
      }),
      { seed: 3, numRuns: 500 },
    );
  });

  it('what is shown and typed again is the same', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.5, max: 300, noNaN: true }),
        (value) => Math.abs((mm(asText(showSize(value, 'metric'))) as number) - value) <= 0.0005000001,
      ),
      { seed: 4 },
    );
    fc.assert(
      fc.property(
        fc.double({ min: 0.5, max: 300, noNaN: true }),
        (value) =>
          Math.abs((mm(asText(showSize(value, 'imperial'))) as number) - value) <= 0.00005 * 25.4 + 1e-9,
      ),
      { seed: 5 },
    );
  });
});

describe('a size that cannot be', () => {
  const at62 = (value: number) => {
    const r = checkBelievable({ mm: value, expectedMm: 62, withinMm: 3, field: 'bore' });
    return r.ok ? 'ok' : r.issues[0]!.code;
  };
  it.each([
    [62.01, 'ok'],
    [63, 'ok'],
    [2.44, 'looks_like_inches'],
    [62 * 25.4, 'looks_like_mm'],
    [2441, 'looks_like_thou'],
    [12, 'impossible_size'],
    [-62, 'impossible_size'],
  ])('%d mm where 62 belongs: %s', (value, verdict) => expect(at62(value)).toBe(verdict));
});

describe('temperatures', () => {
  it.each([
    ['110', 'C', 110],
    ['250F', 'C', 121.111],
    ['−18 °C', 'C', -18],
    ['250', 'F', 121.111],
    ['120 c', 'F', 120],
  ] as const)('%s (%s) is %d °C', (text, unit, expected) => {
    const r = parseTemperature(text, unit);
    expect(r.ok && r.value.celsius).toBeCloseTo(expected, 2);
  });
  it.each([
    ['warm', 'not_a_temperature'],
    ['', 'empty'],
    ['-300', 'below_absolute_zero'],
  ])('%s is refused as %s', (text, code) => {
    const r = parseTemperature(text, 'C');
    expect(r.ok ? 'ok' : r.issues[0]!.code).toBe(code);
  });
  it('fixed points: 32 °F is 0 °C, 212 °F is 100 °C', () =>
    expect([32, 212].map(fahrenheitToCelsius)).toEqual([0, 100]));
});

describe('measured values', () => {
  it('a magnesium case at 38 °C reads 16 µm loose on 35 mm', () => {
    const true20 = 35;
    const read = true20 * (1 + 26e-6 * 18);
    expect((read - true20) * 1000).toBeCloseTo(16.4, 1);
    expect(sizeAtReference({ readingMm: read, partC: 38, partAlphaPerK: 26e-6 })).toBeCloseTo(true20, 9);
  });
  it('doubts add up as the root of squares (3, 4 → 5)', () =>
    expect(bandOf({ value: 0, u: rootSumSquare(3, 4) })).toEqual({ low: -10, high: 10 }));
});

describe('what people read', () => {
  it('sizes, fits, temperatures and forces in the person’s units', () => {
    expect(showSize(71.9534, 'metric')).toEqual({ figure: '71.953', unit: 'mm' });
    expect(showSize(25.4, 'imperial')).toEqual({ figure: '1.0000', unit: 'in' });
    expect(showFit(-0.042, 'metric_um')).toEqual({ figure: '−42', unit: 'µm' });
    expect(showFit(0.0254, 'imperial')).toEqual({ figure: '1.0', unit: 'thou' });
    expect(showTemperature(-18, 'metric')).toEqual({ figure: '−18', unit: '°C' });
    expect(showTemperature(100, 'imperial')).toEqual({ figure: '212', unit: '°F' });
    expect(showForce(6102, 'metric')).toEqual({ figure: '6.1', unit: 'kN' });
    expect(showForce(4448.2216, 'imperial')).toEqual({ figure: '1,000', unit: 'lbf' });
    expect(showFit(-0.0001, 'metric_um').figure).toBe('0');
  });
  it('clocks', () =>
    expect([41, 380, 3725, 0, -5].map(showClock)).toEqual(['0:41', '6:20', '1:02:05', '0:00', '0:05']));
});
