import type { AnySeatId, CastingId, PersonId, EntryId } from '@/core/record/ids';
import type { EventBody, EventKind } from '@/core/record/entries';

/** Who, where and when of an event. */
export type Facts = {
  id: EntryId;
  seatId: AnySeatId | null;
  castingId: CastingId | null;
  personId: PersonId;
  atMs: number;
};

/** What each event of an area changes in its state; what is not named stays as it is. */
export type Reducers<State> = {
  [K in EventKind]?: (state: State, body: EventBody<K>, facts: Facts) => Partial<State>;
};

/** The state after an event; the very same one where the event is of no concern to it. */
export function reduce<State>(
  reducers: Reducers<State>,
  state: State,
  kind: EventKind,
  body: EventBody<EventKind>,
  facts: Facts,
): State {
  const reducer = reducers[kind] as
    ((state: State, body: EventBody<EventKind>, facts: Facts) => Partial<State>) | undefined;
  return reducer ? { ...state, ...reducer(state, body, facts) } : state;
}

/** A list as a set: the item once, at its end. */
export const including = <T>(list: readonly T[], item: T): T[] =>
  list.includes(item) ? [...list] : [...list, item];

/** The reducers of several areas as one: an event that concerns more than one of them changes each. */
export function together<State>(...areas: readonly Partial<Record<EventKind, unknown>>[]): Reducers<State> {
  type Reducer = (state: State, body: EventBody<EventKind>, facts: Facts) => Partial<State>;
  const joined: Partial<Record<EventKind, Reducer>> = {};
  for (const area of areas)
    for (const [kind, reducer] of Object.entries(area) as [EventKind, Reducer][]) {
      const before = joined[kind];
      joined[kind] = before
        ? (state, body, facts) => ({ ...before(state, body, facts), ...reducer(state, body, facts) })
        : reducer;
    }
  return joined as Reducers<State>;
}
