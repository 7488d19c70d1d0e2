import type { EventBody } from '@/core/record/entries';
import type { Reducers } from './area';

/** What was done at a seat on a shaft. Times in ms since the epoch. */
export type ShaftState = {
  offShaft: (EventBody<'off_shaft'> & { atMs: number }) | null;
  ontoShaft: (EventBody<'onto_shaft'> & { atMs: number }) | null;
};

export const freshShaft: ShaftState = { offShaft: null, ontoShaft: null };

export const shaftReducers: Reducers<ShaftState> = {
  off_shaft: (_state, body, { atMs }) => ({ offShaft: { ...body, atMs } }),
  onto_shaft: (_state, body, { atMs }) => ({ ontoShaft: { ...body, atMs } }),
};
