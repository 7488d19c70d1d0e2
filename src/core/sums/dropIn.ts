import {
  clearanceAt,
  freeTemperature,
  holdableTiltMm,
  housingTemperatureFor,
  leastClearanceMm,
  ringTemperatureFor,
  type Pair,
} from '@/core/heat/expansion';
import { dropChance, dropChanceByLots } from '@/core/heat/dropChance';
import { restrainedGrowth } from '@/core/heat/restrainedGrowth';
import { metalFromShown } from '@/core/heat/thermometer';
import { MATERIALS, type MaterialCode } from '@/core/catalogue/materials';
import { REFERENCE_C } from '@/core/quantity/measured';
import { succeed } from '@/core/quantity/result';
import { CELSIUS, choice, DIAMETER, FIT, metal, num } from './fields';
import { defineSum, type Sum } from './sum';
import { digits } from './words';

const FREE_EXPANSION = 'linear expansion from 20 °C (ISO 1), constant mean α';
const FREE_VALID =
  '−40 … 200 °C, the whole casting at one temperature. A cold web round a hot boss holds it back: see “Heated boss, cold web”.';

const pairFields = [
  num('interface_diameter_mm', 'Seat diameter', 'size_mm', 62, DIAMETER),
  num(
    'interference_at_20C_mm',
    'Interference at 20 °C',
    'fit_mm',
    0.03,
    FIT,
    'part minus hole; negative is clearance',
  ),
  metal('housing_alpha_per_K', 'Casting', 'alphaPerK', 'alsi9cu3'),
  metal('ring_alpha_per_K', 'Bearing', 'alphaPerK', 'bearing_steel'),
] as const;

type PairInputs = {
  interface_diameter_mm: number;
  interference_at_20C_mm: number;
  housing_alpha_per_K: number;
  ring_alpha_per_K: number;
};
const pairOf = (i: PairInputs): Pair => ({
  diameterMm: i.interface_diameter_mm,
  interferenceMm: i.interference_at_20C_mm,
  ringAlphaPerK: i.ring_alpha_per_K,
  housingAlphaPerK: i.housing_alpha_per_K,
});

const housingTemperature = defineSum({
  topic: 'thermal_fit',
  mode: 'housing_temperature',
  asks: 'drop_in',
  picture: 'fit',
  title: 'How hot must the casting be?',
  lead: 'The casting’s temperature at which the bearing falls in with the clearance you want.',
  keywords: 'heat oven gun temperature drop in case',
  fields: [
    ...pairFields,
    num('ring_temperature_C', 'Bearing temperature', 'celsius', -18, CELSIUS),
    num(
      'wanted_clearance_mm',
      'Clearance wanted',
      'fit_mm',
      0.031,
      [0, 5],
      'usual: 0.0005 of the diameter, at least 20 µm',
    ),
  ],
  answers: [
    { name: 'housing_temperature_C', label: 'Casting must be', quantity: 'celsius' },
    {
      name: 'free_temperature_C',
      label: 'Stays free above',
      quantity: 'celsius',
      nullWords: 'never by heating both',
    },
    { name: 'usual_clearance_mm', label: 'Usual clearance at this size', quantity: 'fit_mm' },
    { name: 'housing_temperature_first_order_C', label: 'Rule of thumb gives', quantity: 'celsius' },
  ],
  headline: 'housing_temperature_C',
  formula: 'T = 20 + ( D·(1 + α_r·(T_r − 20)) + c − D_bore ) / ( α_h·D_bore ),  D_bore = D − δ',
  source: FREE_EXPANSION,
  valid: FREE_VALID,
  largestDoubt: 'the interference, when it is not measured; then α of the casting (± 4 %)',
  caution:
    'Hot metal: gloves, clear bench. Seals, cages and grease take 100–120 °C; some magnesium relaxes above 120 °C.',
  solve: (i) => {
    const {
      interface_diameter_mm: d,
      interference_at_20C_mm: delta,
      ring_temperature_C: ringC,
      wanted_clearance_mm: c,
    } = i;
    return succeed({
      housing_temperature_C: housingTemperatureFor(pairOf(i), { ringC, clearanceMm: c }),
      housing_temperature_first_order_C:
        REFERENCE_C +
        (delta + c + d * i.ring_alpha_per_K * (ringC - REFERENCE_C)) / (d * i.housing_alpha_per_K),
      free_temperature_C: freeTemperature(pairOf(i)),
      usual_clearance_mm: leastClearanceMm(d),
    });
  },
  fill: (i, a) =>
    `T = 20 + ( ${digits(i.interface_diameter_mm * (1 + i.ring_alpha_per_K * (i.ring_temperature_C - 20)), 4)} + ${digits(i.wanted_clearance_mm, 3)} − ${digits(i.interface_diameter_mm - i.interference_at_20C_mm, 3)} ) / ( ${digits(i.housing_alpha_per_K * 1e6, 1)}e−6 · ${digits(i.interface_diameter_mm - i.interference_at_20C_mm, 3)} ) = ${digits(a.housing_temperature_C, 1)} °C`,
  judge: (_, { housing_temperature_C: t }) =>
    t > 200
      ? { words: 'too hot for any casting here: chill the bearing, or press', severity: 'fault' }
      : t > 150
        ? { words: 'heat-treated aluminium loses strength by the hour', severity: 'caution' }
        : t <= 20
          ? { words: 'no heat needed', severity: 'none' }
          : { words: 'an oven or a gun reaches this', severity: 'none' },
});

const ringTemperature = defineSum({
  topic: 'thermal_fit',
  mode: 'ring_temperature',
  asks: 'drop_in',
  picture: 'fit',
  title: 'How cold must the bearing be?',
  lead: 'The bearing’s temperature for a casting of the temperature given.',
  keywords: 'freezer chill cold ice',
  fields: [
    ...pairFields,
    num('housing_temperature_C', 'Casting temperature', 'celsius', 90, CELSIUS),
    num('wanted_clearance_mm', 'Clearance wanted', 'fit_mm', 0.031, [0, 5]),
  ],
  answers: [
    { name: 'ring_temperature_C', label: 'Bearing must be', quantity: 'celsius' },
    { name: 'chill_needed', label: 'Freezer needed', quantity: 'yes_no' },
  ],
  headline: 'ring_temperature_C',
  formula: 'T_r = 20 + ( D_bore·(1 + α_h·(T_h − 20)) − c − D ) / ( α_r·D )',
  source: FREE_EXPANSION,
  valid: FREE_VALID,
  largestDoubt: 'the interference, when it is not measured',
  solve: (i) => {
    const t = ringTemperatureFor(pairOf(i), {
      housingC: i.housing_temperature_C,
      clearanceMm: i.wanted_clearance_mm,
    });
    return succeed({ ring_temperature_C: t, chill_needed: t < REFERENCE_C });
  },
  fill: (i, a) =>
    `T_r = 20 + ( ${digits(i.interface_diameter_mm - i.interference_at_20C_mm, 3)}·(1 + ${digits(i.housing_alpha_per_K * 1e6, 1)}e−6·${digits(i.housing_temperature_C - 20, 0)}) − ${digits(i.wanted_clearance_mm, 3)} − ${digits(i.interface_diameter_mm, 3)} ) / ( ${digits(i.ring_alpha_per_K * 1e6, 1)}e−6·${digits(i.interface_diameter_mm, 3)} ) = ${digits(a.ring_temperature_C, 1)} °C`,
  judge: (_, { ring_temperature_C: t }) =>
    t < -30
      ? { words: 'colder than a freezer: heat the casting more', severity: 'fault' }
      : t < 20
        ? { words: 'a freezer gives this', severity: 'none' }
        : { words: 'no chill needed', severity: 'none' },
});

const fitAtTemperature = defineSum({
  topic: 'thermal_fit',
  mode: 'fit_at_temperature',
  asks: 'fit',
  picture: 'fit',
  title: 'How tight is it when hot?',
  lead: 'The fit at running temperatures, and where the seat lets go of its race.',
  keywords: 'running fit loose hot spun creep fall out',
  fields: [
    ...pairFields,
    num('housing_temperature_C', 'Casting temperature', 'celsius', 85, CELSIUS),
    num('ring_temperature_C', 'Race temperature', 'celsius', 90, CELSIUS),
  ],
  answers: [
    { name: 'interference_mm', label: 'Interference at these temperatures', quantity: 'fit_mm' },
    { name: 'clearance_mm', label: 'Clearance', quantity: 'fit_mm' },
    {
      name: 'loose_uniform_temperature_C',
      label: 'Both together: free above',
      quantity: 'celsius',
      nullWords: 'never by heating both',
    },
    { name: 'U_from_8K_mm', label: 'Uncertainty from ± 8 K on each (2u)', quantity: 'fit_mm' },
  ],
  headline: 'interference_mm',
  formula:
    'δ(T) = D·(1 + α_r·(T_r − 20)) − (D − δ)·(1 + α_h·(T_h − 20));  T_free = 20 + δ / ( (D − δ)·α_h − D·α_r )',
  source: FREE_EXPANSION,
  valid: FREE_VALID,
  largestDoubt: 'the running temperatures: ± 8 K on each is 25 µm on 62 mm in aluminium',
  solve: (i) => {
    const clearance = clearanceAt(pairOf(i), {
      ringC: i.ring_temperature_C,
      housingC: i.housing_temperature_C,
    });
    const d = i.interface_diameter_mm;
    return succeed({
      interference_mm: -clearance,
      clearance_mm: clearance,
      loose_uniform_temperature_C: freeTemperature(pairOf(i)),
      U_from_8K_mm: 2 * Math.hypot(d * i.ring_alpha_per_K * 8, d * i.housing_alpha_per_K * 8),
    });
  },
  fill: (i, a) =>
    `δ = ${digits(i.interface_diameter_mm * (1 + i.ring_alpha_per_K * (i.ring_temperature_C - 20)), 4)} − ${digits((i.interface_diameter_mm - i.interference_at_20C_mm) * (1 + i.housing_alpha_per_K * (i.housing_temperature_C - 20)), 4)} = ${digits(a.interference_mm, 4)} mm`,
  judge: (_, { interference_mm: d, U_from_8K_mm: u }) =>
    d - u > 0
      ? { words: 'holds when hot', severity: 'none' }
      : d + u < 0
        ? { words: 'loose when hot: a race under rotating load creeps and wears', severity: 'fault' }
        : { words: 'may go loose hot', severity: 'caution' },
});

const heatedRing = defineSum({
  topic: 'thermal_fit',
  mode: 'heated_ring_on_shaft',
  asks: 'drop_in',
  picture: 'fit',
  title: 'How hot must the bearing be for its shaft?',
  lead: 'Heat the bearing, keep the shaft cold, drop it on.',
  keywords: 'shaft inner race induction heater journal',
  fields: [
    num('interface_diameter_mm', 'Journal diameter', 'size_mm', 30, DIAMETER),
    num('interference_at_20C_mm', 'Interference at 20 °C', 'fit_mm', 0.012, FIT),
    metal('ring_alpha_per_K', 'Bearing', 'alphaPerK', 'bearing_steel'),
    metal('shaft_alpha_per_K', 'Shaft', 'alphaPerK', 'mild_steel'),
    num('shaft_temperature_C', 'Shaft temperature', 'celsius', 20, CELSIUS),
    num('wanted_clearance_mm', 'Clearance wanted', 'fit_mm', 0.02, [0, 5]),
  ],
  answers: [{ name: 'ring_temperature_C', label: 'Bearing must be', quantity: 'celsius' }],
  headline: 'ring_temperature_C',
  formula: 'T_r = 20 + ( D·(1 + α_s·(T_s − 20)) + c − (D − δ) ) / ( α_r·(D − δ) )',
  source: FREE_EXPANSION,
  valid: 'up to 120 °C: bearing steel is stabilised to there, grease and cages less',
  largestDoubt: 'the interference on the shaft',
  caution:
    'Never a torch on a bearing; demagnetise after an induction heater. Sealed bearings: 100 °C at most.',
  solve: (i) =>
    succeed({
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
  fill: (i, a) =>
    `T_r = 20 + ( ${digits(i.interface_diameter_mm * (1 + i.shaft_alpha_per_K * (i.shaft_temperature_C - 20)), 4)} + ${digits(i.wanted_clearance_mm, 3)} − ${digits(i.interface_diameter_mm - i.interference_at_20C_mm, 3)} ) / ( ${digits(i.ring_alpha_per_K * 1e6, 1)}e−6·${digits(i.interface_diameter_mm - i.interference_at_20C_mm, 3)} ) = ${digits(a.ring_temperature_C, 1)} °C`,
  judge: (_, { ring_temperature_C: t }) =>
    t > 120
      ? {
          words: 'beyond what bearing steel takes: chill the shaft as well, or draw it on',
          severity: 'fault',
        }
      : t > 100
        ? { words: 'open bearings only', severity: 'caution' }
        : { words: 'a plate or an oven reaches this', severity: 'none' },
});

const chance = defineSum({
  topic: 'drop_chance',
  mode: null,
  asks: 'drop_in',
  picture: 'fit',
  title: 'What are the chances that it drops?',
  lead: 'From what is not known of interference, temperatures and expansion.',
  keywords: 'probability odds spread monte carlo uncertainty',
  fields: [
    ...pairFields,
    num('u_interference_mm', 'Uncertainty of the interference (u)', 'fit_mm', 0.005, [0, 1]),
    num('ring_temperature_C', 'Bearing temperature', 'celsius', -16, CELSIUS),
    num('housing_temperature_C', 'Casting temperature', 'celsius', 95, CELSIUS),
    num('u_temperature_K', 'Uncertainty of each temperature (u)', 'kelvin', 4, [0, 100]),
    num('margin_mm', 'Least clearance', 'fit_mm', 0.031, [0, 5]),
  ],
  answers: [
    { name: 'chance', label: 'Chance that it drops', quantity: 'share' },
    { name: 'chance_by_lots', label: 'The same by 50 000 lots', quantity: 'share' },
    { name: 'clearance_mm', label: 'Likely clearance', quantity: 'fit_mm' },
    { name: 'u_clearance_mm', label: 'Its uncertainty (u)', quantity: 'fit_mm' },
    { name: 'holdable_tilt_mm', label: 'Hold it square to, across 17 mm of width', quantity: 'fit_mm' },
  ],
  headline: 'chance',
  formula: 'chance = Φ( (clearance − least) / u ),  u = √( u_δ² + (D·α_r·u_T)² + (D·α_h·u_T)² + … )',
  source: 'JCGM 100 (root-sum-square) and JCGM 101 (drawing lots), from memory; both shown',
  valid: 'doubts small enough to be taken as straight lines; lots check that',
  largestDoubt: 'shown by changing one uncertainty at a time',
  solve: (i) => {
    const odds = {
      interferenceMm: { value: i.interference_at_20C_mm, u: i.u_interference_mm },
      ringC: { value: i.ring_temperature_C, u: i.u_temperature_K },
      housingC: { value: i.housing_temperature_C, u: i.u_temperature_K },
      diameterMm: i.interface_diameter_mm,
      ring: { alphaPerK: i.ring_alpha_per_K, uAlphaPerK: 0.04 * i.ring_alpha_per_K },
      housing: { alphaPerK: i.housing_alpha_per_K, uAlphaPerK: 0.04 * i.housing_alpha_per_K },
      marginMm: i.margin_mm,
    };
    const first = dropChance(odds);
    return succeed({
      chance: first.chance,
      chance_by_lots: dropChanceByLots(odds, { draws: 50_000, seed: 20 }).share,
      clearance_mm: first.clearanceMm.value,
      u_clearance_mm: first.clearanceMm.u,
      holdable_tilt_mm: holdableTiltMm({
        clearanceMm: first.clearanceMm.value - 2 * first.clearanceMm.u,
        diameterMm: i.interface_diameter_mm,
        widthMm: 17,
      }),
    });
  },
  fill: (i, a) =>
    `chance = Φ( (${digits(a.clearance_mm, 4)} − ${digits(i.margin_mm, 3)}) / ${digits(a.u_clearance_mm, 4)} ) = ${digits(100 * a.chance, 0)} %`,
  judge: (_, { chance: p }) =>
    p > 0.97
      ? { words: 'it will drop', severity: 'none' }
      : p > 0.7
        ? { words: 'likely, not sure: hotter or colder', severity: 'caution' }
        : { words: 'do not let go yet', severity: 'fault' },
});

const METALS = Object.values(MATERIALS)
  .filter(({ code }) => code !== 'bearing_steel')
  .map(({ code, name }) => [code, name] as const) as readonly (readonly [MaterialCode, string])[];

const heatedBoss = defineSum({
  topic: 'restrained_growth',
  mode: null,
  asks: 'drop_in',
  picture: 'boss',
  title: 'Heated boss, cold web',
  lead: 'How much of its free growth a boss keeps when only it is hot.',
  keywords: 'gun torch local heat restrained boss web',
  fields: [
    num('interface_diameter_mm', 'Bore', 'size_mm', 62, DIAMETER),
    num('boss_outer_diameter_mm', 'Boss outside', 'size_mm', 78, DIAMETER),
    num('web_outer_diameter_mm', 'Web reaches to', 'size_mm', 200, DIAMETER),
    num('boss_width_mm', 'Boss height', 'size_mm', 20, [0.5, 500]),
    num('web_thickness_mm', 'Web thickness', 'size_mm', 5, [0.5, 500]),
    num('boss_C', 'Boss temperature', 'celsius', 120, [-100, 400]),
    num('rim_C', 'Web’s rim temperature', 'celsius', 40, [-100, 400]),
    choice('material', 'Metal', METALS, 'alsi9cu3'),
  ],
  answers: [
    {
      name: 'growth_share',
      label: 'Keeps of its free growth',
      quantity: 'share',
      nullWords: 'no growth at 20 °C',
    },
    { name: 'bore_growth_mm', label: 'Bore grows', quantity: 'fit_mm' },
    { name: 'free_growth_mm', label: 'Free growth would be', quantity: 'fit_mm' },
  ],
  headline: 'growth_share',
  formula:
    'plane-stress disc of stepped width with T(r): u and width·σ_r go on at the step, σ_r = 0 at bore and rim',
  source: 'Timoshenko & Goodier, Theory of Elasticity (from memory)',
  valid: 'web in the middle of the boss, even round the clock',
  largestDoubt: 'how far the heat has crept into the web',
  solve: (i) => {
    const { youngsModulusMPa, poisson, alphaPerK } = MATERIALS[i.material];
    const grown = restrainedGrowth({
      diameterMm: i.interface_diameter_mm,
      bossOutsideMm: i.boss_outer_diameter_mm,
      webOutsideMm: i.web_outer_diameter_mm,
      bossWidthMm: i.boss_width_mm,
      webThicknessMm: i.web_thickness_mm,
      bossC: i.boss_C,
      rimC: i.rim_C,
      alphaPerK,
      youngsModulusMPa,
      poisson,
    });
    return grown.ok
      ? succeed({
          growth_share: grown.value.share,
          bore_growth_mm: grown.value.boreGrowthMm,
          free_growth_mm: grown.value.freeGrowthMm,
        })
      : grown;
  },
  fill: (_, a) =>
    `${digits(a.bore_growth_mm, 4)} mm of ${digits(a.free_growth_mm, 4)} mm${a.growth_share === null ? '' : ` = ${digits(100 * a.growth_share, 0)} %`}`,
});

const thermometer = defineSum({
  topic: 'thermometer',
  mode: null,
  asks: 'drop_in',
  picture: 'curve',
  title: 'What does the contact-free thermometer mean?',
  lead: 'Bare bright metal shows far too low.',
  keywords: 'infrared pyrometer emissivity laser gun reading',
  fields: [
    num('shown_C', 'It shows', 'celsius', 36, [-50, 1000]),
    num('set_emissivity', 'Emissivity set on it', 'ratio', 0.95, [0.1, 1]),
    num(
      'emissivity',
      'Emissivity of the metal',
      'ratio',
      0.1,
      [0.02, 1],
      'bright aluminium 0.05–0.15, cast skin 0.2–0.3, matt tape 0.95',
    ),
    num('u_emissivity', 'its uncertainty (u)', 'ratio', 0.05, [0, 0.5]),
    num('background_C', 'Surroundings', 'celsius', 20, [-40, 200]),
  ],
  answers: [
    { name: 'low_C', label: 'Metal is at least', quantity: 'celsius', nullWords: 'cannot be: look at ε' },
    { name: 'high_C', label: 'at most', quantity: 'celsius', nullWords: 'cannot be said' },
    { name: 'metal_C', label: 'Corrected', quantity: 'celsius', nullWords: 'none below ε 0.5' },
  ],
  headline: 'low_C',
  formula: 'ε_set·T_shown⁴ + (1 − ε_set)·T_room⁴ = ε·T⁴ + (1 − ε)·T_room⁴  (kelvin)',
  source: 'Stefan–Boltzmann, grey body in an enclosure; Incropera & DeWitt ch. 12 (from memory)',
  valid: 'below ε 0.5 only a range',
  largestDoubt: 'the emissivity',
  solve: (i) => {
    const found = metalFromShown({
      shownC: i.shown_C,
      setEmissivity: i.set_emissivity,
      emissivity: i.emissivity,
      uEmissivity: i.u_emissivity,
      backgroundC: i.background_C,
    });
    return succeed({
      low_C: found.lowC,
      high_C: found.highC,
      metal_C: found.metalC,
      advice: found.advice,
    });
  },
  fill: (i, a) =>
    `ε ${digits(i.emissivity, 2)} ± ${digits(i.u_emissivity, 2)}: ${a.low_C === null ? 'no low end' : `${digits(a.low_C, 0)} °C`} … ${a.high_C === null ? 'no high end' : `${digits(a.high_C, 0)} °C`}`,
  judge: (_, { advice }) =>
    advice === 'use_as_is'
      ? { words: 'the corrected figure can be used', severity: 'none' }
      : { words: 'stick matt tape on it, or use a contact probe', severity: 'fault' },
});

export const DROP_IN: readonly Sum[] = [
  housingTemperature,
  ringTemperature,
  chance,
  heatedBoss,
  thermometer,
  heatedRing,
  fitAtTemperature,
];
