import { inSentence } from './sentence';
import type { SealRoom, SealView } from '@/core/job/sealView';
import { asText, showSize, type Units } from '@/core/quantity/format';
import type {
  CollarState,
  SealDriver,
  SealFailure,
  SealLips,
  SealSide,
  SealWayToldBy,
} from '@/core/record/sealVocabulary';
import type { OutsideReason } from '@/core/seal/outside';

/** Words of a seal: how it is built, what it parts, which way it looks, and what proves it. */
export const LIPS_WORDS: Record<SealLips, string> = {
  one: 'one lip',
  with_dust_lip: 'lip and dust lip',
  two: 'two lips',
  hollow_both: 'hollow both sides',
};

export const SIDE_WORDS: Record<SealSide, string> = {
  oil: 'oil',
  grease: 'grease',
  mixture: 'fuel mixture',
  coolant: 'coolant',
  air: 'air',
  dirt: 'dirt, water',
};

export const TOLD_BY_WORDS: Record<SealWayToldBy, string> = {
  manual: 'the manual',
  ribs: 'ribs or arrows on it',
  exploded_view: 'the exploded view',
  as_found: 'how the old one stood',
};

export const FAILURE_WORDS: Record<SealFailure, string> = {
  cocked: 'stood cocked',
  lip_cut: 'lip cut',
  spring_off: 'spring off',
  rim_bent: 'rim bent',
  too_deep: 'too deep',
};

export const COLLAR_WORDS: Record<CollarState, { name: string; then: string }> = {
  good: { name: 'smooth', then: 'Wipe it clean; the bigger bevel toward the lip.' },
  polished: { name: 'polished criss-cross', then: 'Its lines must not wind the oil out.' },
  turned_round: {
    name: 'turned round',
    then: 'The lip runs on a fresh track; the bigger bevel toward the lip.',
  },
  grooved: { name: 'grooved', then: 'Shift the depth, sleeve it, or a new one: a lip in a groove leaks.' },
};

export const DRIVER_WORDS: Record<SealDriver, string> = {
  bigger_driver: 'A driver bigger than the seal: the casting stops it when it is flush.',
  thin_sleeve:
    'It stands below the face: a thin sleeve on its steel rim only; a slip onto the spring kills it.',
  by_hand_with_collar: 'By hand, with the collar in already: a soft one finds its middle by it.',
};

export const OUTSIDE_REASON_WORDS: Record<OutsideReason, string> = {
  fills_scores: 'The bed is scored: a film of sealant there, thicker where it is scored.',
  no_scores_to_fill: 'A skim fills scores; this bed has none that were noted.',
  sealant_distorts_crank_seal: 'Between the halves sealant distorts it; some makers refuse warranty for it.',
  leaks_past_old_casting: 'Old castings weep past the rim: a thin skim.',
  helps_it_in: 'A trace helps it in square.',
  may_creep_out: 'Greased, a crank seal can creep out under pressure.',
  clean_bed_holds: 'In a clean, dry bed its own nip holds it.',
  rusts_in: 'Dry, it rusts in where dirt and water come.',
};

const UNTOLD_WORDS: Record<Extract<SealView['way'], { springToward: null }>['because'], string> = {
  two_lips: 'Its two lips look alike, and need not be.',
  hollow_both: 'It is hollow on both sides.',
  holds_both: 'Something is held back on both sides.',
  holds_neither: 'Nothing is held back on either side.',
};

/** Which way its spring looks, and why. */
export function sayWay({ way, inside, outside }: SealView): { headline: string; reason: string } {
  if (way.springToward === null)
    return {
      headline: 'Which way? It does not tell',
      reason: UNTOLD_WORDS[way.because],
    };
  const headline =
    way.springToward === 'inside' ? 'Spring inward, flat side out' : 'Spring outward, flat side in';
  if (way.because === 'told' && way.by) return { headline, reason: `So says ${TOLD_BY_WORDS[way.by]}.` };
  const held = way.springToward === 'inside' ? inside : outside;
  return { headline, reason: `It holds the ${SIDE_WORDS[held]} back, which lies there.` };
}

/** How near it comes to what lies behind it. */
export function sayRoom({ touches, gapMm, mostDepthMm, isTooNear }: SealRoom, units: Units): string {
  const size = (mm: number) => asText(showSize(mm, units, 1));
  if (touches === 'end_of_bed')
    return `Its bed goes on for ${size(Math.max(0, gapMm))} behind it: nothing there stops it.`;
  return isTooNear
    ? `Only ${size(gapMm)} to the ${inSentence(touches.part)}: touching, it runs hot and ruins it.`
    : `${size(gapMm)} to the ${inSentence(touches.part)}: no deeper than ${size(Math.max(0, mostDepthMm))}.`;
}
