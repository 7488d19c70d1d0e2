import { succeed } from '@/core/quantity/result';
import { gapToBearingMm, LEAST_GAP_TO_BEARING_MM, lipSpeed, oRingState } from '@/core/seal/seals';
import { choice, maybeNum, num } from './fields';
import { defineSum } from './sum';
import { digits } from './words';

const SEAL_MATERIALS = [
  ['nbr', 'NBR'],
  ['acm', 'ACM'],
  ['fkm', 'FKM'],
] as const;

export const lip = defineSum({
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

export const gap = defineSum({
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

export const oRing = defineSum({
  topic: 'o_ring',
  mode: null,
  asks: 'close',
  picture: 'seal',
  title: 'Is this O-ring still good?',
  lead: 'Squeeze in its gland, and how much of its spring is gone.',
  keywords: 'o-ring squeeze set gland section replace',
  fields: [
    num('section_mm', 'Section now', 'size_mm', 2.36, [0.5, 15]),
    maybeNum('new_section_mm', 'Section of a new one', 'size_mm', 2.62, [0.5, 15], 'not known'),
    num('gland_depth_mm', 'Gland depth', 'size_mm', 2.1, [0.3, 15]),
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
