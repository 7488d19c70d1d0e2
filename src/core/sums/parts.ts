import { findRetainingRing, RETAINING_RINGS } from '@/core/catalogue/retainingRings';
import { findSealsBySize, isStandardSeal } from '@/core/catalogue/seals';
import { BORE_RANGE } from '@/core/catalogue/bearings/catalogue';
import { parseBearing } from '@/core/catalogue/bearings/designation';
import { fail, succeed } from '@/core/quantity/result';
import { choice, num, when } from './fields';
import { defineSum, type Answers } from './sum';
import { digits } from './words';

export const boundary = defineSum({
  topic: 'boundary',
  mode: null,
  asks: 'part',
  picture: 'part',
  title: 'What bearing is this?',
  lead: 'A designation as it stands on the bag: sizes and what each part of it means.',
  keywords: 'bearing number designation 6206 nj hk size',
  fields: [{ kind: 'text', name: 'designation', label: 'Designation', maxLength: 60, usual: '6206-2RS C3' }],
  answers: [
    { name: 'size_words', label: 'Bore × outside × width', quantity: 'words' },
    { name: 'meaning', label: 'It says', quantity: 'words' },
    { name: 'confidence', label: 'Confidence of this row', quantity: 'words' },
  ],
  headline: 'size_words',
  formula: 'table',
  source: 'ISO 15, ISO 355, ISO 3245, ISO 104, from memory',
  valid: `bore ${BORE_RANGE}`,
  largestDoubt: 'measure the part in your hand',
  solve: (
    i,
  ):
    | ReturnType<typeof succeed<Answers & { size_words: string; meaning: string }>>
    | ReturnType<typeof fail> => {
    const parsed = parseBearing(i.designation);
    if (!parsed.ok) return parsed;
    const b = parsed.value;
    const needles = b.type === 'drawn_cup';
    return succeed({
      designation: b.designation,
      type: b.type,
      [needles ? 'Fw_mm' : 'd_mm']: b.boreMm,
      D_mm: b.outsideMm,
      [needles ? 'C_mm' : b.type === 'tapered_roller' ? 'T_mm' : 'B_mm']: b.widthMm,
      ...(b.cupWidthMm && { cup_width_mm: b.cupWidthMm }),
      features: b.features,
      confidence: b.confidence,
      size_words: `${b.boreMm} × ${b.outsideMm} × ${b.widthMm} mm`,
      meaning: b.features.map(({ code, meaning }) => `${code}: ${meaning}`).join('; '),
      bore_mm: b.boreMm,
      outside_mm: b.outsideMm,
      width_mm: b.widthMm,
    });
  },
  fill: (i, a) => `${i.designation} = ${a.size_words}`,
});

const KINDS = [
  ['DIN472', 'retaining ring in a bore (DIN 472)'],
  ['DIN471', 'retaining ring on a shaft (DIN 471)'],
  ['rotary_seal', 'shaft seal (ISO 6194-1)'],
] as const;

/** Is a seal of these sizes made, and which are near? */
function sealAnswer(shaftMm: number, housingMm: number, widthMm: number) {
  const size = { shaftMm, housingMm, widthMm };
  const isListed = isStandardSeal(size);
  const near = findSealsBySize(size, 6)
    .filter(({ apartMm }) => apartMm > 0)
    .slice(0, 4)
    .map((found) => found.size);
  const say = (s: typeof size) => `${s.shaftMm} × ${s.housingMm} × ${s.widthMm}`;
  return {
    in_standard: isListed,
    nearest: near.map((s) => ({ shaft_mm: s.shaftMm, housing_mm: s.housingMm, width_mm: s.widthMm })),
    summary: isListed
      ? say(size)
      : near.length > 0
        ? `not listed; near: ${near.map(say).join(', ')}`
        : 'not listed, nothing near',
  };
}

export const ringsSeals = defineSum({
  topic: 'rings_seals',
  mode: null,
  asks: 'part',
  picture: 'seal',
  title: 'Which retaining ring, which seal?',
  lead: 'Groove sizes by DIN, seal sizes by ISO.',
  keywords: 'circlip snap ring groove seal size din 471 472 6194',
  fields: [
    choice('kind', 'Kind', KINDS, 'DIN472'),
    when(num('nominal_mm', 'Ring: nominal size', 'size_mm', 62, [0, 1000]), 'kind', 'DIN471', 'DIN472'),
    when(num('shaft_mm', 'Seal: shaft', 'size_mm', 25, [0, 1000]), 'kind', 'rotary_seal'),
    when(num('housing_mm', 'Seal: housing', 'size_mm', 40, [0, 1000]), 'kind', 'rotary_seal'),
    when(num('width_mm', 'Seal: width', 'size_mm', 7, [0, 200]), 'kind', 'rotary_seal'),
  ],
  answers: [
    { name: 'summary', label: 'Sizes', quantity: 'words' },
    { name: 'in_standard', label: 'A size of the standard', quantity: 'yes_no' },
  ],
  headline: 'summary',
  formula: 'table',
  source: 'DIN 471, DIN 472, ISO 6194-1, from memory',
  valid: 'rings 6–100 mm, seals for shafts of 6–80 mm',
  largestDoubt: 'the groove in the part: measure it',
  solve: (
    i,
  ):
    | ReturnType<typeof succeed<Answers & { summary: string; in_standard: boolean }>>
    | ReturnType<typeof fail> => {
    if (i.kind === 'rotary_seal') return succeed(sealAnswer(i.shaft_mm, i.housing_mm, i.width_mm));
    const ring = findRetainingRing(i.kind, i.nominal_mm);
    const all = RETAINING_RINGS[i.kind];
    if (!ring)
      return fail({
        code: 'no_such_ring',
        field: 'nominal_mm',
        given: i.nominal_mm,
        min: all[0]!.nominalMm,
        max: all.at(-1)!.nominalMm,
      });
    return succeed({
      in_standard: true,
      ring_thickness_mm: ring.ringThicknessMm,
      groove_diameter_mm: ring.grooveDiameterMm,
      groove_width_min_mm: ring.grooveWidthMinMm,
      summary: `ring ${digits(ring.ringThicknessMm, 2)}, groove ⌀ ${digits(ring.grooveDiameterMm, 1)} × ${digits(ring.grooveWidthMinMm, 2)}`,
    });
  },
  fill: (i, a) => `${KINDS.find(([code]) => code === i.kind)![1]}: ${a.summary}`,
});
