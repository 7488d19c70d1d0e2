import {
  STAGES,
  type Rest,
  type FASTENER_STATES,
  type Locking,
  type SEAT_FINDINGS,
  type Workpiece,
  type Stage,
} from '@/core/record/vocabulary';
import type { HomeSign } from '@/core/project/square';
import type { SealOutside } from '@/core/seal/outside';
import type { Offer, OfferCode } from '@/core/walk/offer';
import { SHAFT_OFF_WORDS, SHAFT_ON_WORDS } from './shafts';
import { OVERRULE_WORDS, REMEDY_WORDS, TOOL_WAY_WORDS } from './work';

/** Words of the walk: its stages, and the answers that one tap gives. */
export const STAGE_WORDS: Record<Stage, string> = {
  look: 'Look',
  access: 'Get at it',
  out: 'Everything out',
  clean: 'Clean',
  parts: 'New parts',
  measure: 'Measure',
  in: 'In',
  square: 'Square',
  shaft: 'Shafts',
  close: 'Close',
  prove: 'Prove',
};
export const STAGE_ORDER = STAGES;

export const BY_SIGN_WORDS: Record<HomeSign, string> = {
  even_gap: 'an even gap',
  note_changed: 'the changed note',
  went_stiff: 'the stiff stop',
  flush: 'flush all round',
};

export const OUTSIDE_WORDS: Record<SealOutside, string> = {
  dry: 'Dry',
  grease: 'A trace of grease',
  sealant: 'A skim of sealant',
};

export const SEAT_FINDING_WORDS: Record<(typeof SEAT_FINDINGS)[number], { name: string; then: string }> = {
  scored_bed: { name: 'Scored bed', then: 'A film of sealant there, thicker where it is scored.' },
  worn_track: { name: 'Worn track', then: 'Shift the depth, sleeve it, or polish it criss-cross.' },
  damaged_face: { name: 'Damaged sealing face', then: 'Stone it flat; no wire wheel.' },
  turned_in_seat: { name: 'It has turned in its seat', then: 'Read the bore before anything goes in.' },
};

export const LOCKING_WORDS: Record<Locking, string> = {
  none: 'torque alone',
  medium_locker: 'medium locker',
  strong_locker: 'strong locker',
  split_pin: 'split pin, new',
  tab: 'tab bent up, new',
  peened: 'peened',
  lock_pin: 'lock pin in its tooth',
};
export const FASTENER_WORDS: Record<(typeof FASTENER_STATES)[number], string> = {
  good: 'good',
  rusted: 'rusted',
  ground_off: 'ground off',
  substituted: 'substituted',
  thread_damaged: 'thread damaged',
};
/** What follows from it. */
export const FASTENER_THEN: Record<(typeof FASTENER_STATES)[number], string> = {
  good: '',
  rusted: 'Grip it, and renew it.',
  ground_off: 'Renew it: no tool holds it again.',
  substituted: 'Longer is fine while the plain part stays covered; check that it does not bottom.',
  thread_damaged: 'Chase or insert the thread before anything is closed.',
};

export const WORKPIECE_WORDS: Record<Workpiece, string> = {
  bare_casting: 'a bare casting',
  engine_in_frame: 'the engine, in the frame',
  frame_or_arm: 'a frame or an arm',
  wheel: 'a wheel with its tyre',
};

const OFFER_WORDS: Record<
  Exclude<
    OfferCode,
    'choice' | 'overrule' | 'remedy' | 'tool' | 'sealed' | 'same_for_others' | 'off_shaft' | 'onto_shaft'
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
  usual_fit: 'Usual fit, not measured',
  as_proposed: 'As proposed',
  in_freezer: 'In the freezer',
  in_heat: 'In the heat',
  metal_out: 'Out of the heat',
  let_go: 'Let go',
  home: 'Home: the note changed, even gap',
  stuck: 'It stuck',
  again_drawn_in: 'Out again: draw it in',
  square: 'Square to the eye',
  all_round: 'In, all round',
  put_back: 'Back, to the piece',
  arrived: 'It is here',
  holds: 'It holds',
  does_not_hold: 'It does not hold',
};

/** An answer as its button says it. */
export function sayOffer({ code, key, name }: Offer): string {
  if (code === 'choice') return name ?? '';
  if (code === 'same_for_others') return `The same: ${name ?? ''}`;
  if (code === 'overrule') return OVERRULE_WORDS[key as keyof typeof OVERRULE_WORDS];
  if (code === 'remedy') return REMEDY_WORDS[key as keyof typeof REMEDY_WORDS].name;
  if (code === 'tool') return TOOL_WAY_WORDS[key as keyof typeof TOOL_WAY_WORDS];
  if (code === 'off_shaft') return SHAFT_OFF_WORDS[key as keyof typeof SHAFT_OFF_WORDS].short;
  if (code === 'onto_shaft') return SHAFT_ON_WORDS[key as keyof typeof SHAFT_ON_WORDS].short;
  if (code === 'sealed') return `In: ${OUTSIDE_WORDS[key as SealOutside].toLowerCase()}`;
  return OFFER_WORDS[code];
}

export const REST_WORDS: Record<Rest, string> = {
  wood: 'wood',
  bare_steel: 'bare steel',
  vise: 'the vise',
  hung: 'hung',
};
