import type { EventBody } from '@/core/record/entries';
import type { sealBodies } from '@/core/record/events/seal';
import { COLLAR_WORDS, DRIVER_WORDS, FAILURE_WORDS, LIPS_WORDS, SIDE_WORDS, TOLD_BY_WORDS } from './seals';
import { OUTSIDE_WORDS } from './walk';

type SealEventWords = { [K in keyof typeof sealBodies]: (body: EventBody<K>) => string };

const TRIED_WORDS = { right: 'right', too_loose: 'too loose', too_tight: 'too tight' } as const;

/** What each event of a seal says of itself. */
export const SEAL_EVENT_WORDS: SealEventWords = {
  seal_kind_noted: ({ lips, inside, outside }) =>
    `Seal: ${LIPS_WORDS[lips]}, ${SIDE_WORDS[inside]} inside, ${SIDE_WORDS[outside]} outside`,
  seal_way_told: ({ springToward, by }) =>
    `Its spring looks ${springToward === 'inside' ? 'inward' : 'outward'}, by ${TOLD_BY_WORDS[by]}`,
  seal_tried: ({ bed, lip }) => `Seal tried: bed ${TRIED_WORDS[bed]}, lip ${TRIED_WORDS[lip]}`,
  seal_failed: ({ how }) => `Seal out again, used up: ${FAILURE_WORDS[how]}`,
  seal_fitted: ({ outside, driver }) =>
    `Seal fitted, outside ${OUTSIDE_WORDS[outside].toLowerCase()}${driver ? ` (${DRIVER_WORDS[driver].split(/[:.]/)[0]!.toLowerCase()})` : ''}`,
  seal_felt: ({ isEven }) => (isEven ? 'Felt round its rim: even' : 'Felt round its rim: deeper on one side'),
  lip_checked: ({ isFolded }) =>
    isFolded ? 'Turned through: the lip is folded' : 'Turned through: no lip folded',
  collar_noted: ({ state }) => `Collar: ${COLLAR_WORDS[state].name}`,
};
