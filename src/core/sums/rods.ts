import { STRENGTH_CLASSES } from '@/core/catalogue/threads';
import {
  judgeRod,
  ROD_DOUBT,
  ramForceN,
  rodFromForce,
  rodFromTorque,
  turnsForTravel,
  type RodInput,
  type RodVerdict,
} from '@/core/force/threadedRod';
import { succeed } from '@/core/quantity/result';
import { choice, num } from './fields';
import { defineSum, type Verdict } from './sum';
import { digits } from './words';
import { rename } from './pushing';

const STRENGTHS = STRENGTH_CLASSES.map(
  (value) => [value, value === '4.6' ? '4.6 (unmarked rod)' : value] as const,
);

const rodFields = [
  num('thread_d_mm', 'Thread diameter', 'size_mm', 10, [1.6, 64]),
  num('pitch_mm', 'Pitch', 'size_mm', 1.5, [0.2, 6]),
] as const;

const rodEnd = [
  num('friction_thread', 'Friction in the thread', 'ratio', 0.12, [0, 1], 'greased 0.10–0.14'),
  num('friction_nut_face', 'Friction under the nut', 'ratio', 0.12, [0, 1], 'thrust bearing under it: 0.01'),
  num('nut_face_mean_diameter_mm', 'Mean diameter under the nut', 'size_mm', 13.5, [0, 300]),
  choice('strength_class', 'Strength of the rod', STRENGTHS, '4.6'),
] as const;

type RodInputs = {
  thread_d_mm: number;
  pitch_mm: number;
  friction_thread: number;
  friction_nut_face: number;
  nut_face_mean_diameter_mm: number;
  strength_class: RodInput['strength'];
};

const rodOf = (i: RodInputs): RodInput => ({
  thread: { diameterMm: i.thread_d_mm, pitchMm: i.pitch_mm },
  strength: i.strength_class,
  frictionThread: i.friction_thread,
  frictionNutFace: i.friction_nut_face,
  nutFaceMeanDiameterMm: i.nut_face_mean_diameter_mm,
});

const rodNames = rename({
  threadDiameterMm: 'thread_d_mm',
  pitchMm: 'pitch_mm',
  torqueNm: 'torque_Nm',
  forceN: 'force_kN',
});

const rodSource = 'VDI 2230 form; ISO 898-1 proof stress (from memory)';

/** Both sums of a rod judge alike. */
const ROD_WORDS: Record<RodVerdict, Verdict> = {
  over_proof: { words: 'over proof: the rod stretches', severity: 'fault' },
  may_be_over: { words: 'may be over proof, as friction is known: thicker rod', severity: 'caution' },
  sound: { words: 'the rod stands it', severity: 'none' },
};

export const rodForce = defineSum({
  topic: 'press_rod',
  mode: 'force',
  asks: 'push',
  picture: 'rod',
  title: 'What does this rod pull?',
  lead: 'A threaded rod and nut: pull for a torque, and how near the rod is to stretching.',
  keywords: 'threaded rod draw in torque nut m10 m12 pull proof',
  fields: [...rodFields, num('torque_Nm', 'Torque at the nut', 'newton_metre', 20, [0, 5000]), ...rodEnd],
  answers: [
    { name: 'force_kN', label: 'Pull', quantity: 'kilonewton' },
    { name: 'utilisation', label: 'Of its proof load', quantity: 'share' },
    { name: 'combined_utilisation', label: 'Pull and twist together', quantity: 'share' },
    { name: 'proof_load_kN', label: 'Proof load', quantity: 'kilonewton' },
    { name: 'torque_at_proof_Nm', label: 'Torque at proof', quantity: 'newton_metre' },
    { name: 'over_proof', label: 'Past proof', quantity: 'yes_no' },
    { name: 'thread_self_locking', label: 'Holds when let go', quantity: 'yes_no' },
  ],
  headline: 'force_kN',
  formula: 'T = F·( P/2π + µ_t·d₂/(2·cos 30°) + µ_n·D_km/2 )',
  source: rodSource,
  valid: 'steel, nut square on its seat',
  largestDoubt: `friction (± ${100 * ROD_DOUBT} % of the pull)`,
  caution: 'Even drag, then a definite stop. Three times the torque expected: stop and look.',
  solve: (i) => {
    const rod = rodFromTorque(rodOf(i), i.torque_Nm);
    if (!rod.ok) return rodNames(rod);
    const v = rod.value;
    return succeed({
      force_kN: v.forceN / 1000,
      pitch_diameter_mm: v.pitchDiameterMm,
      stress_area_mm2: v.stressAreaMm2,
      proof_load_kN: v.proofLoadN / 1000,
      utilisation: v.utilisation,
      combined_utilisation: v.combinedUtilisation,
      over_proof: v.isOverProof,
      torque_at_proof_Nm: v.torqueAtProofNm,
      thread_self_locking: v.isSelfLocking,
    });
  },
  fill: (i, a) =>
    `F = ${digits(i.torque_Nm, 1)} N·m / ( ${digits(i.pitch_mm / (2 * Math.PI), 3)} + ${digits((i.friction_thread * a.pitch_diameter_mm) / (2 * Math.cos(Math.PI / 6)), 3)} + ${digits((i.friction_nut_face * i.nut_face_mean_diameter_mm) / 2, 3)} ) mm = ${digits(a.force_kN, 1)} kN`,
  judge: (_, { combined_utilisation: c }) => ROD_WORDS[judgeRod({ combinedUtilisation: c })],
});

export const rodTorque = defineSum({
  topic: 'press_rod',
  mode: 'torque',
  asks: 'push',
  picture: 'rod',
  title: 'What torque should I feel?',
  lead: 'For the push that the fit asks for; three times that, or four fifths of proof, means stop.',
  keywords: 'threaded rod expected torque stop feel',
  fields: [...rodFields, num('force_kN', 'Push needed', 'kilonewton', 4, [0, 1000]), ...rodEnd],
  answers: [
    { name: 'torque_Nm', label: 'Torque to expect', quantity: 'newton_metre' },
    { name: 'stop_at_torque_Nm', label: 'Stop at', quantity: 'newton_metre' },
    { name: 'utilisation', label: 'Rod: of its proof load', quantity: 'share' },
    { name: 'combined_utilisation', label: 'Rod: pull and twist together', quantity: 'share' },
  ],
  headline: 'torque_Nm',
  formula: 'T = F·( P/2π + µ_t·d₂/(2·cos 30°) + µ_n·D_km/2 )',
  source: rodSource,
  valid: 'steel, nut square on its seat',
  largestDoubt: 'friction',
  solve: (i) => {
    const rod = rodFromForce(rodOf(i), i.force_kN * 1000);
    return rod.ok
      ? succeed({
          torque_Nm: rod.value.torqueNm,
          stop_at_torque_Nm: rod.value.stopAtTorqueNm,
          utilisation: rod.value.utilisation,
          combined_utilisation: rod.value.combinedUtilisation,
          over_proof: rod.value.isOverProof,
          force_kN: i.force_kN,
        })
      : rodNames(rod);
  },
  fill: (i, a) =>
    `T = ${digits(i.force_kN, 2)} kN · ${digits(i.force_kN > 0 ? a.torque_Nm / i.force_kN : 0, 3)} mm = ${digits(a.torque_Nm, 1)} N·m`,
  judge: (_, { combined_utilisation: c }) => ROD_WORDS[judgeRod({ combinedUtilisation: c })],
});

export const travel = defineSum({
  topic: 'press_rod',
  mode: 'travel',
  asks: 'push',
  picture: 'rod',
  title: 'How many turns are left?',
  lead: 'Millimetres still to go, as turns of the nut.',
  keywords: 'turns degrees flats travel pitch nut',
  fields: [
    num('pitch_mm', 'Pitch', 'size_mm', 1.5, [0.2, 6]),
    num('travel_mm', 'Still to go', 'size_mm', 0.36, [0, 500]),
  ],
  answers: [
    { name: 'degrees', label: 'Degrees', quantity: 'degree' },
    { name: 'turns', label: 'Turns', quantity: 'ratio' },
    { name: 'flats', label: 'Flats of the nut', quantity: 'ratio' },
  ],
  headline: 'degrees',
  formula: 'turns = travel / pitch;  360° and 6 flats a turn',
  source: 'geometry',
  valid: 'one nut held, the other turned',
  largestDoubt: 'slack before it bites',
  solve: (i) => succeed(turnsForTravel({ travelMm: i.travel_mm, pitchMm: i.pitch_mm })),
  fill: (i, a) =>
    `${digits(i.travel_mm, 2)} / ${digits(i.pitch_mm, 2)} = ${digits(a.turns, 2)} turns = ${digits(a.degrees, 0)}°`,
});

export const ram = defineSum({
  topic: 'ram_force',
  mode: null,
  asks: 'push',
  picture: 'rod',
  title: 'What does the press push?',
  lead: 'From its gauge and its ram.',
  keywords: 'press hydraulic gauge bar ram tonnes',
  fields: [
    num('gauge_bar', 'Gauge shows', 'bar', 60, [0, 1000]),
    num('ram_diameter_mm', 'Ram diameter', 'size_mm', 40, [5, 500]),
  ],
  answers: [{ name: 'force_kN', label: 'Push', quantity: 'kilonewton' }],
  headline: 'force_kN',
  formula: 'F = p·π/4·D²  (1 bar = 0.1 N/mm²)',
  source: 'hydrostatics',
  valid: 'gauge at the ram; packing friction takes a few per cent',
  largestDoubt: 'the gauge',
  caution: 'Press: shield, support square, stand aside; a brittle race can burst.',
  solve: (i) =>
    succeed({ force_kN: ramForceN({ gaugeBar: i.gauge_bar, ramDiameterMm: i.ram_diameter_mm }) / 1000 }),
  fill: (i, a) =>
    `F = ${digits(i.gauge_bar * 0.1, 2)} · π/4 · ${digits(i.ram_diameter_mm, 1)}² = ${digits(a.force_kN * 1000, 0)} N`,
});
