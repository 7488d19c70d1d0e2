import { type Workpiece } from '@/core/record/vocabulary';
import { SEAL_OUTSIDES } from '@/core/record/sealVocabulary';

export type SealOutside = (typeof SEAL_OUTSIDES)[number];

/** Where a seal sits, as far as its outside is concerned. */
export type SealPlace = 'scored_bed' | 'crank' | 'shift_or_output' | 'hub_or_pivot' | 'elsewhere';

/** What speaks for a school at a place, or against it; null: nothing in particular. */
export type OutsideReason =
  | 'fills_scores'
  | 'no_scores_to_fill'
  | 'sealant_distorts_crank_seal'
  | 'leaks_past_old_casting'
  | 'helps_it_in'
  | 'may_creep_out'
  | 'clean_bed_holds'
  | 'rusts_in';

export type OutsideSchool = { outside: SealOutside; isUsual: boolean; reason: OutsideReason };

/** Three schools, each right somewhere; the usual one of a place. Common practice, no source. */
const USUAL: Record<SealPlace, SealOutside> = {
  scored_bed: 'sealant',
  crank: 'dry',
  shift_or_output: 'sealant',
  hub_or_pivot: 'grease',
  elsewhere: 'grease',
};

const REASONS: Record<SealPlace, Record<SealOutside, OutsideReason>> = {
  scored_bed: { dry: 'fills_scores', grease: 'fills_scores', sealant: 'fills_scores' },
  crank: { dry: 'clean_bed_holds', grease: 'may_creep_out', sealant: 'sealant_distorts_crank_seal' },
  shift_or_output: { dry: 'clean_bed_holds', grease: 'helps_it_in', sealant: 'leaks_past_old_casting' },
  hub_or_pivot: { dry: 'rusts_in', grease: 'helps_it_in', sealant: 'no_scores_to_fill' },
  elsewhere: { dry: 'clean_bed_holds', grease: 'helps_it_in', sealant: 'no_scores_to_fill' },
};

export type SealSpot = {
  /** Of the seat and of the shaft that goes through. */
  names: readonly string[];
  isBedScored: boolean;
  workpiece: Workpiece;
};

/** By the names that its shaft and its seat go by, and by what holds it. */
export function sealPlace({ names, isBedScored, workpiece }: SealSpot): SealPlace {
  const isNamed = (words: RegExp) => names.some((name) => words.test(name));
  if (isBedScored) return 'scored_bed';
  if (isNamed(/crank|main\b/i)) return 'crank';
  if (workpiece === 'wheel' || workpiece === 'frame_or_arm') return 'hub_or_pivot';
  return isNamed(/shift|output/i) ? 'shift_or_output' : 'elsewhere';
}

/** The three schools at one place, the usual one first. */
export function outsideSchools(place: SealPlace): OutsideSchool[] {
  const schools = SEAL_OUTSIDES.map((outside) => ({
    outside,
    isUsual: outside === USUAL[place],
    reason: REASONS[place][outside],
  }));
  return schools.sort((a, b) => Number(b.isUsual) - Number(a.isUsual));
}
