import { holdableTiltMm } from '@/core/heat/expansion';
import { dropChance, dropChanceByLots } from '@/core/heat/dropChance';
import { restrainedGrowth } from '@/core/heat/restrainedGrowth';
import { metalFromShown } from '@/core/heat/thermometer';
import { MATERIALS, type MaterialCode } from '@/core/catalogue/materials';
import { succeed } from '@/core/quantity/result';
import { CELSIUS, choice, DIAMETER, num } from './fields';
import { defineSum } from './sum';
import { digits } from './words';
import { pairFields } from './dropIn';

export const chance = defineSum({
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

export const heatedBoss = defineSum({
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

export const thermometer = defineSum({
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
