import {
  STAGES,
  type FASTENER_STATES,
  type Locking,
  type SEAT_FINDINGS,
  type Stage,
} from '@/core/record/vocabulary';
import type { HomeSign } from '@/core/project/square';
import type { SealOutside } from '@/core/seal/outside';

/** Words of the walk: its stages, and what is found or chosen on the way. */
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
  mark_met: 'the driver’s line at the face',
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
/** Why a piece of work is done, and what is locked with it: `Both turn. Axle nut: split pin, new.` */
export const sayWhy = (why: string, locks: readonly { name: string; locking: Locking }[]): string =>
  [why, ...locks.map(({ name, locking }) => `${name}: ${LOCKING_WORDS[locking]}.`)].filter(Boolean).join(' ');

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
