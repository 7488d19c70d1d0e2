import { describe, expect, it } from 'vitest';
import { answer } from '../../../tests/support/answer';

/**
 * Worked numbers from outside: textbook examples (from memory where it is said) and figures of the trade, asked for as a user of the
 * API asks. Tolerance: half the last printed digit, or what the reason beside it says.
 */
const STEEL = { ring_E_MPa: 207_000, ring_nu: 0.292, housing_E_MPa: 207_000, housing_nu: 0.292 };

describe('press fits', () => {
  it('solid steel shaft in a steel hub, like metals: p = δ·E·(D² − d²)/(2·d·D²) (Shigley, ch. 3, from memory)', () => {
    const found = answer('lame', {
      ...STEEL,
      interference_diametral_mm: 0.05,
      interface_diameter_mm: 50,
      ring_bore_diameter_mm: 0,
      housing_outer_diameter_mm: 100,
      length_mm: 40,
      friction: 0.15,
    });
    expect(found.pressure_MPa).toBeCloseTo((0.05 * 207_000 * (100 ** 2 - 50 ** 2)) / (2 * 50 * 100 ** 2), 9);
    expect(found.ring_hoop_interface_MPa).toBeCloseTo(-found.pressure_MPa!, 9);
  });
  it('hoop stress of a thick cylinder under inner pressure: p·(b² + a²)/(b² − a²) (Timoshenko, Strength of Materials II, from memory)', () => {
    const found = answer('lame', {
      ...STEEL,
      interference_diametral_mm: 0.02,
      interface_diameter_mm: 40,
      ring_bore_diameter_mm: 20,
      housing_outer_diameter_mm: 80,
      length_mm: 10,
      friction: 0.1,
    });
    expect(found.housing_hoop_max_MPa! / found.pressure_MPa!).toBeCloseTo(
      (80 ** 2 + 40 ** 2) / (80 ** 2 - 40 ** 2),
      9,
    );
    expect(found.ring_hoop_inner_MPa! / found.pressure_MPa!).toBeCloseTo(
      (-2 * 40 ** 2) / (40 ** 2 - 20 ** 2),
      9,
    );
  });
  it('what the race gives and the boss gives add up to the nip', () => {
    const found = answer('lame', {
      ring_material: 'bearing_steel',
      housing_material: 'az91',
      interference_diametral_mm: 0.03,
      interface_diameter_mm: 62,
      ring_bore_diameter_mm: 53.8,
      housing_outer_diameter_mm: 78,
      length_mm: 16,
      friction: 0.1,
    });
    expect(found.ring_od_contraction_mm! + found.housing_bore_growth_mm!).toBeCloseTo(0.03, 12);
  });
  it('clearance needs no push', () =>
    expect(
      answer('lame', {
        ...STEEL,
        interference_diametral_mm: -0.02,
        interface_diameter_mm: 40,
        ring_bore_diameter_mm: 20,
        housing_outer_diameter_mm: 80,
        length_mm: 10,
        friction: 0.1,
      }).axial_push_force_kN,
    ).toBe(0));
});

describe('heat', () => {
  it('62 mm in aluminium, 30 µm: free above 68 °C (within a degree: α of the text is 22)', () => {
    const found = answer('thermal_fit', {
      mode: 'fit_at_temperature',
      interface_diameter_mm: 62,
      interference_at_20C_mm: 0.03,
      housing_alpha_per_K: 22e-6,
      ring_alpha_per_K: 12e-6,
      housing_temperature_C: 20,
      ring_temperature_C: 20,
    });
    expect(Math.abs(found.loose_uniform_temperature_C! - 68)).toBeLessThan(1);
    expect(found.interference_mm).toBeCloseTo(0.03, 12);
  });
  it('± 8 K on both: U 25 µm on 62 mm in aluminium', () =>
    expect(
      1000 *
        answer('thermal_fit', {
          mode: 'fit_at_temperature',
          interface_diameter_mm: 62,
          interference_at_20C_mm: 0.03,
          housing_material: 'alsi9cu3',
          ring_material: 'bearing_steel',
          housing_temperature_C: 85,
          ring_temperature_C: 90,
        }).U_from_8K_mm!,
    ).toBeCloseTo(24.7, 1));
  it('asking for the temperature and asking for the clearance are each other’s inverse', () => {
    const base = {
      interface_diameter_mm: 47,
      interference_at_20C_mm: 0.025,
      housing_material: 'az91',
      ring_material: 'bearing_steel',
    };
    const hot = answer('thermal_fit', {
      ...base,
      mode: 'housing_temperature',
      ring_temperature_C: -18,
      wanted_clearance_mm: 0.03,
    }).housing_temperature_C!;
    expect(
      answer('thermal_fit', {
        ...base,
        mode: 'fit_at_temperature',
        housing_temperature_C: hot,
        ring_temperature_C: -18,
      }).clearance_mm,
    ).toBeCloseTo(0.03, 12);
    expect(
      answer('thermal_fit', {
        ...base,
        mode: 'ring_temperature',
        housing_temperature_C: hot,
        wanted_clearance_mm: 0.03,
      }).ring_temperature_C,
    ).toBeCloseTo(-18, 9);
  });
  it('62 × 17 with 31 µm may be held 0.11 mm out of square (common practice, no source)', () => {
    const odds = answer('drop_chance', {
      interface_diameter_mm: 62,
      interference_at_20C_mm: 0.03,
      housing_material: 'alsi9cu3',
      ring_material: 'bearing_steel',
      u_interference_mm: 0,
      ring_temperature_C: 20,
      housing_temperature_C: 20,
      u_temperature_K: 0,
      margin_mm: 0,
    });
    expect(odds.holdable_tilt_mm).toBe(0);
    const clear = answer('drop_chance', {
      interface_diameter_mm: 62,
      interference_at_20C_mm: -0.031,
      housing_material: 'alsi9cu3',
      ring_material: 'bearing_steel',
      u_interference_mm: 0,
      ring_temperature_C: 20,
      housing_temperature_C: 20,
      u_temperature_K: 0,
      margin_mm: 0,
    });
    expect(clear.holdable_tilt_mm).toBeCloseTo(0.113, 3);
  });
  it('a 0.2 kg bearing is within a degree of the freezer in about an hour (common practice, no source)', () => {
    const found = answer('soak', {
      mode: 'within',
      mass_kg: 0.2,
      specific_heat_J_kgK: 'bearing_steel',
      h_W_m2K: 8,
      area_m2: 0.0125,
      start_C: 20,
      surroundings_C: -18,
      within_K: 1,
    });
    expect(Math.abs(found.time_s! / 60 - 58)).toBeLessThan(3);
  });
  it('a magnesium case at 38 °C reads 16 µm loose on 35 mm', () => {
    const found = answer('size_at_20C', {
      reading_mm: 35,
      part_C: 38,
      part_material: 'az91',
      gauge_C: 20,
      gauge_material: 'mild_steel',
    });
    expect(1000 * found.reads_off_by_mm!).toBeCloseTo(16.4, 1);
  });
  it('a gauge as warm as a part of its own metal reads true', () => {
    const found = answer('size_at_20C', {
      reading_mm: 35,
      part_C: 31,
      part_material: 'mild_steel',
      gauge_C: 31,
      gauge_material: 'mild_steel',
    });
    expect(found.size_at_20C_mm).toBeCloseTo(35, 12);
  });
});
