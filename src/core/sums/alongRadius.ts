import { firstFall, simulateRadial, type RadialRun } from '@/core/heat/radial';
import type { RadialProblem } from '@/core/heat/radialCells';
import { fail, succeed, type Result } from '@/core/quantity/result';
import { CELSIUS, flag, maybeNum, metal, num, optional } from './fields';
import { defineSum, type InputsOf } from './sum';
import { digits } from './words';
import { times, isAscending, notAscending } from './bodyFields';

const radialFields = [
  num('ring_bore_radius_mm', 'Race: inside radius', 'size_mm', 26.9, [0.5, 1000]),
  num('interface_radius_mm', 'Seat radius', 'size_mm', 31, [1, 1000]),
  num('boss_outer_radius_mm', 'Boss: outside radius', 'size_mm', 39, [1, 2000]),
  num('web_outer_radius_mm', 'Web reaches to radius', 'size_mm', 100, [1, 3000]),
  num('ring_width_mm', 'Race width', 'size_mm', 16, [0.5, 500]),
  num('boss_width_mm', 'Boss height', 'size_mm', 20, [0.5, 500]),
  num('web_thickness_mm', 'Web thickness', 'size_mm', 5, [0.2, 500]),
  num('h_W_m2K', 'Heat-transfer coefficient to the air, W/(m²·K)', 'plain', 12, [0, 10_000]),
  num('ambient_C', 'Room temperature', 'celsius', 20, [-60, 60]),
  num('contact_conductance_W_m2K', 'Contact conductance, W/(m²·K)', 'plain', 2000, [1e-3, 1e6]),
  flag('touching', 'Touching from the start', false),
  optional(
    num(
      'bench_W_m2K',
      'Conductance to the bench, W/(m²·K)',
      'plain',
      0,
      [0, 10_000],
      'on wood 0; flat on bare steel some 100–500: a guess',
    ),
  ),
  optional(
    maybeNum(
      'boss_heated_s',
      'Hot air on the boss alone, for',
      'second',
      null,
      [0, 3600],
      'no: all of it is hot',
    ),
  ),
  metal('ring_k_W_mK', 'Race', 'conductivityWMK', 'bearing_steel'),
  metal('ring_rho_kg_m3', 'Race', 'densityKgM3', 'bearing_steel'),
  metal('ring_specific_heat_J_kgK', 'Race', 'specificHeatJKgK', 'bearing_steel'),
  metal('ring_alpha_per_K', 'Race', 'alphaPerK', 'bearing_steel'),
  num('ring_start_C', 'Race starts at', 'celsius', -18, CELSIUS),
  metal('housing_k_W_mK', 'Casting', 'conductivityWMK', 'alsi9cu3'),
  metal('housing_rho_kg_m3', 'Casting', 'densityKgM3', 'alsi9cu3'),
  metal('housing_specific_heat_J_kgK', 'Casting', 'specificHeatJKgK', 'alsi9cu3'),
  metal('housing_alpha_per_K', 'Casting', 'alphaPerK', 'alsi9cu3'),
  metal('housing_E_MPa', 'Casting', 'youngsModulusMPa', 'alsi9cu3'),
  metal('housing_nu', 'Casting', 'poisson', 'alsi9cu3'),
  num('housing_start_C', 'Casting starts at', 'celsius', 120, CELSIUS),
  num('interference_at_20C_mm', 'Interference at 20 °C', 'fit_mm', 0.03, [-1, 1]),
  num('margin_mm', 'Least clearance', 'fit_mm', 0.02, [0, 5]),
  times([0, 10, 30, 60, 120, 300, 600]),
] as const;

const RADIAL_HORIZON_S = 3600;

/** A run of this length costs about as much as the horizon of an hour. */
const RADIAL_MOST_S = 7200;

type RadialInputs = InputsOf<typeof radialFields>;

const problemOf = (i: RadialInputs): RadialProblem => ({
  ringBoreRadiusMm: i.ring_bore_radius_mm,
  interfaceRadiusMm: i.interface_radius_mm,
  bossOutsideRadiusMm: i.boss_outer_radius_mm,
  webOutsideRadiusMm: i.web_outer_radius_mm,
  ringWidthMm: i.ring_width_mm,
  bossWidthMm: i.boss_width_mm,
  webThicknessMm: i.web_thickness_mm,
  hWM2K: i.h_W_m2K,
  ambientC: i.ambient_C,
  contactConductanceWM2K: i.contact_conductance_W_m2K,
  isTouching: i.touching,
  benchWM2K: i.bench_W_m2K,
  interferenceMm: i.interference_at_20C_mm,
  // A boss that warms evenly over t has driven as much heat into its web as one that was hot for t/2.
  ...(i.boss_heated_s !== null && {
    bossHeated: { forS: i.boss_heated_s / 2, webStartC: i.ambient_C },
  }),
  ring: {
    conductivityWMK: i.ring_k_W_mK,
    densityKgM3: i.ring_rho_kg_m3,
    specificHeatJKgK: i.ring_specific_heat_J_kgK,
    alphaPerK: i.ring_alpha_per_K,
    startC: i.ring_start_C,
  },
  housing: {
    conductivityWMK: i.housing_k_W_mK,
    densityKgM3: i.housing_rho_kg_m3,
    specificHeatJKgK: i.housing_specific_heat_J_kgK,
    alphaPerK: i.housing_alpha_per_K,
    startC: i.housing_start_C,
    youngsModulusMPa: i.housing_E_MPa,
    poisson: i.housing_nu,
  },
});

const answersOf = ({ samples, steps }: RadialRun, marginMm: number) => {
  const every = Math.max(1, Math.floor(steps.length / 80));
  return {
    ring_mean_C: samples.map(({ ringMeanC }) => ringMeanC),
    boss_mean_C: samples.map(({ bossMeanC }) => bossMeanC),
    whole_housing_mean_C: samples.map(({ housingMeanC }) => housingMeanC),
    rim_C: samples.map(({ rimC }) => rimC),
    clearance_simple_mm: samples.map(({ clearanceSimpleMm }) => clearanceSimpleMm),
    clearance_disc_mm: samples.map(({ clearanceDiscMm }) => clearanceDiscMm),
    window_simple_s: firstFall(steps, (s) => s.clearanceSimpleMm, marginMm),
    window_disc_s: firstFall(steps, (s) => s.clearanceDiscMm, marginMm),
    grip_simple_s: firstFall(steps, (s) => s.clearanceSimpleMm, 0),
    grip_disc_s: firstFall(steps, (s) => s.clearanceDiscMm, 0),
    curve: steps
      .filter((s, k) => s.timeS <= 1800 && k % every === 0)
      .map((s) => ({
        s: s.timeS,
        part_C: s.ringMeanC,
        casting_C: s.bossMeanC,
        clearance_mm: s.clearanceDiscMm,
      })),
  };
};

function solveRadial(i: RadialInputs): Result<ReturnType<typeof answersOf>> {
  if (!isAscending(i.sample_times_s)) return notAscending();
  const lastS = i.sample_times_s.at(-1)!;
  if (lastS > RADIAL_MOST_S)
    return fail({ code: 'too_much_work', field: 'sample_times_s', given: lastS, max: RADIAL_MOST_S });
  const run = simulateRadial(problemOf(i), i.sample_times_s, RADIAL_HORIZON_S);
  return run.ok
    ? succeed(answersOf(run.value, i.margin_mm))
    : fail(...run.issues.map((issue) => ({ ...issue, field: FIELD_OF[issue.field] ?? issue.field })));
}

const RADIAL = {
  asks: 'drop_in',
  picture: 'curve',
  title: 'Boss and web, along the radius',
  lead: 'Heat flowing through race, boss and web: what a single lump cannot tell.',
  keywords: 'finite volumes radial transient boss web restrained hot air gun torch',
  fields: radialFields,
  answers: [
    {
      name: 'window_disc_s',
      label: 'Clearance gone, web holding back',
      quantity: 'second',
      nullWords: 'not within the hour',
    },
    {
      name: 'window_simple_s',
      label: 'Clearance gone, boss alone',
      quantity: 'second',
      nullWords: 'not within the hour',
    },
    {
      name: 'grip_disc_s',
      label: 'Grips, web holding back',
      quantity: 'second',
      nullWords: 'not within the hour',
    },
    {
      name: 'grip_simple_s',
      label: 'Grips, boss alone',
      quantity: 'second',
      nullWords: 'not within the hour',
    },
  ],
  headline: 'window_disc_s',
  formula:
    'ρ·c·w·∂T/∂t = (1/r)·∂/∂r( k·w·r·∂T/∂r ) − h·(T − T_a) on every free surface; bore from an elastic disc with T(r)',
  source: 'Incropera & DeWitt ch. 5; Timoshenko & Goodier for the disc; TR-BDF2 in time (from memory)',
  valid: 'even round the clock and across the width; no radiation: put it into h',
  largestDoubt: 'what the gap passes once they touch (× / ÷ 3)',
  solve: solveRadial,
  fill: (_, a) =>
    `clearance at the start ${digits(a.clearance_disc_mm[0] ?? NaN, 4)} mm; ${a.window_disc_s === null ? 'stays open for the hour' : `falls to the margin after ${digits(a.window_disc_s, 0)} s`}`,
  judge: (_, { window_disc_s: s }) =>
    s === null
      ? { words: 'it stays open', severity: 'none' }
      : s === 0
        ? { words: 'never open enough', severity: 'fault' }
        : s < 15
          ? { words: 'too short to work in', severity: 'fault' }
          : { words: 'time enough', severity: 'none' },
} satisfies Omit<
  Parameters<typeof defineSum<typeof radialFields, ReturnType<typeof answersOf>>>[0],
  'topic' | 'mode'
>;

/** The finite-element cases of the references ask the same problem under a mode of their own. */
export const radial = (mode: 'radial' | 'fe') =>
  defineSum({ ...RADIAL, isAlias: mode === 'fe', topic: 'drop_window', mode });

/** Which input a check of the core speaks of. */
const FIELD_OF: Record<string, string> = {
  ringBoreRadiusMm: 'ring_bore_radius_mm',
  interfaceRadiusMm: 'interface_radius_mm',
  bossOutsideRadiusMm: 'boss_outer_radius_mm',
  webOutsideRadiusMm: 'web_outer_radius_mm',
  bossWidthMm: 'boss_width_mm',
  webThicknessMm: 'web_thickness_mm',
  ringWidthMm: 'ring_width_mm',
  bossHeatedForS: 'boss_heated_s',
  benchWM2K: 'bench_W_m2K',
  interferenceMm: 'interference_at_20C_mm',
  sampleTimesS: 'sample_times_s',
};
