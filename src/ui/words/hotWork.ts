import type { ReachItem, ReachNeed } from '@/core/job/withinReach';
import { inSentence } from './sentence';
import type { HomeHow, RescueStep, Rest } from '@/core/record/vocabulary';

/** What lies at hand before the door opens. */
export const REACH_WORDS: Record<ReachItem, string> = {
  gloves: 'gloves',
  extinguisher: 'extinguisher',
  sand: 'dry sand',
  wood: 'wood',
  probe: 'probe',
  bearing: 'bearing on its socket',
  part: 'part, wiped',
  driver: 'driver',
  rod: 'rod and plates',
  clip_pliers: 'clip pliers',
};

/** The same, where four stand side by side. */
export const REST_SHORT: Record<Rest, string> = {
  wood: 'wood',
  bare_steel: 'steel',
  vise: 'vise',
  hung: 'hung',
};

export const REST_WORDS: Record<Rest, string> = {
  wood: 'wood',
  bare_steel: 'bare steel',
  vise: 'the vise',
  hung: 'hung',
};

export const HOME_HOW_WORDS: Record<HomeHow, string> = {
  by_itself: 'by itself',
  with_taps: 'with taps',
  drawn_in: 'drawn in',
};

export const RESCUE_WORDS: Record<RescueStep, string> = {
  backed_out: 'Out of its bore again',
  bore_clean: 'The bore looked at: clean',
  bore_scored: 'The bore looked at: scored',
};

/** The same after the part's name. */
const REACH_SHORT: Partial<Record<ReachItem, string>> = {
  bearing: 'on its socket',
  part: 'wiped',
  driver: 'its driver',
};

/** What is to be at hand, by the part's name where its heat has several. */
export const sayNeed = ({ item, name }: ReachNeed): string =>
  name === null ? REACH_WORDS[item] : `${inSentence(name)}: ${REACH_SHORT[item] ?? REACH_WORDS[item]}`;
