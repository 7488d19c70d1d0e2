import type { Rest } from '@/core/record/vocabulary';

/**
 * Heat that a casting gives to what it lies on, in W/K: as it is likely, and at its unfavourable edge. Flat on bare steel it passes
 * 5–20 W/K (from memory); a vise holds it by its jaws alone, taken as a third to a half of that (common practice, no source). Wood, and
 * air when it hangs, take next to nothing.
 */
export type RestConductance = { likelyWK: number; edgeWK: number };

export const REST_CONDUCTANCE: Readonly<Record<Rest, RestConductance>> = {
  wood: { likelyWK: 0, edgeWK: 0 },
  bare_steel: { likelyWK: 10, edgeWK: 20 },
  vise: { likelyWK: 4, edgeWK: 8 },
  hung: { likelyWK: 0, edgeWK: 0 },
};

/** Does it draw so much heat that wood should go under it? */
export const drawsHeat = (rest: Rest): boolean => REST_CONDUCTANCE[rest].edgeWK > 0;
