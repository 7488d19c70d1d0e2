import { describe, expect, it } from 'vitest';
import { expectCase, referenceCases } from '../../../tests/support/reference';
import { soakTemperature, timeConstantS, timeUntil, timeUntilWithin, type Soak } from './soak';

type Inputs = {
  mode: string;
  mass_kg: number;
  specific_heat_J_kgK: number;
  h_W_m2K: number;
  area_m2: number;
  start_C: number;
  surroundings_C: number;
  within_K: number;
  target_C: number;
};
const soakOf = (i: Inputs): Soak => ({
  massKg: i.mass_kg,
  specificHeatJKgK: i.specific_heat_J_kgK,
  hWM2K: i.h_W_m2K,
  areaM2: i.area_m2,
  startC: i.start_C,
  surroundingsC: i.surroundings_C,
});

describe('soak (reference: tests/reference/soak.json)', () => {
  it.each(referenceCases<Inputs>('soak', ({ mode }) => mode !== 'dew'))('$id $note', (reference) => {
    const { inputs } = reference;
    const soak = soakOf(inputs);
    const timeS =
      inputs.mode === 'within' ? timeUntilWithin(soak, inputs.within_K) : timeUntil(soak, inputs.target_C);
    expectCase({ time_constant_s: timeConstantS(soak), time_s: timeS, reachable: timeS !== null }, reference);
  });

  it('is at the target at the time it names', () => {
    const soak = soakOf(referenceCases<Inputs>('soak', ({ mode }) => mode === 'to_target')[0]!.inputs);
    expect(soakTemperature(soak, timeUntil(soak, 110)!)).toBeCloseTo(110, 9);
  });

  it('a 0.2 kg bearing is within 1 K of a −18 °C freezer in about an hour (common practice: people over-wait)', () => {
    expect(
      timeUntilWithin(
        { massKg: 0.2, specificHeatJKgK: 475, areaM2: 0.0125, hWM2K: 8, startC: 20, surroundingsC: -18 },
        1,
      ) / 60,
    ).toBeCloseTo(57.6, 0);
  });
});
