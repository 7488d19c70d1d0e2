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
};

export const freshWayIn: WayInState = {
  cleaned: [],
  usualFitAccepted: false,
  remedy: null,
  wayIn: null,
  cautions: [],
  laidOut: [],
  toolsSorted: {},
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
  tool_sorted: ({ toolsSorted }, { need, how }) => ({ toolsSorted: { ...toolsSorted, [need]: how } }),
};
