import type { EventBody } from '@/core/record/entries';
import type { Reducers } from './area';

/** What was decided of one float. Times in ms since the epoch. */
export type FloatDone = {
  shims: { leftMm: readonly number[]; rightMm: readonly number[] } | null;
  accepted: { by: EventBody<'float_accepted'>['by']; because: string | null; atMs: number } | null;
  contact: EventBody<'contact_noted'>['where'] | null;
};
export type FloatsState = { floats: Record<string, FloatDone> };

export const FRESH_FLOAT: FloatDone = { shims: null, accepted: null, contact: null };
export const freshFloats: FloatsState = { floats: {} };

const withFloat = ({ floats }: FloatsState, key: string, change: Partial<FloatDone>): FloatsState => ({
  floats: { ...floats, [key]: { ...(floats[key] ?? FRESH_FLOAT), ...change } },
});

export const floatReducers: Reducers<FloatsState> = {
  // Other shims are another room: what was right before is not proven any more.
  shims_chosen: (state, { floatKey, leftMm, rightMm }) =>
    withFloat(state, floatKey, { shims: { leftMm, rightMm }, accepted: null }),
  float_accepted: (state, { floatKey, by, because = null }, { atMs }) =>
    withFloat(state, floatKey, { accepted: { by, because, atMs } }),
  contact_noted: (state, { floatKey, where }) => withFloat(state, floatKey, { contact: where }),
};
