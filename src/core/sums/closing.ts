import { STRENGTH_CLASSES } from '@/core/catalogue/threads';
import { checkBolt, checkTorque } from '@/core/closing/bolts';
import { crankcaseLeak } from '@/core/closing/pressureTest';
import { fail, succeed } from '@/core/quantity/result';
import { choice, maybeNum, num } from './fields';
import { defineSum } from './sum';
import { digits } from './words';

const FEMALE = [
  ['light_alloy', 'light alloy'],
  ['magnesium', 'magnesium'],
  ['steel', 'steel or iron'],
] as const;

const threadFields = [
  num('thread_d_mm', 'Thread diameter', 'size_mm', 6, [2, 60]),
  num('pitch_mm', 'Pitch', 'size_mm', 1, [0.2, 6]),
] as const;

export const torque = defineSum({
  topic: 'bolt_torque',
  mode: null,
  asks: 'close',
  picture: 'bolt',
  title: 'Will this torque hold, stretch or strip?',
  lead: 'A torque against the bolt’s proof load and the casting’s thread.',
  keywords: 'bolt torque proof strip thread casing screw',
  fields: [
    ...threadFields,
    choice(
      'strength_class',
      'Bolt',
      STRENGTH_CLASSES.map((c) => [c, c] as const),
      '8.8',
    ),
    num('torque_Nm', 'Torque', 'newton_metre', 10, [0, 2000]),
    num('engagement_mm', 'Thread engaged', 'size_mm', 12, [0.5, 200]),
    choice('female', 'Thread in', FEMALE, 'light_alloy'),
  ],
  answers: [
    { name: 'bolt_utilisation_high', label: 'Bolt: of its proof load, at most', quantity: 'share' },
    { name: 'bolt_utilisation_low', label: 'at least', quantity: 'share' },
    { name: 'thread_utilisation', label: 'Casting’s thread: of its strength', quantity: 'share' },
    { name: 'clamp_low_kN', label: 'Clamps with at least', quantity: 'kilonewton' },
    { name: 'clamp_high_kN', label: 'at most', quantity: 'kilonewton' },
  ],
  headline: 'bolt_utilisation_high',
  formula: 'F = T / ( P/2π + µ·( d₂/(2·cos 30°) + 0.65·d ) ),  µ 0.10–0.16;  proof = R_p·A_s',
  source: 'VDI 2230 form; ISO 898-1 (from memory); female shear from memory',
  valid: 'clean threads, dry to oiled',
  largestDoubt: 'friction',
  caution:
    'A given torque needs its size: check the bolt before the wrench. The manual’s figure comes first.',
  solve: (i) => {
    const found = checkTorque({
      thread: { diameterMm: i.thread_d_mm, pitchMm: i.pitch_mm },
      strength: i.strength_class,
      torqueNm: i.torque_Nm,
      engagementMm: i.engagement_mm,
      female: i.female,
    });
    if (!found.ok) return found;
    const v = found.value;
    return succeed({
      clamp_low_kN: v.clampN.low / 1000,
      clamp_high_kN: v.clampN.high / 1000,
      bolt_utilisation_low: v.boltUtilisation.low,
      bolt_utilisation_high: v.boltUtilisation.high,
      thread_utilisation: v.threadUtilisation,
      verdict: v.verdict,
    });
  },
  fill: (i, a) =>
    `${digits(i.torque_Nm, 1)} N·m: ${digits(a.clamp_low_kN, 1)}–${digits(a.clamp_high_kN, 1)} kN, ${digits(100 * a.bolt_utilisation_high, 0)} % of proof`,
  judge: (_, { verdict }) =>
    (
      ({
        fine: { words: 'holds', severity: 'none' },
        near_the_limit: { words: 'near its limit', severity: 'caution' },
        past_proof: { words: 'past proof: the bolt stretches', severity: 'fault' },
        strips_the_casting: { words: 'strips the casting', severity: 'fault' },
      }) as const
    )[verdict],
});

export const standOut = defineSum({
  topic: 'bolt_stand_out',
  mode: null,
  asks: 'close',
  picture: 'bolt',
  title: 'Is this bolt long enough, or too long?',
  lead: 'Drop it in its hole: what stands out is what grips.',
  keywords: 'bolt length stand out engagement bottom hole',
  fields: [
    num('length_mm', 'Bolt, under its head', 'size_mm', 45, [1, 500]),
    num('grip_mm', 'Goes through', 'size_mm', 33, [0, 500]),
    maybeNum('hole_depth_mm', 'Thread in the hole', 'size_mm', 15, [0, 300], 'through hole'),
    num('thread_d_mm', 'Thread diameter', 'size_mm', 6, [2, 60]),
    choice('female', 'Thread in', FEMALE, 'light_alloy'),
  ],
  answers: [
    { name: 'stand_out_mm', label: 'Stands out', quantity: 'size_mm' },
    { name: 'engagement_mm', label: 'Thread engaged', quantity: 'size_mm' },
    { name: 'needed_mm', label: 'Needs', quantity: 'size_mm' },
    { name: 'bottoms', label: 'Bottoms before it clamps', quantity: 'yes_no' },
  ],
  headline: 'stand_out_mm',
  formula: 'stand-out = length − grip;  needs 1.5·d in light alloy, 2·d in magnesium',
  source: 'common practice (from memory)',
  valid: 'bolt square in its hole',
  largestDoubt: 'swarf in the hole',
  solve: (i) => {
    const v = checkBolt({
      lengthMm: i.length_mm,
      gripMm: i.grip_mm,
      holeDepthMm: i.hole_depth_mm,
      diameterMm: i.thread_d_mm,
      female: i.female,
    });
    return succeed({
      stand_out_mm: v.standOutMm,
      engagement_mm: v.engagementMm,
      needed_mm: v.neededMm,
      is_enough: v.isEnough,
      bottoms: v.bottoms,
    });
  },
  fill: (i, a) =>
    `${digits(i.length_mm, 1)} − ${digits(i.grip_mm, 1)} = ${digits(a.stand_out_mm, 1)} mm;  needs ${digits(a.needed_mm, 1)} mm`,
  judge: (_, { bottoms, is_enough: enough }) =>
    bottoms
      ? { words: 'bottoms before it clamps: too long', severity: 'fault' }
      : enough
        ? { words: 'long enough', severity: 'none' }
        : { words: 'too little thread', severity: 'fault' },
});

export const pressure = defineSum({
  topic: 'pressure_test',
  mode: null,
  asks: 'close',
  picture: 'curve',
  title: 'Does the crankcase leak?',
  lead: 'Pressure or vacuum, what the rig loses itself, and what cooling explains.',
  keywords: 'crankcase leak pressure vacuum two-stroke test',
  fields: [
    num('volume_cm3', 'Volume under test', 'cubic_cm', 500, [10, 20_000]),
    num('start_bar', 'At the start', 'bar', 0.4, [-0.9, 0.5]),
    num('end_bar', 'At the end', 'bar', 0.34, [-0.95, 3]),
    num('minutes', 'Minutes', 'plain', 2, [0.1, 240]),
    num('rig_loss_bar', 'The rig alone loses', 'bar', 0.005, [0, 0.5]),
    num('cooling_K', 'Case cools by', 'kelvin', 1, [-50, 50]),
    num('case_C', 'Case', 'celsius', 22, [-20, 120]),
  ],
  answers: [
    { name: 'loss_bar_min', label: 'Loses a minute', quantity: 'bar' },
    { name: 'leak_cm3_min', label: 'That is, cm³ a minute', quantity: 'plain' },
    { name: 'cooling_bar', label: 'Cooling explains', quantity: 'bar' },
  ],
  headline: 'loss_bar_min',
  formula: 'loss = (Δp − p_abs·ΔT/T − rig)/t;  flow = V·loss/p_shop',
  source: 'ideal gas law; bound of 0.07 bar/min from memory',
  valid: 'settled for two minutes first',
  largestDoubt: 'the volume, then the case’s temperature',
  caution: 'Not above 0.5 bar: seals are not made for more.',
  solve: (i) => {
    const found = crankcaseLeak({
      volumeCm3: i.volume_cm3,
      startBar: i.start_bar,
      endBar: i.end_bar,
      minutes: i.minutes,
      rigLossBar: i.rig_loss_bar,
      coolingK: i.cooling_K,
      caseC: i.case_C,
    });
    if (!found.ok)
      return fail(
        ...found.issues.map((issue) => ({
          ...issue,
          field:
            issue.field === 'startBar' ? 'start_bar' : issue.field === 'endBar' ? 'end_bar' : issue.field,
        })),
      );
    return succeed({
      loss_bar_min: found.value.lossBarMin,
      leak_cm3_min: found.value.leakCm3Min,
      cooling_bar: found.value.coolingBar,
      verdict: found.value.verdict,
    });
  },
  fill: (i, a) =>
    `( ${digits(Math.abs(i.start_bar - i.end_bar), 3)} − ${digits(a.cooling_bar, 3)} − ${digits(i.rig_loss_bar, 3)} ) / ${digits(i.minutes, 1)} = ${digits(a.loss_bar_min, 3)} bar/min`,
  judge: (_, { verdict }) =>
    (
      ({
        tight: { words: 'tight', severity: 'none' },
        leaks: { words: 'leaks: seals, gasket, base', severity: 'fault' },
        cannot_tell: { words: 'too near the bound: test longer', severity: 'caution' },
      }) as const
    )[verdict],
});
