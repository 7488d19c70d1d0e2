import { findZoneUm } from '@/core/catalogue/limits';
import { MATERIALS } from '@/core/catalogue/materials';
import { solvePressFit } from '@/core/fit/pressFit';
import {
  bondedHoldN,
  bushBoreAfterFitting,
  neededNipUm,
  outOfRoundLimitUm,
  RETAINING_COMPOUND,
} from '@/core/fit/remedies';
import { fail, succeed } from '@/core/quantity/result';
import { choice, FIT, num } from './fields';
import { defineSum } from './sum';
import { digits } from './words';

export const bondedHold = defineSum({
  topic: 'bonded_hold',
  mode: null,
  asks: 'fit',
  picture: 'fit',
  title: 'Will retaining compound hold it?',
  lead: 'A loose seat that is bonded: what it holds along the axis, and how far off centre it may sit.',
  keywords: 'loose spun retaining compound adhesive bond gap hold',
  fields: [
    num('interface_diameter_mm', 'Seat diameter', 'size_mm', 47, [3, 300]),
    num('width_mm', 'Width that bonds', 'size_mm', 14, [1, 120]),
    num('gap_mm', 'Gap on diameter', 'fit_mm', 0.06, [0, 1]),
    num('needed_kN', 'It must hold', 'kilonewton', 2, [0, 200]),
  ],
  answers: [
    { name: 'hold_kN', label: 'Holds, aged and oily', quantity: 'kilonewton' },
    { name: 'off_centre_mm', label: 'May sit off centre by', quantity: 'fit_mm' },
    { name: 'limit_C', label: 'Not hotter than', quantity: 'celsius' },
  ],
  headline: 'hold_kN',
  formula: 'F = τ·π·d·B with τ = 3 MPa, derated;  off centre ≤ gap / 2',
  source:
    'shear of a cylinder; strength from memory: about 20 MPa fresh at 20 °C, half at 120 °C, 3 MPa to count on',
  valid: `clean, dry, up to ${RETAINING_COMPOUND.maxGapMm} mm on diameter`,
  largestDoubt: 'how clean the two faces were',
  solve: (i) =>
    succeed({
      hold_kN: bondedHoldN({ diameterMm: i.interface_diameter_mm, widthMm: i.width_mm }) / 1000,
      off_centre_mm: i.gap_mm / 2,
      clearance_mm: i.gap_mm,
      limit_C: RETAINING_COMPOUND.limitC,
      is_within_gap: i.gap_mm <= RETAINING_COMPOUND.maxGapMm,
    }),
  fill: (i, a) =>
    `F = 3 MPa·π·${digits(i.interface_diameter_mm, 1)}·${digits(i.width_mm, 1)} = ${digits(a.hold_kN, 1)} kN`,
  judge: (i, { hold_kN, is_within_gap }) =>
    !is_within_gap
      ? { words: 'too wide a gap: sleeve it', severity: 'fault' }
      : hold_kN < i.needed_kN
        ? { words: 'holds too little: sleeve it', severity: 'fault' }
        : { words: 'it holds', severity: 'none' },
});

export const bushBore = defineSum({
  topic: 'bush_bore',
  mode: null,
  asks: 'fit',
  picture: 'fit',
  title: 'What bore will the pressed bush have?',
  lead: 'A bush closes when it is pressed in: what is left to ream or hone.',
  keywords: 'bush bronze bore closes ream hone after fitting',
  fields: [
    num('interface_diameter_mm', 'Bush outside', 'size_mm', 28, [4, 300]),
    num('free_bore_mm', 'Its bore before', 'size_mm', 22.02, [2, 290]),
    num('interference_mm', 'Interference', 'fit_mm', 0.04, [0, FIT[1]]),
    num('boss_outside_mm', 'Boss outside', 'size_mm', 45, [5, 1000]),
    choice(
      'bush',
      'Bush of',
      [
        ['tin_bronze', 'tin bronze'],
        ['mild_steel', 'steel'],
      ],
      'tin_bronze',
    ),
    choice(
      'housing',
      'In',
      [
        ['alsi9cu3', 'cast aluminium'],
        ['az91', 'magnesium'],
        ['mild_steel', 'steel'],
        ['grey_iron', 'cast iron'],
      ],
      'alsi9cu3',
    ),
    num('wanted_bore_mm', 'Bore that it must have', 'size_mm', 22.02, [2, 290]),
  ],
  answers: [
    { name: 'bore_mm', label: 'Its bore after', quantity: 'size_mm' },
    { name: 'closes_by_mm', label: 'It closes by', quantity: 'fit_mm' },
    { name: 'to_ream_mm', label: 'To take out', quantity: 'fit_mm' },
  ],
  headline: 'bore_mm',
  formula: 'd_i after = d_i − (2·p·d²)/(E_i·(d² − d_i²))·d_i, p by Lamé',
  source: 'Lamé, plane stress (from memory)',
  valid:
    'elastic, bush and boss of one length; a web holds the boss stiffer, and the bush closes a little more',
  largestDoubt: 'the boss’s stiffness',
  solve: (i) => {
    const bush = MATERIALS[i.bush];
    const housing = MATERIALS[i.housing];
    const fit = solvePressFit({
      interferenceMm: i.interference_mm,
      diameterMm: i.interface_diameter_mm,
      ringBoreMm: i.free_bore_mm,
      housingOutsideMm: i.boss_outside_mm,
      ring: bush,
      housing,
    });
    if (!fit.ok) {
      const names: Record<string, string> = {
        ringBoreMm: 'free_bore_mm',
        housingOutsideMm: 'boss_outside_mm',
        diameterMm: 'interface_diameter_mm',
      };
      return fail(...fit.issues.map((issue) => ({ ...issue, field: names[issue.field] ?? issue.field })));
    }
    const { ringBoreContractionMm } = fit.value;
    const boreMm = bushBoreAfterFitting({
      freeBoreMm: i.free_bore_mm,
      contractionMm: ringBoreContractionMm,
    });
    return succeed({
      bore_mm: boreMm,
      closes_by_mm: ringBoreContractionMm,
      to_ream_mm: Math.max(0, i.wanted_bore_mm - boreMm),
      pressure_MPa: fit.value.pressureMPa,
      clearance_mm: -i.interference_mm,
    });
  },
  fill: (i, a) =>
    `p = ${digits(a.pressure_MPa, 1)} MPa closes ${digits(i.free_bore_mm, 3)} by ${digits(a.closes_by_mm, 3)} to ${digits(a.bore_mm, 3)} mm`,
  judge: (_, { to_ream_mm: left }) =>
    left > 0
      ? { words: 'ream or hone it after pressing', severity: 'caution' }
      : { words: 'wide enough as it is', severity: 'none' },
});

export const neededNip = defineSum({
  topic: 'needed_nip',
  mode: null,
  asks: 'fit',
  picture: 'fit',
  title: 'How much interference keeps a race from walking?',
  lead: 'A race under a load that goes round creeps in its seat unless it is tight enough.',
  keywords: 'creep walk rotating load inner race interference needed',
  fields: [
    num('interface_diameter_mm', 'Seat of the race', 'size_mm', 20, [3, 300]),
    num('width_mm', 'Width of the race', 'size_mm', 15, [1, 120]),
    num('load_kN', 'Radial load', 'kilonewton', 3, [0, 500]),
    num('nip_um', 'Interference it has, as it runs', 'fit_um', 9, [-200, 300]),
  ],
  answers: [{ name: 'needed_nip_um', label: 'Interference it needs', quantity: 'fit_um' }],
  headline: 'needed_nip_um',
  formula: 'δ = 0.08·√( (d/B)·F_r )  (µm, N)',
  source: 'handbook practice for inner races, from memory',
  valid: 'steel shaft; loads up to a quarter of the static rating',
  largestDoubt: 'the load',
  solve: (i) =>
    succeed({
      needed_nip_um: neededNipUm({
        boreMm: i.interface_diameter_mm,
        widthMm: i.width_mm,
        loadN: i.load_kN * 1000,
      }),
      clearance_mm: -i.nip_um / 1000,
    }),
  fill: (i, a) =>
    `0.08·√( ${digits(i.interface_diameter_mm, 1)}/${digits(i.width_mm, 1)}·${digits(i.load_kN * 1000, 0)} N ) = ${digits(a.needed_nip_um, 1)} µm`,
  judge: (i, { needed_nip_um }) =>
    i.nip_um >= needed_nip_um
      ? { words: 'tight enough', severity: 'none' }
      : { words: 'it walks: tighter fit, or bonded', severity: 'fault' },
});

export const outOfRound = defineSum({
  topic: 'out_of_round',
  mode: null,
  asks: 'fit',
  picture: 'fit',
  title: 'Is the bore round enough?',
  lead: 'A thin race takes the shape of its bore: half of tolerance grade 5 is what it bears.',
  keywords: 'oval out of round bore roundness it5 thin race',
  fields: [
    num('interface_diameter_mm', 'Seat', 'size_mm', 52, [3, 250]),
    num('out_of_round_um', 'Largest difference across it', 'fit_um', 5, [0, 500]),
  ],
  answers: [
    { name: 'limit_um', label: 'Bears', quantity: 'fit_um' },
    { name: 'it5_um', label: 'Grade IT5', quantity: 'fit_um' },
  ],
  headline: 'limit_um',
  formula: 'out of round ≤ IT5 / 2',
  source: 'ISO 286-1 for IT5; the half from memory',
  valid: 'ball bearings; a two-point gauge does not see three lobes',
  largestDoubt: 'what the gauge cannot see',
  solve: (i) => {
    const it5 = findZoneUm(i.interface_diameter_mm, 5);
    return it5 === null
      ? fail({
          code: 'outside_the_table',
          field: 'interface_diameter_mm',
          given: i.interface_diameter_mm,
          min: 3,
          max: 250,
        })
      : succeed({ it5_um: it5, limit_um: outOfRoundLimitUm(it5) });
  },
  fill: (_, a) => `IT5 = ${digits(a.it5_um, 0)} µm, half of it ${digits(a.limit_um, 1)} µm`,
  judge: (i, { limit_um }) =>
    i.out_of_round_um <= limit_um
      ? { words: 'round enough', severity: 'none' }
      : { words: 'the race copies it: take it off the clearance, or bore and sleeve', severity: 'caution' },
});
