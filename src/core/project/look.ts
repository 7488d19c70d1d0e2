import type { EventBody } from '@/core/record/entries';
import type { Check } from '@/core/record/vocabulary';
import type { Reducers } from './area';

/** What was seen before anything came apart, and what renewing would cost. */
export type LookState = {
  machine: EventBody<'machine_noted'>;
  looks: Partial<Record<Check, EventBody<'look_noted'>>>;
  /** Everything looked over at once. */
  lookedOver: EventBody<'looked_over'>['decision'] | null;
  rockTests: (EventBody<'rock_test_noted'> & { atMs: number })[];
  weighed: Record<string, EventBody<'weighed'>>;
  prices: Record<string, number>;
  labour: EventBody<'labour_noted'> | null;
};

export const freshLook: LookState = {
  machine: {},
  looks: {},
  lookedOver: null,
  rockTests: [],
  weighed: {},
  prices: {},
  labour: null,
};

export const lookReducers: Reducers<LookState> = {
  machine_noted: ({ machine }, body) => ({ machine: { ...machine, ...body } }),
  look_noted: ({ looks }, body) => ({ looks: { ...looks, [body.check]: body } }),
  looked_over: (_state, { decision }) => ({ lookedOver: decision }),
  rock_test_noted: ({ rockTests }, body, { atMs }) => ({ rockTests: [...rockTests, { ...body, atMs }] }),
  weighed: ({ weighed }, body) => ({ weighed: { ...weighed, [body.partKey]: body } }),
  price_noted: ({ prices }, { partKey, each }) => ({ prices: { ...prices, [partKey]: each } }),
  labour_noted: (_state, body) => ({ labour: body }),
};
