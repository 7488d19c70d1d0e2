import type { HowFar } from '@/core/handOver/openAgain';
import type { Overruled, Proof, ProvedBy } from '@/core/handOver/proofs';
import type { EventBody } from '@/core/record/entries';
import type { handOverBodies } from '@/core/record/events/handOver';
import type { Fluid, Signer } from '@/core/record/closingVocabulary';
import { SKIP_WORDS } from './setUp';
import { STEP_WORDS } from './steps';
import { OVERRULE_WORDS } from './work';

/** Words of the hand-over: what proves, what is filled in, who signs. */
export const FLUID_WORDS: Record<Fluid, string> = {
  engine_oil: 'engine oil',
  gear_oil: 'gear oil',
  grease: 'grease',
  coolant: 'coolant',
  brake_fluid: 'brake fluid',
  fuel: 'fuel',
};
export const SIGNER_WORDS: Record<Signer, string> = {
  workshop: 'For the workshop',
  customer: 'Taken over by',
};
export const HOW_FAR_WORDS: Record<HowFar, string> = {
  apart: 'Apart, down to its seats',
  outside: 'From outside: it stays shut',
};
export const PROVED_WORDS: Record<ProvedBy, string> = {
  figures: 'by its figures',
  hand: 'by eye and hand',
  word: 'on somebody’s word',
  not_here: 'not on this machine',
  open: 'not proved yet',
};
export const PROOF_WORDS: Record<Proof['sort'], string> = {
  seat: 'square and home',
  ring: 'in its groove all round',
  plate: 'held, its screws with their locker',
  seal: 'felt all round',
  float: 'measured between parts',
  stack: 'back to the piece',
  joint: 'tight in every pass, turned after each',
  lock: 'held against working loose',
  work: 'done and tried',
};

/** What was taken although something spoke against it, with its reason. */
export function sayOverruled(overruled: Overruled): string {
  switch (overruled.what) {
    case 'square':
      return `${overruled.name}: taken as square on the person’s word`;
    case 'float':
      return `${overruled.name}: kept against its figures, because ${overruled.because}`;
    case 'compared':
      return `${overruled.name}: new part not compared. ${OVERRULE_WORDS[overruled.reason]}`;
    case 'skipped':
      return `${STEP_WORDS[overruled.step]} left out. ${SKIP_WORDS[overruled.reason]}`;
  }
}

/** 265 → `4 h 25 min`. */
export const sayMinutes = (minutes: number): string => {
  const [hours, rest] = [Math.floor(minutes / 60), minutes % 60];
  return [hours > 0 ? `${hours} h` : '', rest > 0 || hours === 0 ? `${rest} min` : '']
    .filter(Boolean)
    .join(' ');
};

const saySpent = ({ minutes, cost }: EventBody<'spent_noted'>) =>
  [minutes === undefined ? '' : sayMinutes(minutes), cost === undefined ? '' : cost.toFixed(2)]
    .filter(Boolean)
    .join(', ');

type HandOverEventWords = { [K in keyof typeof handOverBodies]: (body: EventBody<K>) => string };

/** What each event of a hand-over says of itself. */
export const HAND_OVER_EVENT_WORDS: HandOverEventWords = {
  refilled: ({ what, amount }) => `Filled in: ${FLUID_WORDS[what]}${amount ? `, ${amount}` : ''}`,
  tools_counted: ({ missing }) =>
    missing ? `Tools counted; missing: ${missing}` : 'Tools counted: all back',
  estimate_noted: (body) => `Estimated: ${saySpent(body)}`,
  spent_noted: (body) => `Spent: ${saySpent(body)}`,
  hand_over_signed: ({ as, name }) => `${SIGNER_WORDS[as]}: signed ${name}`,
  job_handed_over: () => 'Handed over',
  job_opened_again: ({ why }) => `Opened again: ${why}`,
  seat_opened_again: () => 'Comes out again: begun anew',
};
