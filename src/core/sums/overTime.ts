import { firstFall, simulateRadial, type RadialProblem } from '@/core/heat/radial';
import { clearanceAt, type Pair } from '@/core/heat/expansion';
import { sampleLumped, simulateLumped, windowOf, type LumpedProblem } from '@/core/heat/lumped';
import { dewOn } from '@/core/heat/dewPoint';
import { soakTemperature, timeConstantS, timeUntil, timeUntilWithin } from '@/core/heat/soak';
import { fail, succeed } from '@/core/quantity/result';
import { CELSIUS, DIAMETER, FIT, flag, maybeNum, metal, num, nums, optional } from './fields';
import { defineSum, type Sum } from './sum';
import { digits } from './words';

const LUMP_SOURCE = 'Incropera & DeWitt ch. 5, lumped capacitance (from memory)';
const mass = (usual: number) => num('mass_kg', 'Mass', 'kilogram', usual, [1e-7, 10_000]);
const heat = (usual: number) => ({
  ...metal('specific_heat_J_kgK', 'Part', 'specificHeatJKgK', 'bearing_steel'),
  usual,
});
const area = (usual: number) => num('area_m2', 'Surface', 'square_metre', usual, [1e-8, 1000]);
const film = (usual: number) =>
  num(
    'h_W_m2K',
    'Heat-transfer coefficient to the air, W/(m²·K)',
    'plain',
    usual,
    [0.01, 100_000],
    'still freezer 5–8, still air 8–12, fan oven 15–25',
  );
const times = (usual: readonly number[]) =>
  nums('sample_times_s', 'At the moments', 'second', usual, [0, 86_400], [1, 500]);

const bodyFields = (
  whose: string,
  usual: {
    mass: number;
    heat: number;
    area: number;
    emissivity: number;
    start: number;
    metal: 'alsi9cu3' | 'bearing_steel';
  },
) =>
  [
    num('mass_kg', `${whose}: mass`, 'kilogram', usual.mass, [1e-6, 10_000]),
    { ...metal('specific_heat_J_kgK', whose, 'specificHeatJKgK', usual.metal), usual: usual.heat },
    num('area_m2', `${whose}: surface`, 'square_metre', usual.area, [1e-7, 1000]),
    num('h_W_m2K', `${whose}: heat-transfer coefficient, W/(m²·K)`, 'plain', 12, [0, 100_000]),
    num('emissivity', `${whose}: emissivity`, 'ratio', usual.emissivity, [0, 1]),
    num('start_C', `${whose}: starts at`, 'celsius', usual.start, CELSIUS),
    metal('alpha_per_K', whose, 'alphaPerK', usual.metal),
  ] as const;

const isAscending = (values: readonly number[]) =>
  values.every((value, i) => i === 0 || value >= values[i - 1]!);
const notAscending = () => fail({ code: 'out_of_order', field: 'sample_times_s' });

const lumped = defineSum({
  topic: 'drop_window',
  mode: 'lumped',
  asks: 'drop_in',
  picture: 'curve',
  title: 'How many seconds are there?',
  lead: 'From oven and freezer door to the moment when the clearance is gone.',
  keywords: 'window time seconds grab cool transient',
  fields: [
    num('interface_diameter_mm', 'Seat diameter', 'size_mm', 62, DIAMETER),
    num('interference_at_20C_mm', 'Interference at 20 °C', 'fit_mm', 0.03, FIT),
    num('margin_mm', 'Least clearance', 'fit_mm', 0.02, [0, 5]),
    num('ambient_C', 'Room temperature', 'celsius', 20, [-60, 60]),
    {
      kind: 'group',
      name: 'housing',
      label: 'Casting',
      fields: bodyFields('Casting', {
        mass: 1.2,
        heat: 963,
        area: 0.12,
        emissivity: 0.15,
        start: 110,
        metal: 'alsi9cu3',
      }),
    },
    {
      kind: 'group',
      name: 'ring',
      label: 'Bearing',
      fields: bodyFields('Bearing', {
        mass: 0.2,
        heat: 475,
        area: 0.0125,
        emissivity: 0.25,
        start: -18,
        metal: 'bearing_steel',
      }),
    },
    maybeNum('touch_at_s', 'In the bore from', 'second', null, [0, 86_400], 'kept apart'),
    num(
      'contact_conductance_W_m2K',
      'Contact conductance, W/(m²·K)',
      'plain',
      1000,
      [0, 1e6],
      'touching 500–5000: a guess, × / ÷ 3',
    ),
    num('contact_area_m2', 'over an area of', 'square_metre', 0.0031, [0, 10]),
    optional(
      num(
        'bench_W_K',
        'Conductance to the bench, W/K',
        'plain',
        0,
        [0, 1000],
        'on wood 0; flat on bare steel some 5–20: a guess',
      ),
    ),
    times([0, 10, 30, 60, 120, 300, 600]),
    num('horizon_s', 'Look ahead', 'second', 3600, [1, 86_400]),
  ],
  answers: [
    {
      name: 'window_s',
      label: 'Until the clearance is gone',
      quantity: 'second',
      nullWords: 'not within the time looked at',
    },
    {
      name: 'grip_s',
      label: 'Until the bore grips',
      quantity: 'second',
      nullWords: 'not within the time looked at',
    },
  ],
  headline: 'window_s',
  formula:
    'm·c·dT/dt = −h·A·(T − T_a) − ε·σ·A·(T⁴ − T_a⁴) ∓ h_c·A_c·(T_h − T_r); the casting also −G·(T − T_a) into the bench',
  source: LUMP_SOURCE,
  valid:
    'each part at one temperature (Biot < 0.1); a boss heated alone is not: see “Boss and web, along the radius”',
  largestDoubt: 'how much heat the air takes (± 30 %): count on the lesser time',
  solve: (i) => {
    if (!isAscending(i.sample_times_s)) return notAscending();
    const body = ({
      mass_kg,
      specific_heat_J_kgK,
      area_m2,
      h_W_m2K,
      emissivity,
      start_C,
    }: typeof i.ring) => ({
      massKg: mass_kg,
      specificHeatJKgK: specific_heat_J_kgK,
      areaM2: area_m2,
      hWM2K: h_W_m2K,
      emissivity,
      startC: start_C,
    });
    const problem: LumpedProblem = {
      ring: body(i.ring),
      housing: body(i.housing),
      ambientC: i.ambient_C,
      touch:
        i.touch_at_s === null
          ? null
          : {
              touchAtS: i.touch_at_s,
              conductanceWM2K: i.contact_conductance_W_m2K,
              areaM2: i.contact_area_m2,
            },
      benchWK: i.bench_W_K,
    };
    // The step follows the fastest exchange: a crumb of metal in a gale would need millions of them.
    if (tooManySteps(problem, Math.max(i.horizon_s, i.sample_times_s.at(-1)!)))
      return fail({ code: 'too_much_work', field: 'horizon_s', given: i.horizon_s });
    const pair: Pair = {
      diameterMm: i.interface_diameter_mm,
      interferenceMm: i.interference_at_20C_mm,
      ringAlphaPerK: i.ring.alpha_per_K,
      housingAlphaPerK: i.housing.alpha_per_K,
    };
    const samples = sampleLumped(problem, i.sample_times_s);
    return succeed({
      clearance_mm: samples.map((sample) => clearanceAt(pair, sample)),
      ring_temperature_C: samples.map(({ ringC }) => ringC),
      housing_temperature_C: samples.map(({ housingC }) => housingC),
      window_s: windowOf(problem, pair, i.margin_mm, i.horizon_s),
      grip_s: windowOf(problem, pair, 0, i.horizon_s),
      curve: curveOf(simulateLumped(problem, Math.min(i.horizon_s, 1800)), pair),
    });
  },
  fill: (i, a) =>
    `τ_casting = ${digits((i.housing.mass_kg * i.housing.specific_heat_J_kgK) / Math.max(i.housing.h_W_m2K * i.housing.area_m2, 1e-9), 0)} s, room at the start ${digits(a.clearance_mm[0] ?? NaN, 4)} mm: ${a.window_s === null ? 'stays open' : `${digits(a.window_s, 0)} s`}`,
  judge: (_, { window_s: s }) =>
    s === null
      ? { words: 'it stays open', severity: 'none' }
      : s === 0
        ? { words: 'never open enough', severity: 'fault' }
        : s < 15
          ? { words: 'too short to work in', severity: 'fault' }
          : s < 60
            ? { words: 'short: everything within reach first', severity: 'caution' }
            : { words: 'time enough', severity: 'none' },
});

const MOST_STEPS = 200_000;

function tooManySteps({ ring, housing, touch, benchWK = 0 }: LumpedProblem, horizonS: number): boolean {
  const linkWK = touch ? touch.conductanceWM2K * touch.areaM2 : 0;
  const rate = [ring, housing].reduce(
    (sum, body) =>
      sum +
      (body.areaM2 * (body.hWM2K + body.emissivity * 12) + linkWK) / (body.massKg * body.specificHeatJKgK),
    benchWK / (housing.massKg * housing.specificHeatJKgK),
  );
  return (rate * horizonS) / 0.05 > MOST_STEPS;
}

/** About sixty points of a run, for the drawing. */
function curveOf(run: Iterable<{ timeS: number; ringC: number; housingC: number }>, pair: Pair) {
  const all = [...run].map((sample) => ({
    s: sample.timeS,
    part_C: sample.ringC,
    casting_C: sample.housingC,
    clearance_mm: clearanceAt(pair, sample),
  }));
  const every = Math.max(1, Math.floor(all.length / 60));
  return all.filter((_, i) => i % every === 0 || i === all.length - 1);
}

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

const radial = (mode: 'radial' | 'fe') =>
  defineSum({
    isAlias: mode === 'fe',
    topic: 'drop_window',
    mode,
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
    solve: (i) => {
      if (!isAscending(i.sample_times_s)) return notAscending();
      if (i.sample_times_s.at(-1)! > RADIAL_MOST_S)
        return fail({
          code: 'too_much_work',
          field: 'sample_times_s',
          given: i.sample_times_s.at(-1)!,
          max: RADIAL_MOST_S,
        });
      const problem: RadialProblem = {
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
      };
      const run = simulateRadial(problem, i.sample_times_s, RADIAL_HORIZON_S);
      if (!run.ok)
        return fail(
          ...run.issues.map((issue) => ({ ...issue, field: FIELD_OF[issue.field] ?? issue.field })),
        );
      const { samples, steps } = run.value;
      const every = Math.max(1, Math.floor(steps.length / 80));
      return succeed({
        ring_mean_C: samples.map(({ ringMeanC }) => ringMeanC),
        boss_mean_C: samples.map(({ bossMeanC }) => bossMeanC),
        whole_housing_mean_C: samples.map(({ housingMeanC }) => housingMeanC),
        rim_C: samples.map(({ rimC }) => rimC),
        clearance_simple_mm: samples.map(({ clearanceSimpleMm }) => clearanceSimpleMm),
        clearance_disc_mm: samples.map(({ clearanceDiscMm }) => clearanceDiscMm),
        window_simple_s: firstFall(steps, (s) => s.clearanceSimpleMm, i.margin_mm),
        window_disc_s: firstFall(steps, (s) => s.clearanceDiscMm, i.margin_mm),
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
      });
    },
    fill: (_, a) =>
      `room at the start ${digits(a.clearance_disc_mm[0] ?? NaN, 4)} mm; ${a.window_disc_s === null ? 'stays open for the hour' : `falls to the margin after ${digits(a.window_disc_s, 0)} s`}`,
    judge: (_, { window_disc_s: s }) =>
      s === null
        ? { words: 'it stays open', severity: 'none' }
        : s === 0
          ? { words: 'never open enough', severity: 'fault' }
          : s < 15
            ? { words: 'too short to work in', severity: 'fault' }
            : { words: 'time enough', severity: 'none' },
  });

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

const newton = defineSum({
  topic: 'drop_window',
  mode: 'newton',
  asks: 'drop_in',
  picture: 'curve',
  title: 'How fast does it cool?',
  lead: 'One part in still air.',
  keywords: 'cool down cooling touch rubber newton time constant',
  fields: [
    mass(1.2),
    heat(963),
    area(0.12),
    film(12),
    num('start_C', 'Starts at', 'celsius', 110, CELSIUS),
    num('ambient_C', 'Air', 'celsius', 20, CELSIUS),
    times([0, 60, 300, 900, 1800]),
  ],
  answers: [
    { name: 'time_constant_s', label: 'Time constant', quantity: 'second' },
    {
      name: 'until_60C_s',
      label: 'Cool enough for rubber (60 °C) after',
      quantity: 'second',
      nullWords: 'never',
    },
    {
      name: 'until_45C_s',
      label: 'Cool enough to touch (45 °C) after',
      quantity: 'second',
      nullWords: 'never',
    },
  ],
  headline: 'time_constant_s',
  formula: 'T = T_a + (T₀ − T_a)·e^(−t/τ),  τ = m·c/(h·A)',
  source: LUMP_SOURCE,
  valid: 'Biot < 0.1; standing on wood',
  largestDoubt: 'how much heat the air takes (± 30 %)',
  solve: (i) => {
    const soak = {
      massKg: i.mass_kg,
      specificHeatJKgK: i.specific_heat_J_kgK,
      areaM2: i.area_m2,
      hWM2K: i.h_W_m2K,
      startC: i.start_C,
      surroundingsC: i.ambient_C,
    };
    const until = (celsius: number) => (i.start_C <= celsius ? 0 : timeUntil(soak, celsius));
    const tau = timeConstantS(soak);
    return succeed({
      time_constant_s: tau,
      temperature_C: i.sample_times_s.map((s) => soakTemperature(soak, s)),
      until_60C_s: until(60),
      until_45C_s: until(45),
      curve: Array.from({ length: 41 }, (_, k) => ({
        s: (k * 4 * tau) / 40,
        casting_C: soakTemperature(soak, (k * 4 * tau) / 40),
      })),
    });
  },
  fill: (i, a) =>
    `τ = ${digits(i.mass_kg, 3)}·${digits(i.specific_heat_J_kgK, 0)} / ( ${digits(i.h_W_m2K, 1)}·${digits(i.area_m2, 4)} ) = ${digits(a.time_constant_s, 0)} s`,
});

const sphere = defineSum({
  topic: 'drop_window',
  mode: 'sphere',
  asks: 'drop_in',
  picture: 'curve',
  title: 'How long does a probe’s bead lag?',
  lead: 'A small ball in moving air: thermocouple tips, balls, drops of solder.',
  keywords: 'thermocouple probe lag sphere biot',
  fields: [
    num('diameter_m', 'Ball diameter', 'metre', 0.0007, [1e-6, 1]),
    { ...metal('density_kg_m3', 'Part', 'densityKgM3', 'bearing_steel'), usual: 8500 },
    heat(400),
    { ...metal('conductivity_W_mK', 'Part', 'conductivityWMK', 'bearing_steel'), usual: 20 },
    film(400),
    num('start_C', 'Starts at', 'celsius', 25, CELSIUS),
    num('ambient_C', 'Surroundings', 'celsius', 200, CELSIUS),
    num('target_C', 'Reads', 'celsius', 199, CELSIUS),
  ],
  answers: [
    { name: 'time_s', label: 'Reaches it after', quantity: 'second', nullWords: 'never' },
    { name: 'time_constant_s', label: 'Time constant', quantity: 'second' },
    { name: 'biot', label: 'Biot number', quantity: 'ratio' },
  ],
  headline: 'time_s',
  formula: 'τ = ρ·c·D/(6·h);  t = τ·ln( (T₀ − T_a)/(T − T_a) );  Bi = h·(D/6)/k',
  source: 'Incropera & DeWitt ch. 5, thermocouple junction (from memory)',
  valid: 'Bi < 0.1',
  largestDoubt: 'how hard the air blows',
  solve: (i) => {
    const tau = (i.density_kg_m3 * i.specific_heat_J_kgK * i.diameter_m) / (6 * i.h_W_m2K);
    const share = (i.target_C - i.ambient_C) / (i.start_C - i.ambient_C);
    return succeed({
      time_constant_s: tau,
      time_s: i.target_C === i.start_C ? 0 : share > 0 && share < 1 ? -tau * Math.log(share) : null,
      biot: (i.h_W_m2K * i.diameter_m) / 6 / i.conductivity_W_mK,
      curve: Array.from({ length: 41 }, (_, k) => ({
        s: (k * 6 * tau) / 40,
        part_C: i.ambient_C + (i.start_C - i.ambient_C) * Math.exp((-k * 6) / 40),
      })),
    });
  },
  fill: (i, a) =>
    `τ = ${digits(i.density_kg_m3, 0)}·${digits(i.specific_heat_J_kgK, 0)}·${digits(i.diameter_m * 1000, 3)}e−3 / (6·${digits(i.h_W_m2K, 0)}) = ${digits(a.time_constant_s, 2)} s`,
  judge: (_, { biot }) =>
    biot < 0.1
      ? { words: 'one temperature throughout', severity: 'none' }
      : { words: 'not one temperature: Biot is over 0.1', severity: 'caution' },
});

const soakFields = [
  mass(0.2),
  heat(475),
  film(8),
  area(0.0125),
  num('start_C', 'Starts at', 'celsius', 20, CELSIUS),
  num('surroundings_C', 'Freezer or oven', 'celsius', -18, CELSIUS),
] as const;
const soakOf = (i: {
  mass_kg: number;
  specific_heat_J_kgK: number;
  area_m2: number;
  h_W_m2K: number;
  start_C: number;
  surroundings_C: number;
}) => ({
  massKg: i.mass_kg,
  specificHeatJKgK: i.specific_heat_J_kgK,
  areaM2: i.area_m2,
  hWM2K: i.h_W_m2K,
  startC: i.start_C,
  surroundingsC: i.surroundings_C,
});
const soakCurve = (i: Parameters<typeof soakOf>[0]) => {
  const soak = soakOf(i);
  const tau = timeConstantS(soak);
  return Array.from({ length: 41 }, (_, k) => ({
    s: (k * 5 * tau) / 40,
    part_C: soakTemperature(soak, (k * 5 * tau) / 40),
  }));
};

const within = defineSum({
  topic: 'soak',
  mode: 'within',
  asks: 'drop_in',
  picture: 'curve',
  title: 'How long in the freezer?',
  lead: 'Until the part is as cold as the freezer, but for a degree.',
  keywords: 'freezer soak minutes chill wait',
  fields: [...soakFields, num('within_K', 'Near enough', 'kelvin', 1, [0.01, 100])],
  answers: [
    { name: 'time_s', label: 'Leave it in for', quantity: 'minute' },
    { name: 'time_constant_s', label: 'Time constant', quantity: 'second' },
  ],
  headline: 'time_s',
  formula: 't = τ·ln( |T₀ − T_s| / near enough ),  τ = m·c/(h·A)',
  source: LUMP_SOURCE,
  valid: 'alone on a rack, not wrapped, not frozen in',
  largestDoubt: 'how still the air is (× / ÷ 1.5)',
  solve: (i) =>
    succeed({
      time_constant_s: timeConstantS(soakOf(i)),
      time_s: timeUntilWithin(soakOf(i), i.within_K),
      curve: soakCurve(i),
    }),
  fill: (i, a) =>
    `t = ${digits(a.time_constant_s, 0)} · ln( ${digits(Math.abs(i.start_C - i.surroundings_C), 0)} / ${digits(i.within_K, 1)} ) = ${digits(a.time_s / 60, 0)} min`,
});

const toTarget = defineSum({
  topic: 'soak',
  mode: 'to_target',
  asks: 'drop_in',
  picture: 'curve',
  title: 'How long in the oven?',
  lead: 'Until the casting has the temperature that is needed, if the oven can.',
  keywords: 'oven heat up time gun minutes',
  fields: [
    mass(1.2),
    heat(963),
    film(15),
    area(0.12),
    num('start_C', 'Starts at', 'celsius', 20, CELSIUS),
    num('surroundings_C', 'Oven', 'celsius', 120, CELSIUS),
    num('target_C', 'Needed', 'celsius', 100, CELSIUS),
  ],
  answers: [
    { name: 'time_s', label: 'Ready after', quantity: 'minute', nullWords: 'never in this oven' },
    { name: 'reachable', label: 'This oven reaches it', quantity: 'yes_no' },
    { name: 'time_constant_s', label: 'Time constant', quantity: 'second' },
  ],
  headline: 'time_s',
  formula: 't = τ·ln( (T₀ − T_s)/(T − T_s) ),  τ = m·c/(h·A)',
  source: LUMP_SOURCE,
  valid: 'oven already hot, casting alone on the rack',
  largestDoubt: 'how hard the oven’s fan blows',
  caution: 'Only clean, degreased castings go into an oven: no trapped oil or fuel.',
  solve: (i) => {
    const time = timeUntil(soakOf(i), i.target_C);
    return succeed({
      time_constant_s: timeConstantS(soakOf(i)),
      reachable: time !== null,
      time_s: time,
      curve: soakCurve(i),
    });
  },
  fill: (i, a) =>
    a.time_s === null
      ? `${digits(i.surroundings_C, 0)} °C around it never brings it to ${digits(i.target_C, 0)} °C`
      : `t = ${digits(a.time_constant_s, 0)} · ln( ${digits(i.start_C - i.surroundings_C, 0)} / ${digits(i.target_C - i.surroundings_C, 0)} ) = ${digits(a.time_s / 60, 0)} min`,
  judge: (_, { reachable }) =>
    reachable
      ? { words: 'the oven reaches it', severity: 'none' }
      : { words: 'this oven never gets there', severity: 'fault' },
});

const dew = defineSum({
  topic: 'soak',
  mode: 'dew',
  asks: 'drop_in',
  picture: 'curve',
  title: 'Will it frost?',
  lead: 'A cold bearing in the shop’s air: wipe it just before it goes in.',
  keywords: 'dew frost moisture humidity rust',
  fields: [
    num('air_C', 'Shop air', 'celsius', 20, [-40, 60]),
    num('relative_humidity_percent', 'Humidity', 'percent', 50, [1, 100]),
    num('surface_start_C', 'Bearing', 'celsius', -18, [-200, 60]),
    mass(0.2),
    heat(475),
    film(10),
    area(0.0125),
  ],
  answers: [
    { name: 'dew_point_C', label: 'Dew point', quantity: 'celsius' },
    { name: 'collects_moisture', label: 'Gets wet', quantity: 'yes_no' },
    { name: 'frost', label: 'Freezes on', quantity: 'yes_no' },
    { name: 'wet_until_s', label: 'Stays wet for', quantity: 'minute', nullWords: 'never wet' },
    { name: 'dew_point_wmo_C', label: 'Dew point by the other constants', quantity: 'celsius' },
  ],
  headline: 'dew_point_C',
  formula: 'γ = ln(RH/100) + a·T/(b + T);  T_dew = b·γ/(a − γ)',
  source: 'Magnus with Alduchov & Eskridge 1996; beside it WMO-No. 8 (both from memory)',
  valid: '−40 … 50 °C',
  largestDoubt: 'the shop’s humidity',
  solve: (i) => {
    const found = dewOn({
      airC: i.air_C,
      humidityPercent: i.relative_humidity_percent,
      surfaceStartC: i.surface_start_C,
      body: {
        massKg: i.mass_kg,
        specificHeatJKgK: i.specific_heat_J_kgK,
        areaM2: i.area_m2,
        hWM2K: i.h_W_m2K,
      },
    });
    return succeed({
      dew_point_C: found.dewPointC,
      dew_point_wmo_C: found.dewPointWmoC,
      collects_moisture: found.collectsMoisture,
      frost: found.frost,
      wet_until_s: found.wetUntilS,
      curve: soakCurve({ ...i, start_C: i.surface_start_C, surroundings_C: i.air_C }),
    });
  },
  fill: (i, a) =>
    `${digits(i.air_C, 0)} °C at ${digits(i.relative_humidity_percent, 0)} %: ${digits(a.dew_point_C, 1)} °C`,
  judge: (_, { collects_moisture: wet, frost }) =>
    frost
      ? { words: 'frost: wipe and oil it just before', severity: 'caution' }
      : wet
        ? { words: 'dew: wipe and oil it just before', severity: 'caution' }
        : { words: 'stays dry', severity: 'none' },
});

export const OVER_TIME: readonly Sum[] = [
  lumped,
  radial('radial'),
  radial('fe'),
  newton,
  sphere,
  within,
  toTarget,
  dew,
];
