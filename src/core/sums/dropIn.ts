import {
  clearanceAt,
  freeTemperature,
  housingTemperatureFor,
  leastClearanceMm,
  ringTemperatureFor,
  type Pair,
} from '@/core/heat/expansion';
import { REFERENCE_C } from '@/core/quantity/measured';
import { succeed } from '@/core/quantity/result';
import { CELSIUS, DIAMETER, FIT, metal, num } from './fields';
import { defineSum } from './sum';
import { digits } from './words';

const FREE_EXPANSION = 'linear expansion from 20 °C (ISO 1), constant mean α';

const FREE_VALID =
  '−40 … 200 °C, the whole casting at one temperature. A cold web round a hot boss holds it back: see “Heated boss, cold web”.';

export const pairFields = [
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

export const housingTemperature = defineSum({
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

export const ringTemperature = defineSum({
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

export const fitAtTemperature = defineSum({
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

export const heatedRing = defineSum({
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
