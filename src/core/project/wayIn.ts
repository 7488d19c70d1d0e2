import type { EventBody } from '@/core/record/entries';
import { including, type Reducers } from './area';

/** A seat before its part goes in. Times in ms since the epoch. */
export type WayInState = {
  cleaned: EventBody<'cleaned'>['what'][];
  usualFitAccepted: boolean;
  remedy: { remedy: EventBody<'remedy_chosen'>['remedy']; atMs: number; isGood: boolean | null } | null;
  wayIn: EventBody<'way_in_chosen'> | null;
  cautions: string[];
  laidOut: string[];
  toolsSorted: Record<string, EventBody<'tool_sorted'>['how']>;
  ringIn: boolean;
  /** The seal in front of it is in, with this on its outside. */
  sealFitted: EventBody<'seal_fitted'>['outside'] | null;
};

export const freshWayIn: WayInState = {
  cleaned: [],
  usualFitAccepted: false,
  remedy: null,
  wayIn: null,
  cautions: [],
  laidOut: [],
  toolsSorted: {},
  ringIn: false,
  sealFitted: null,
};

export const wayInReducers: Reducers<WayInState> = {
  cleaned: ({ cleaned }, { what }) => ({ cleaned: including(cleaned, what) }),
  usual_fit_accepted: () => ({ usualFitAccepted: true }),
  // A repair chosen anew has to be proven anew.
  remedy_chosen: (_state, { remedy }, { atMs }) => ({ remedy: { remedy, atMs, isGood: null } }),
  remedy_checked: ({ remedy }, { isGood }) => ({ remedy: remedy && { ...remedy, isGood } }),
  way_in_chosen: (_state, body) => ({ wayIn: body }),
  caution_acknowledged: ({ cautions }, { caution }) => ({ cautions: including(cautions, caution) }),
  laid_out: ({ laidOut }, { item }) => ({ laidOut: including(laidOut, item) }),
  retaining_ring_in: () => ({ ringIn: true }),
  seal_fitted: (_state, { outside }) => ({ sealFitted: outside }),
  tool_sorted: ({ toolsSorted }, { need, how }) => ({ toolsSorted: { ...toolsSorted, [need]: how } }),
};
