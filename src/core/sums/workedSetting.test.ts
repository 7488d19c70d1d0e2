import { describe, expect, it } from 'vitest';
import { answer } from '../../../tests/support/answer';

/**
 * Worked numbers from outside: textbook examples (from memory where it is said) and figures of the trade, asked for as a user of the
 * API asks. Tolerance: half the last printed digit, or what the reason beside it says.
 */
describe('square, rod, closing', () => {
  it('10.7, 10.4, 11.0, 10.9 round the clock is out by 0.6 mm (common practice, no source)', () => {
    const found = answer('tilt', {
      angles_deg: [0, 90, 180, 270],
      depths_mm: [10.7, 10.4, 11, 10.9],
      sigma_reading_mm: 0.05,
      reading_circle_diameter_mm: 58,
    });
    expect(found.tilt_mm).toBeCloseTo(0.583, 3);
  });
  it('u 0.01 and four readings: a square ring reads up to 0.035', () => {
    expect(
      answer('tilt', {
        angles_deg: [0, 90, 180, 270],
        depths_mm: [5, 5, 5, 5],
        sigma_reading_mm: 0.01,
        reading_circle_diameter_mm: 58,
      }).noise_floor_mm,
    ).toBeCloseTo(0.035, 3);
  });
  it('11–12 ft·lbf on an M6 8.8 is past proof: a given torque needs its size', () => {
    const at = (torque_Nm: number, thread_d_mm: number, pitch_mm: number) =>
      answer('bolt_torque', {
        thread_d_mm,
        pitch_mm,
        strength_class: '8.8',
        torque_Nm,
        engagement_mm: 2 * thread_d_mm,
        female: 'light_alloy',
      });
    expect(at(15.6, 6, 1).bolt_utilisation_high).toBeGreaterThan(1);
    expect(at(15.6, 8, 1.25).bolt_utilisation_high).toBeLessThan(1);
  });
  it('12–13 mm engaged is counted good for an M8 in light alloy, 16 in magnesium (common practice, no source)', () => {
    const bolt = (female: string) =>
      answer('bolt_stand_out', { length_mm: 45.5, grip_mm: 33, hole_depth_mm: null, thread_d_mm: 8, female });
    expect(bolt('light_alloy')).toMatchObject({ is_enough: true, needed_mm: 12 });
    expect(bolt('magnesium')).toMatchObject({ is_enough: false, needed_mm: 16 });
  });
  it('the expected torque and the pull of that torque are each other’s inverse', () => {
    const rod = {
      thread_d_mm: 10,
      pitch_mm: 1.5,
      friction_thread: 0.12,
      friction_nut_face: 0.12,
      nut_face_mean_diameter_mm: 13.5,
      strength_class: '8.8',
    };
    const torque = answer('press_rod', { ...rod, mode: 'torque', force_kN: 4 }).torque_Nm!;
    expect(answer('press_rod', { ...rod, mode: 'force', torque_Nm: torque }).force_kN).toBeCloseTo(4, 9);
  });
});

describe('comparison and lock-up', () => {
  it('comparison halves the doubt of micrometer and gauge apart (u 3 and 2 µm against 1 and 1)', () => {
    const found = answer('comparison', {
      interface_diameter_mm: 62,
      gauge_reading_mm: -0.028,
      housing_temperature_C: 20,
      housing_material: 'alsi9cu3',
      ring_temperature_C: 20,
      ring_material: 'bearing_steel',
      u_touch_mm: 0.001,
      u_repeat_mm: 0.001,
      u_temperature_K: 0,
      u_micrometer_mm: 0.003,
      u_gauge_mm: 0.002,
    });
    expect(found.interference_mm).toBeCloseTo(0.028, 12);
    expect(found.U_k2_mm! / found.U_apart_k2_mm!).toBeCloseTo(Math.sqrt(2) / Math.sqrt(13), 9);
  });
  it('a magnesium case at 38 °C that reads 16 µm loose on 35 mm is line to line at 20 °C (the text’s own figure, half a µm)', () => {
    const found = answer('comparison', {
      interface_diameter_mm: 35,
      gauge_reading_mm: 0.0164,
      housing_temperature_C: 38,
      housing_material: 'az91',
      ring_temperature_C: 20,
      ring_material: 'bearing_steel',
      u_touch_mm: 0,
      u_repeat_mm: 0,
      u_temperature_K: 0,
      u_micrometer_mm: 0,
      u_gauge_mm: 0,
    });
    expect(Math.abs(found.interference_mm!)).toBeLessThan(0.0005);
  });
  it('84 mm, case at 20 °C, shaft at 80 °C: the shaft takes 59 µm (the text’s warm-up figure, α 11.7)', () => {
    const found = answer('stack', {
      mode: 'lock_up',
      distance_mm: 84,
      shaft_material: 'mild_steel',
      case_material: 'alsi9cu3',
      shaft_temperature_C: 80,
      case_temperature_C: 20,
      slack_mm: 0,
    });
    expect(1000 * found.squeeze_mm!).toBeCloseTo(59, 0);
  });
  it('a case that grows with its shaft leaves the slack as it was', () =>
    expect(
      answer('stack', {
        mode: 'lock_up',
        distance_mm: 100,
        shaft_alpha_per_K: 12e-6,
        case_alpha_per_K: 12e-6,
        shaft_temperature_C: 90,
        case_temperature_C: 90,
        slack_mm: 0.05,
      }).squeeze_mm,
    ).toBeCloseTo(-0.05, 12));
});
