import { clearanceAt, type Pair } from '@/core/heat/expansion';
import { sampleLumped, simulateLumped, windowOf, type LumpedProblem } from '@/core/heat/lumped';
import { fail, succeed } from '@/core/quantity/result';
import { DIAMETER, FIT, maybeNum, num, optional } from './fields';
import { defineSum, type InputsOf } from './sum';
import { digits } from './words';
import { LUMP_SOURCE, times, bodyFields, isAscending, notAscending } from './bodyFields';

const lumpedFields = [
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
  num('contact_area_m2', 'over an area of', 'square_metre', 0.0031, [0, 1]),
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
] as const;

type LumpedInputs = InputsOf<typeof lumpedFields>;

const bodyOf = ({
  mass_kg,
  specific_heat_J_kgK,
  area_m2,
  h_W_m2K,
  emissivity,
  start_C,
}: LumpedInputs['ring']) => ({
  massKg: mass_kg,
  specificHeatJKgK: specific_heat_J_kgK,
  areaM2: area_m2,
  hWM2K: h_W_m2K,
  emissivity,
  startC: start_C,
});

const problemOf = (i: LumpedInputs): LumpedProblem => ({
  ring: bodyOf(i.ring),
  housing: bodyOf(i.housing),
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
});

function solveLumped(i: LumpedInputs) {
  if (!isAscending(i.sample_times_s)) return notAscending();
  const problem = problemOf(i);
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
}

export const lumped = defineSum({
  topic: 'drop_window',
  mode: 'lumped',
  asks: 'drop_in',
  picture: 'curve',
  title: 'How many seconds are there?',
  lead: 'From oven and freezer door to the moment when the clearance is gone.',
  keywords: 'window time seconds grab cool transient',
  fields: lumpedFields,
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
  solve: solveLumped,
  fill: (i, a) =>
    `τ_casting = ${digits((i.housing.mass_kg * i.housing.specific_heat_J_kgK) / Math.max(i.housing.h_W_m2K * i.housing.area_m2, 1e-9), 0)} s, clearance at the start ${digits(a.clearance_mm[0] ?? NaN, 4)} mm: ${a.window_s === null ? 'stays open' : `${digits(a.window_s, 0)} s`}`,
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
