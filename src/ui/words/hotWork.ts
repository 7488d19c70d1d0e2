import type { ReachItem } from '@/core/job/withinReach';
import type { Rest } from '@/core/record/vocabulary';

/** What lies at hand before the door opens. */
export const REACH_WORDS: Record<ReachItem, string> = {
  gloves: 'gloves',
  extinguisher: 'extinguisher',
  sand: 'dry sand',
  wood: 'wood',
  probe: 'probe',
  bearing: 'bearing on its socket',
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
