import type { OrderNote } from '@/core/parts/orders';
import type { EventBody } from '@/core/record/entries';
import type { Reducers } from './area';

/** Parts of the whole job, by their key in the plan. */
export type PartsState = {
  counted: Record<string, number>;
  origins: Record<string, 'original' | 'pattern'>;
  conversions: Record<string, EventBody<'conversion_noted'>>;
  orders: Record<string, OrderNote[]>;
};

export const freshParts: PartsState = { counted: {}, origins: {}, conversions: {}, orders: {} };

export const partReducers: Reducers<PartsState> = {
  kit_counted: ({ counted }, { partKey, count }) => ({ counted: { ...counted, [partKey]: count } }),
  part_origin_noted: ({ origins }, { partKey, origin }) => ({ origins: { ...origins, [partKey]: origin } }),
  conversion_noted: ({ conversions }, body) => ({ conversions: { ...conversions, [body.partKey]: body } }),
  order_noted: ({ orders }, body, { atMs }) => ({
    orders: { ...orders, [body.partKey]: [...(orders[body.partKey] ?? []), { ...body, atMs }] },
  }),
};

/** The part of one seat against its mates. */
export type CompareState = {
  oldPart: EventBody<'old_number_noted'> | null;
  overruled: EventBody<'compare_overruled'>['reason'] | null;
  dryFit: EventBody<'dry_fit_noted'>['result'] | null;
  /** Turned and listened to; null: not yet. */
  felt: boolean | null;
};

export const freshCompare: CompareState = { oldPart: null, overruled: null, dryFit: null, felt: null };

export const compareReducers: Reducers<CompareState> = {
  // An empty number takes the note back.
  old_number_noted: (_state, body) => ({ oldPart: body.designation ? body : null }),
  compare_overruled: (_state, { reason }) => ({ overruled: reason }),
  new_part_felt: (_state, { isGood }) => ({ felt: isGood }),
  dry_fit_noted: (_state, { result }) => ({ dryFit: result }),
};
