import type { SealOutside } from '@/core/seal/outside';
import type { Offer, OfferCode } from '@/core/walk/offer';
import { SHAFT_OFF_WORDS, SHAFT_ON_WORDS } from './shafts';
import { OUTSIDE_WORDS } from './walk';
import { OVERRULE_WORDS, REMEDY_WORDS, TOOL_WAY_WORDS } from './work';

/** The answers that one tap gives. */
const OFFER_WORDS: Record<
  Exclude<
    OfferCode,
    | 'choice'
    | 'tick'
    | 'trouble'
    | 'overrule'
    | 'remedy'
    | 'tool'
    | 'sealed'
    | 'same_for_others'
    | 'off_shaft'
    | 'onto_shaft'
  >,
  string
> = {
  done: 'Done',
  renew: 'Renew what is worn',
  keep: 'It is good: keep',
  look_again: 'Look again later',
  good: 'Good',
  bad: 'Bad: renew',
  not_here: 'Not on this job',
  bagged: 'Bagged, with a picture',
  as_it_was: 'Pictured: same place again',
  out: 'Out',
  by_hand: 'Came by hand',
  found: 'Found',
  not_there: 'Not there',
  all_there: 'All there',
  all_good: 'All good',
  match_and_run: 'They match, and run',
  by_eye: 'Same by eye',
  figures_right: 'Its figures are right: keep',
  right_by_hand: 'Right by hand',
  renewed: 'A new one goes in',
  usual_fit: 'Usual fit, not measured',
  as_proposed: 'As proposed',
  in_freezer: 'In the freezer',
  in_heat: 'In the heat',
  metal_out: 'Out of the heat',
  let_go: 'Let go',
  home: 'Home: the note changed, even gap',
  stuck: 'It stuck',
  out_of_bore: 'It is out again',
  bore_clean: 'The bore is clean',
  bore_scored: 'The bore is scored',
  square: 'Square to the eye',
  all_round: 'In, all round, passage clear',
  will_not_enter: 'It will not enter',
  as_drawn: 'As it is drawn',
  flush: 'Flush with the face',
  sealed_by_place: 'In: each by its place',
  seal_whole: 'Even all round, no lip folded',
  seal_cocked: 'It stands cocked: out again',
  lip_cut: 'A lip is cut: out again',
  put_back: 'Back, to the piece',
  arrived: 'It is here',
  holds: 'It holds',
  does_not_hold: 'It does not hold',
};

/** An answer as its button says it. */
export function sayOffer({ code, key, name }: Offer): string {
  if (code === 'choice' || code === 'trouble') return name ?? '';
  if (code === 'tick') return `✓ ${name ?? ''}`;
  if (code === 'same_for_others') return `The same: ${name ?? ''}`;
  if (code === 'overrule') return OVERRULE_WORDS[key as keyof typeof OVERRULE_WORDS];
  if (code === 'remedy') return REMEDY_WORDS[key as keyof typeof REMEDY_WORDS].name;
  if (code === 'tool') return TOOL_WAY_WORDS[key as keyof typeof TOOL_WAY_WORDS];
  if (code === 'off_shaft') return SHAFT_OFF_WORDS[key as keyof typeof SHAFT_OFF_WORDS].short;
  if (code === 'onto_shaft') return SHAFT_ON_WORDS[key as keyof typeof SHAFT_ON_WORDS].short;
  if (code === 'sealed') return `In: ${OUTSIDE_WORDS[key as SealOutside].toLowerCase()}`;
  return OFFER_WORDS[code];
}
