import { STRENGTH_CLASSES } from '@/core/catalogue/threads';
import { checkBolt, checkTorque } from '@/core/closing/bolts';
import { crankcaseLeak } from '@/core/closing/pressureTest';
import { fail, succeed } from '@/core/quantity/result';
import { gapToBearingMm, LEAST_GAP_TO_BEARING_MM, lipSpeed, oRingState } from '@/core/seal/seals';
import { choice, maybeNum, num } from './fields';
import { defineSum, type Sum } from './sum';
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

const torque = defineSum({
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

const standOut = defineSum({
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

const pressure = defineSum({
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

const SEAL_MATERIALS = [
  ['nbr', 'NBR'],
  ['acm', 'ACM'],
  ['fkm', 'FKM'],
] as const;

const lip = defineSum({
  topic: 'lip_speed',
  mode: null,
  asks: 'close',
  picture: 'seal',
  title: 'Is the lip too fast?',
  lead: 'Speed of the shaft under a seal’s lip, against its rubber.',
  keywords: 'seal lip speed nbr fkm rpm',
  fields: [
    num('shaft_mm', 'Shaft', 'size_mm', 30, [1, 500]),
    num('rpm', 'Turns a minute', 'rpm', 9000, [0, 30_000]),
    choice('material', 'Rubber', SEAL_MATERIALS, 'nbr'),
  ],
  answers: [
    { name: 'speed_m_s', label: 'Lip speed, m/s', quantity: 'plain' },
    { name: 'limit_m_s', label: 'This rubber takes, m/s', quantity: 'plain' },
  ],
  headline: 'speed_m_s',
  formula: 'v = π·d·n',
  source: 'limits from memory: NBR 12–14, ACM 25, FKM 35 m/s',
  valid: 'lip in oil, ground shaft',
  largestDoubt: 'oil at the lip',
  solve: (i) => {
    const v = lipSpeed({ shaftMm: i.shaft_mm, rpm: i.rpm, material: i.material });
    return succeed({ speed_m_s: v.metresPerSecond, limit_m_s: v.limitMS, too_fast: v.isTooFast });
  },
  fill: (i, a) =>
    `π·${digits(i.shaft_mm / 1000, 4)}·${digits(i.rpm / 60, 1)} = ${digits(a.speed_m_s, 1)} m/s`,
  judge: (_, { too_fast: fast }) =>
    fast
      ? { words: 'too fast for this rubber', severity: 'fault' }
      : { words: 'within what it takes', severity: 'none' },
});

const gap = defineSum({
  topic: 'seal_gap',
  mode: null,
  asks: 'close',
  picture: 'seal',
  title: 'Does the seal touch the bearing?',
  lead: 'A crank seal driven too deep runs hot against the bearing and ruins it.',
  keywords: 'seal depth gap bearing crank seal',
  fields: [
    num('bearing_face_depth_mm', 'Bearing’s face below the casting', 'size_mm', 9, [0, 300]),
    num('seal_depth_mm', 'Seal’s face below the casting', 'size_mm', 0.5, [-50, 300]),
    num('seal_width_mm', 'Seal width', 'size_mm', 7, [1, 60]),
  ],
  answers: [
    { name: 'gap_mm', label: 'Gap to the bearing', quantity: 'size_mm' },
    { name: 'deepest_mm', label: 'Seal not deeper than', quantity: 'size_mm' },
  ],
  headline: 'gap_mm',
  formula: 'gap = bearing depth − seal depth − width',
  source: 'geometry; half a millimetre at least is common practice',
  valid: 'seal square',
  largestDoubt: 'the caliper on a soft lip',
  solve: (i) =>
    succeed({
      gap_mm: gapToBearingMm({
        bearingFaceDepthMm: i.bearing_face_depth_mm,
        sealDepthMm: i.seal_depth_mm,
        sealWidthMm: i.seal_width_mm,
      }),
      deepest_mm: i.bearing_face_depth_mm - i.seal_width_mm - LEAST_GAP_TO_BEARING_MM,
    }),
  fill: (i, a) =>
    `${digits(i.bearing_face_depth_mm, 2)} − ${digits(i.seal_depth_mm, 2)} − ${digits(i.seal_width_mm, 2)} = ${digits(a.gap_mm, 2)} mm`,
  judge: (_, { gap_mm: g }) =>
    g < 0
      ? { words: 'it cannot go that deep', severity: 'fault' }
      : g < LEAST_GAP_TO_BEARING_MM
        ? { words: 'touches, or nearly', severity: 'fault' }
        : { words: 'clear', severity: 'none' },
});

const oRing = defineSum({
  topic: 'o_ring',
  mode: null,
  asks: 'close',
  picture: 'seal',
  title: 'Is this O-ring still good?',
  lead: 'Squeeze in its gland, and how much of its spring is gone.',
  keywords: 'o-ring squeeze set gland section replace',
  fields: [
    num('section_mm', 'Section now', 'size_mm', 1.7, [0.5, 15]),
    maybeNum('new_section_mm', 'Section of a new one', 'size_mm', 1.95, [0.5, 15], 'not known'),
    num('gland_depth_mm', 'Gland depth', 'size_mm', 1.5, [0.3, 15]),
  ],
  answers: [
    { name: 'set', label: 'Spring lost', quantity: 'share', nullWords: 'a new one is needed to tell' },
    { name: 'squeeze', label: 'Squeezed now by', quantity: 'share' },
  ],
  headline: 'set',
  formula: 'squeeze = (section − gland)/section;  set = lost section / original squeeze',
  source: 'ISO 3601-2 practice (from memory)',
  valid: 'round section, standing gland',
  largestDoubt: 'the caliper on rubber',
  solve: (i) => {
    const v = oRingState({
      sectionMm: i.section_mm,
      glandDepthMm: i.gland_depth_mm,
      newSectionMm: i.new_section_mm,
    });
    return succeed({ squeeze: v.squeeze, set: v.set, verdict: v.verdict });
  },
  fill: (i, a) =>
    `squeeze ( ${digits(i.section_mm, 2)} − ${digits(i.gland_depth_mm, 2)} ) / ${digits(i.section_mm, 2)} = ${digits(100 * a.squeeze, 0)} %${a.set === null ? '' : `;  set ${digits(100 * a.set, 0)} %`}`,
  judge: (_, { verdict }) =>
    (
      ({
        good: { words: 'good', severity: 'none' },
        worn: { words: 'worn: renew while it is open', severity: 'caution' },
        replace: { words: 'replace', severity: 'fault' },
        too_tight: { words: 'squeezed too hard: wrong section?', severity: 'caution' },
        no_squeeze: { words: 'does not seal at all', severity: 'fault' },
      }) as const
    )[verdict],
});

export const CLOSING: readonly Sum[] = [torque, standOut, pressure, gap, oRing, lip];
