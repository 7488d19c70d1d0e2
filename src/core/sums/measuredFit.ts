import { interferenceByComparison } from '@/core/fit/comparison';
import { findRadialClearances } from '@/core/catalogue/bearingLimits';
import { MATERIALS } from '@/core/catalogue/materials';
import { runningClearances } from '@/core/fit/runningClearance';
import { sizeAtReference } from '@/core/quantity/measured';
import { fail, succeed } from '@/core/quantity/result';
import { CELSIUS, choice, DIAMETER, metal, num } from './fields';
import { defineSum } from './sum';
import { digits } from './words';
import { outside } from './classes';

const GROUPS = [
  ['C2', 'C2'],
  ['CN', 'CN, nothing written'],
  ['C3', 'C3'],
  ['C4', 'C4'],
  ['C5', 'C5'],
] as const;

export const running = defineSum({
  topic: 'running_clearance',
  mode: null,
  asks: 'fit',
  picture: 'states',
  title: 'Running clearance',
  lead: 'What is left of the bearing’s clearance in its five states: warm-up is often the tightest.',
  keywords: 'radial clearance C3 C4 warm up running preload',
  fields: [
    num('bore_mm', 'Bore', 'size_mm', 25, [6, 100]),
    num('outside_mm', 'Outside', 'size_mm', 62, [12, 250]),
    choice('group', 'Clearance as delivered', GROUPS, 'C3'),
    choice(
      'type',
      'Kind',
      [
        ['deep_groove', 'ball bearing'],
        ['cylindrical_roller', 'cylindrical roller'],
      ],
      'deep_groove',
    ),
    num('outer_interference_mm', 'Interference outside', 'fit_mm', 0.027, [-0.5, 0.5]),
    num('inner_interference_mm', 'Interference on the shaft', 'fit_mm', 0.014, [-0.5, 0.5]),
    num('u_interference_mm', 'Uncertainty of each (u)', 'fit_mm', 0.003, [0, 0.1]),
    num('boss_outer_diameter_mm', 'Boss outside', 'size_mm', 78, [12, 500]),
    num('shaft_bore_mm', 'Hole in the shaft', 'size_mm', 0, [0, 90]),
    choice(
      'housing',
      'Casting',
      Object.values(MATERIALS)
        .filter(({ code }) => code !== 'bearing_steel')
        .map(({ code, name }) => [code, name] as const),
      'alsi9cu3',
    ),
  ],
  answers: [
    { name: 'least_um', label: 'Least of all states', quantity: 'fit_um' },
    { name: 'bench_um', label: 'On the bench', quantity: 'fit_um' },
    { name: 'cold_start_um', label: 'Cold start (−10 °C)', quantity: 'fit_um' },
    { name: 'warm_up_um', label: 'Warming up', quantity: 'fit_um' },
    { name: 'running_um', label: 'Running', quantity: 'fit_um' },
    { name: 'hottest_um', label: 'Hottest', quantity: 'fit_um' },
    { name: 'chance_free', label: 'Chance of clearance when running', quantity: 'share' },
  ],
  headline: 'least_um',
  formula:
    'G = delivered − k_o·δ_o(T) − k_i·δ_i(T) + α·[ D_E·(T_o − 20) − d_F·(T_i − 20) − 2·D_w·(T_w − 20) ]',
  source: 'bearing handbook practice; D_E = (d + 4D)/5, d_F = (4d + D)/5 (from memory)',
  valid: 'usual temperatures of a small crankcase',
  largestDoubt: 'the temperatures while warming up',
  solve: (i) => {
    const groups = findRadialClearances(i.bore_mm, i.type);
    if (!groups) return outside('bore_mm', i.bore_mm, 6, 100);
    if (!(i.outside_mm > i.bore_mm + 2))
      return fail({ code: 'out_of_range', field: 'outside_mm', given: i.outside_mm, min: i.bore_mm + 2 });
    const states = runningClearances({
      boreMm: i.bore_mm,
      outsideMm: i.outside_mm,
      delivered: groups[i.group],
      outerInterferenceMm: { value: i.outer_interference_mm, u: i.u_interference_mm },
      innerInterferenceMm: { value: i.inner_interference_mm, u: i.u_interference_mm },
      bossOutsideMm: i.boss_outer_diameter_mm,
      shaftBoreMm: i.shaft_bore_mm,
      race: MATERIALS.bearing_steel,
      housing: MATERIALS[i.housing],
      shaft: MATERIALS.bearing_steel,
    });
    if (!states)
      return fail({
        code: 'out_of_range',
        field: i.boss_outer_diameter_mm <= i.outside_mm ? 'boss_outer_diameter_mm' : 'shaft_bore_mm',
        given: i.boss_outer_diameter_mm <= i.outside_mm ? i.boss_outer_diameter_mm : i.shaft_bore_mm,
      });
    const least = states.reduce((a, b) => (b.clearanceUm.value < a.clearanceUm.value ? b : a));
    return succeed({
      ...Object.fromEntries(states.map(({ state, clearanceUm }) => [`${state}_um`, clearanceUm.value])),
      least_um: least.clearanceUm.value,
      least_state: least.state,
      chance_free: states.find(({ state }) => state === 'running')!.chanceFree,
      states: states.map(({ state, clearanceUm, chanceFree }) => ({
        state,
        um: clearanceUm.value,
        u_um: clearanceUm.u,
        chance_free: chanceFree,
      })),
      delivered_min_um: groups[i.group].minUm,
      delivered_max_um: groups[i.group].maxUm,
    });
  },
  fill: (_, a) =>
    `delivered ${a.delivered_min_um}–${a.delivered_max_um} µm; ${a.states.map(({ state, um }) => `${state.replace('_', ' ')} ${digits(um, 0)}`).join(', ')} µm`,
  judge: (_, { chance_free: p }) =>
    p < 0.05
      ? { words: 'too tight: runs preloaded', severity: 'fault' }
      : p < 0.9
        ? { words: 'may run preloaded: one clearance group more', severity: 'caution' }
        : { words: 'keeps its clearance when running', severity: 'none' },
});

export const at20 = defineSum({
  topic: 'size_at_20C',
  mode: null,
  asks: 'fit',
  picture: 'fit',
  title: 'What is it at 20 °C?',
  lead: 'A size read on warm or cold metal, brought back to where sizes hold.',
  keywords: 'temperature correction 20 degrees warm reading measure master comparison',
  fields: [
    num('reading_mm', 'Reading', 'size_mm', 35, DIAMETER),
    num('part_C', 'Metal temperature', 'celsius', 38, CELSIUS),
    metal('part_alpha_per_K', 'Metal', 'alphaPerK', 'az91'),
    num('gauge_C', 'Gauge temperature', 'celsius', 20, CELSIUS),
    metal('gauge_alpha_per_K', 'Gauge', 'alphaPerK', 'mild_steel'),
  ],
  answers: [
    { name: 'size_at_20C_mm', label: 'At 20 °C', quantity: 'size_mm' },
    { name: 'reads_off_by_mm', label: 'It read off by', quantity: 'fit_mm' },
  ],
  headline: 'size_at_20C_mm',
  formula: 'D₂₀ = reading·(1 + α_gauge·(T_gauge − 20)) / (1 + α_part·(T_part − 20))',
  source: 'ISO 1; linear expansion',
  valid: '−40 … 200 °C',
  largestDoubt: 'the metal’s temperature: 1 K is 0.8 µm on 35 mm of magnesium',
  solve: (i) => {
    const size = sizeAtReference({
      readingMm: i.reading_mm,
      partC: i.part_C,
      partAlphaPerK: i.part_alpha_per_K,
      gaugeC: i.gauge_C,
      gaugeAlphaPerK: i.gauge_alpha_per_K,
    });
    return succeed({ size_at_20C_mm: size, reads_off_by_mm: i.reading_mm - size });
  },
  fill: (i, a) =>
    `${digits(i.reading_mm, 3)}·(1 + ${digits(i.gauge_alpha_per_K * 1e6, 1)}e−6·${digits(i.gauge_C - 20, 0)}) / (1 + ${digits(i.part_alpha_per_K * 1e6, 1)}e−6·${digits(i.part_C - 20, 0)}) = ${digits(a.size_at_20C_mm, 4)} mm`,
  judge: (i, { reads_off_by_mm: off }) =>
    Math.abs(off) > 0.005
      ? {
          words: `reads ${off > 0 ? 'too big' : 'too small'}: provisional until it is cool`,
          severity: 'caution',
        }
      : { words: 'near enough as read', severity: 'none' },
});

export const comparison = defineSum({
  topic: 'comparison',
  mode: null,
  asks: 'fit',
  picture: 'fit',
  title: 'How tight, by comparison?',
  lead: 'Bore gauge zeroed in the micrometer that is locked at the bearing, then read in the bore: the micrometer’s own error drops out.',
  keywords: 'comparison master zero gauge transfer interference difference',
  fields: [
    num('interface_diameter_mm', 'Size, about', 'size_mm', 62, DIAMETER),
    num('gauge_reading_mm', 'Gauge in the bore (bigger: +)', 'fit_mm', -0.028, [-0.5, 0.5]),
    num('housing_temperature_C', 'Bore’s metal', 'celsius', 20, CELSIUS),
    metal('housing_alpha_per_K', 'Casting', 'alphaPerK', 'alsi9cu3'),
    num('ring_temperature_C', 'Bearing', 'celsius', 20, CELSIUS),
    metal('ring_alpha_per_K', 'Race', 'alphaPerK', 'bearing_steel'),
    num('u_touch_mm', 'Touching the bearing, u', 'fit_mm', 0.001, [0, 0.1]),
    num('u_repeat_mm', 'Gauge repeats within, u', 'fit_mm', 0.001, [0, 0.1]),
    num('u_temperature_K', 'Temperatures known to, u', 'kelvin', 0.5, [0, 20]),
    num('u_micrometer_mm', 'Micrometer by itself, u', 'fit_mm', 0.003, [0, 0.1]),
    num('u_gauge_mm', 'Bore gauge by itself, u', 'fit_mm', 0.002, [0, 0.1]),
  ],
  answers: [
    { name: 'interference_mm', label: 'Tight by', quantity: 'fit_mm' },
    { name: 'U_k2_mm', label: 'uncertainty (2u)', quantity: 'fit_mm' },
    { name: 'U_apart_k2_mm', label: 'measured apart it would be (2u)', quantity: 'fit_mm' },
  ],
  headline: 'interference_mm',
  formula: 'δ₂₀ = −r + D·[α_h·(T_h − 20) − α_r·(T_r − 20)];  u = √(u_touch² + u_repeat² + (D·α·u_T)²)',
  source: 'comparison measurement, JCGM 100 (from memory)',
  valid: 'readings within some 0.1 mm of zero; bore and bearing near each other in temperature',
  largestDoubt: 'the two temperatures, when they differ',
  solve: (i) => {
    const found = interferenceByComparison({
      readingMm: i.gauge_reading_mm,
      diameterMm: i.interface_diameter_mm,
      boreC: i.housing_temperature_C,
      partC: i.ring_temperature_C,
      boreAlphaPerK: i.housing_alpha_per_K,
      partAlphaPerK: i.ring_alpha_per_K,
      uTouchMm: i.u_touch_mm,
      uRepeatMm: i.u_repeat_mm,
      uTemperatureK: i.u_temperature_K,
    });
    const uThermal =
      i.interface_diameter_mm * Math.hypot(i.housing_alpha_per_K, i.ring_alpha_per_K) * i.u_temperature_K;
    return succeed({
      interference_mm: found.value,
      u_mm: found.u,
      U_k2_mm: 2 * found.u,
      U_apart_k2_mm: 2 * Math.hypot(i.u_micrometer_mm, i.u_gauge_mm, uThermal),
      clearance_mm: -found.value,
    });
  },
  fill: (i, a) =>
    `−(${digits(i.gauge_reading_mm, 4)}) + ${digits(i.interface_diameter_mm, 1)}·[${digits(i.housing_alpha_per_K * 1e6, 1)}e−6·${digits(i.housing_temperature_C - 20, 1)} − ${digits(i.ring_alpha_per_K * 1e6, 1)}e−6·${digits(i.ring_temperature_C - 20, 1)}] = ${digits(a.interference_mm, 4)} mm`,
  judge: (_, { interference_mm: d, U_k2_mm: U }) =>
    Math.abs(d) <= U
      ? { words: 'cannot tell: tight or clear', severity: 'caution' }
      : d > 0
        ? { words: 'tight', severity: 'none' }
        : { words: 'clear', severity: 'caution' },
});
