import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { expectCase, referenceCases } from '../../../tests/support/reference';
import {
  clearanceAt,
  freeTemperature,
  holdableTiltMm,
  housingTemperatureFor,
  leastClearanceMm,
  ringTemperatureFor,
  type Pair,
} from './expansion';

type Inputs = {
  mode: string;
  interface_diameter_mm: number;
  interference_at_20C_mm: number;
  housing_alpha_per_K: number;
  ring_alpha_per_K: number;
  shaft_alpha_per_K: number;
  ring_temperature_C: number;
  housing_temperature_C: number;
  shaft_temperature_C: number;
  wanted_clearance_mm: number;
};

const pairOf = (inputs: Inputs): Pair => ({
  diameterMm: inputs.interface_diameter_mm,
  interferenceMm: inputs.interference_at_20C_mm,
  ringAlphaPerK: inputs.ring_alpha_per_K,
  housingAlphaPerK: inputs.housing_alpha_per_K,
});

/** First-order form: the same with d in place of the bore in the slope. */
const firstOrder = (i: Inputs) =>
  20 +
  (i.interference_at_20C_mm +
    i.wanted_clearance_mm +
    i.interface_diameter_mm * i.ring_alpha_per_K * (i.ring_temperature_C - 20)) /
    (i.interface_diameter_mm * i.housing_alpha_per_K);

const answers: Record<string, (inputs: Inputs) => Record<string, unknown>> = {
  housing_temperature: (i) => ({
    housing_temperature_C: housingTemperatureFor(pairOf(i), {
      ringC: i.ring_temperature_C,
      clearanceMm: i.wanted_clearance_mm,
    }),
    housing_temperature_first_order_C: firstOrder(i),
  }),
  ring_temperature: (i) => ({
    ring_temperature_C: ringTemperatureFor(pairOf(i), {
      housingC: i.housing_temperature_C,
      clearanceMm: i.wanted_clearance_mm,
    }),
  }),
  fit_at_temperature: (i) => {
    const clearance = clearanceAt(pairOf(i), {
      ringC: i.ring_temperature_C,
      housingC: i.housing_temperature_C,
    });
    return {
      clearance_mm: clearance,
      interference_mm: -clearance,
      loose_uniform_temperature_C: freeTemperature(pairOf(i)),
    };
  },
  // A race heated for its shaft: the race is the "housing", the shaft the "ring" that goes in.
  heated_ring_on_shaft: (i) => ({
    ring_temperature_C: housingTemperatureFor(
      {
        diameterMm: i.interface_diameter_mm,
        interferenceMm: i.interference_at_20C_mm,
        ringAlphaPerK: i.shaft_alpha_per_K,
        housingAlphaPerK: i.ring_alpha_per_K,
      },
      { ringC: i.shaft_temperature_C, clearanceMm: i.wanted_clearance_mm },
    ),
  }),
};

describe('expansion (reference: tests/reference/thermal_fit.json)', () => {
  it.each(referenceCases<Inputs>('thermal_fit'))('$id $note', (reference) =>
    expectCase(answers[reference.inputs.mode]!(reference.inputs), reference),
  );

  it('holdable tilt: 62 × 17 with 31 µm is 0.11 mm', () => {
    expect(holdableTiltMm({ clearanceMm: 0.031, diameterMm: 62, widthMm: 17 })).toBeCloseTo(0.11, 2);
  });

  it('least clearance: 20 µm for small seats, 0.0005·D for large ones', () => {
    expect(leastClearanceMm(35)).toBe(0.02);
    expect(leastClearanceMm(62)).toBeCloseTo(0.031, 9);
  });

  it('like metals have no free temperature', () => {
    expect(
      freeTemperature({
        diameterMm: 48,
        interferenceMm: 0.028,
        ringAlphaPerK: 11.8e-6,
        housingAlphaPerK: 11.8e-6,
      }),
    ).toBeNull();
  });

  const anyPair = fc.record({
    diameterMm: fc.double({ min: 10, max: 150, noNaN: true }),
    interferenceMm: fc.double({ min: -0.05, max: 0.1, noNaN: true }),
    ringAlphaPerK: fc.constant(12e-6),
    housingAlphaPerK: fc.double({ min: 20e-6, max: 27e-6, noNaN: true }),
  });

  it('more heat never closes the gap in a light-alloy seat', () => {
    fc.assert(
      fc.property(
        anyPair,
        fc.double({ min: 0, max: 180, noNaN: true }),
        fc.double({ min: 0.1, max: 40, noNaN: true }),
        (pair, housingC, moreK) =>
          clearanceAt(pair, { ringC: -18, housingC: housingC + moreK }) >
          clearanceAt(pair, { ringC: -18, housingC }),
      ),
      { seed: 20 },
    );
  });

  it('the needed temperature gives just the wanted clearance', () => {
    fc.assert(
      fc.property(
        anyPair,
        fc.double({ min: -30, max: 30, noNaN: true }),
        fc.double({ min: 0, max: 0.1, noNaN: true }),
        (pair, ringC, clearanceMm) => {
          const housingC = housingTemperatureFor(pair, { ringC, clearanceMm });
          return Math.abs(clearanceAt(pair, { ringC, housingC }) - clearanceMm) < 1e-9;
        },
      ),
      { seed: 21 },
    );
  });
});

describe('more heat', () => {
  it('more heat never closes the gap in a light-alloy seat, and never lowers the chance where the band stays the same', () =>
    fc.assert(
      fc.property(
        fc.double({ min: -20, max: 180, noNaN: true }),
        fc.double({ min: 0.1, max: 60, noNaN: true }),
        (c, more) => {
          const pair = {
            diameterMm: 62,
            interferenceMm: 0.03,
            ringAlphaPerK: 12e-6,
            housingAlphaPerK: 21.8e-6,
          };
          expect(clearanceAt(pair, { ringC: 20, housingC: c + more })).toBeGreaterThan(
            clearanceAt(pair, { ringC: 20, housingC: c }),
          );
          expect(clearanceAt(pair, { ringC: c + more, housingC: c + more })).toBeGreaterThan(
            clearanceAt(pair, { ringC: c, housingC: c }),
          );
        },
      ),
      { seed: 2 },
    ));
});
