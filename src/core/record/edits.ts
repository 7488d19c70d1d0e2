import type { CastingId, SeatId } from '@/core/record/ids';
import type { Casting, Seat } from './job';
import type { JobPlan } from './plan';

/**
 * What is changed in place and not entered: plan, castings, the machine’s name, and seats. Each carries the version that it was made on,
 * so that two people who change one thing at once are both told. The first three share the plan's version.
 */
export type CastingHead = Omit<Casting, 'seats'>;
export type Edit =
  | { what: 'plan'; version: number; plan: JobPlan | null; castings: CastingHead[]; machine?: string }
  | { what: 'seat'; version: number; seatId: SeatId; change: Pick<Seat, 'spec' | 'name' | 'xMm' | 'yMm'> }
  | { what: 'new_seat'; castingId: CastingId; seat: Seat };

/** What an edit changes: edits of one thing follow each other. */
export const thingOf = (edit: Edit): string =>
  edit.what === 'plan' ? 'plan' : edit.what === 'seat' ? edit.seatId : edit.seat.id;

type Head = { castings: Casting[]; plan: JobPlan; machine: string };

/** The job as it is once the edit is stored. */
export function applyEdit<H extends Head>(head: H, edit: Edit): H {
  if (edit.what === 'plan') {
    const changed = new Map(edit.castings.map((casting) => [casting.id, casting]));
    return {
      ...head,
      machine: edit.machine ?? head.machine,
      plan: { ...(edit.plan ?? head.plan), version: edit.version + 1 },
      castings: head.castings.map((casting) => ({ ...casting, ...changed.get(casting.id) })),
    };
  }
  const withSeats = (change: (casting: Casting) => Seat[]): H => ({
    ...head,
    castings: head.castings.map((casting) => ({ ...casting, seats: change(casting) })),
  });
  if (edit.what === 'seat')
    return withSeats(({ seats }) =>
      seats.map((seat) =>
        seat.id === edit.seatId ? { ...seat, ...edit.change, version: edit.version + 1 } : seat,
      ),
    );
  return withSeats(({ id, seats }) =>
    id === edit.castingId && !seats.some((seat) => seat.id === edit.seat.id) ? [...seats, edit.seat] : seats,
  );
}

/** Two edits of one thing as one: made on what the first was made on, leaving what the second leaves. */
export function mergeEdits(first: Edit, second: Edit): Edit {
  if (first.what === 'plan' && second.what === 'plan') {
    const later = new Set(second.castings.map(({ id }) => id));
    return {
      ...first,
      ...second,
      version: first.version,
      plan: second.plan ?? first.plan,
      castings: [...first.castings.filter(({ id }) => !later.has(id)), ...second.castings],
    };
  }
  if (first.what === 'seat' && second.what === 'seat') return { ...second, version: first.version };
  // A seat that is not stored yet is changed before it is.
  if (first.what === 'new_seat' && second.what === 'seat')
    return { ...first, seat: { ...first.seat, ...second.change } };
  return second;
}

/** The same edit, made on what stands there now: for a person who has seen what changed and wants their own. */
export const remake = (edit: Edit, version: number): Edit =>
  edit.what === 'new_seat' ? edit : { ...edit, version };

/** What somebody else left there: the plan, or the seat. */
export type Standing = { version: number } & (Partial<JobPlan> | Partial<Seat>);

/** As text that is the same however the fields of an object are ordered: a database orders them its own way. */
const spelledOut = (value: unknown): string =>
  JSON.stringify(value, (_key, each: unknown) =>
    each !== null && typeof each === 'object' && !Array.isArray(each)
      ? Object.fromEntries(Object.entries(each).sort(([a], [b]) => (a < b ? -1 : 1)))
      : each,
  );

/** Fields that differ between what an edit wants and what stands there. */
export function differing(edit: Edit, standing: Standing): string[] {
  const wanted: object = edit.what === 'plan' ? (edit.plan ?? {}) : edit.what === 'seat' ? edit.change : {};
  return Object.entries(wanted)
    .filter(
      ([key, value]) =>
        key !== 'version' && spelledOut(value) !== spelledOut((standing as Record<string, unknown>)[key]),
    )
    .map(([key]) => key);
}
