import type { EventBody } from '@/core/record/entries';
import type { BoltFinding, TurnFeel } from '@/core/record/closingVocabulary';
import type { TurnChange } from '@/core/walk/taskDone';
import type { closingBodies } from '@/core/record/events/closing';

/** Words of closing: how it turns, and what is seen of a bolt. */
export const FEEL_WORDS: Record<TurnFeel, string> = {
  free: 'turns freely',
  light_drag: 'a light drag',
  heavy_drag: 'a heavy drag',
  notchy: 'notchy',
  locked: 'does not turn',
};

/** How it turns now against how it did before. */
export function sayTurnChange({ before, now, verdict }: TurnChange): string {
  const change =
    before === now
      ? `As before: ${FEEL_WORDS[now]}.`
      : `Before: ${FEEL_WORDS[before]}; now: ${FEEL_WORDS[now]}.`;
  return `${change} ${TURN_VERDICTS[verdict]}`.trim();
}

const TURN_VERDICTS: Record<TurnChange['verdict'], string> = {
  same: '',
  seals_drag: 'An even drag is the seals’, and no fault.',
  worse: 'That is more than seals add: find what binds.',
};

export const BOLT_WORDS: Record<BoltFinding, { name: string; then: string }> = {
  good: { name: 'as its neighbours', then: '' },
  stands_out: {
    name: 'stands out more',
    then: 'In the wrong hole, or too long: it bottoms before it clamps. Sort them again by what stands out.',
  },
  sits_low: { name: 'stands out less', then: 'Too short: too few threads hold. Sort them again.' },
  renewed: { name: 'renewed', then: '' },
  longer_than_before: {
    name: 'longer than the old one',
    then: 'Fine while it does not bottom and its plain part stays covered.',
  },
  thread_strips: {
    name: 'its thread gives way',
    then: 'Stop: it holds nothing. A thread insert before the joint is closed.',
  },
};

type ClosingEventWords = { [K in keyof typeof closingBodies]: (body: EventBody<K>) => string };

/** What each event of closing says of itself. */
export const CLOSING_EVENT_WORDS: ClosingEventWords = {
  joint_set: ({ torqueNm }) => (torqueNm === null ? 'Joint: by hand' : `Joint: ${torqueNm} N·m`),
  // Its number is its turn in the order, which the map knows.
  bolt_tightened: ({ pass }) => `A bolt tightened, pass ${pass}`,
  bolt_noted: ({ what }) => `A bolt: ${BOLT_WORDS[what].name}`,
  turn_felt: ({ pass, feel }) =>
    `${pass === 0 ? 'Before the bolts' : `After pass ${pass}`}: ${FEEL_WORDS[feel]}`,
  joint_loosened: () => 'Bolts loosened again',
};
