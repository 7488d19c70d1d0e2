import type { AnyId, AnySeatId, JournalId, SeatId } from '@/core/record/ids';
import type { EventBody } from '@/core/record/entries';
import type { JobHead } from '@/core/record/job';
import type { JobPlan } from '@/core/record/plan';
import type { ShaftSpec } from '@/core/record/seatSpec';
import type { Shaft } from '@/core/record/shafts';

/** Work on seats of shafts that are still there: one that shared its part with a seat goes with it. */
function stillOnShaft(
  { shafts }: JobHead,
  onShaft: JobPlan['tasks'][number]['onShaft'],
  stays: (id: SeatId | null) => boolean,
): Pick<JobPlan['tasks'][number], 'onShaft'> {
  const left = shafts.flatMap(({ seats }) => seats.filter(({ spec }) => stays(spec.sharedWith)));
  const seats = (onShaft?.seats ?? []).filter((id) => left.some((seat) => seat.id === id));
  return onShaft && seats.length > 0 ? { onShaft: { ...onShaft, seats } } : {};
}

/** A job without the seats that were taken off its map; what the plan says of them goes too. */
export function withoutSeats(head: JobHead, removed: readonly AnySeatId[]): JobHead {
  const stays = (id: AnySeatId | null) => id === null || !removed.includes(id);
  return {
    ...head,
    castings: head.castings.map((casting) => ({
      ...casting,
      seats: casting.seats.filter(({ id }) => stays(id)),
    })),
    shafts: head.shafts.flatMap((shaft) => {
      const seats = shaft.seats.filter(({ spec }) => stays(spec.sharedWith));
      return seats.length > 0 || shaft.seats.length === 0 ? [{ ...shaft, seats }] : [];
    }),
    plan: {
      ...head.plan,
      order: head.plan.order.filter(({ first, then }) => stays(first) && stays(then)),
      parts: head.plan.parts.filter(({ seatId }) => stays(seatId)),
      hidden: head.plan.hidden.map((each) => ({ ...each, under: stays(each.under) ? each.under : null })),
      tasks: head.plan.tasks.map(({ onShaft, holds, carries, ...task }) => ({
        ...task,
        ...stillOnShaft(head, onShaft, stays),
        ...(holds?.some(stays) && { holds: holds.filter(stays) }),
        ...(carries?.some(stays) && { carries: carries.filter(stays) }),
        choices: task.choices.map(({ finding, ...choice }) => {
          const seats = finding?.seats.filter(stays) ?? [];
          return { ...choice, ...(finding && seats.length > 0 && { finding: { ...finding, seats } }) };
        }),
        after: task.after.filter((place) => stays(place as SeatId)),
        before: task.before.filter((place) => stays(place as SeatId)),
      })),
      special: head.plan.special.filter(({ seatId }) => stays(seatId ?? null)),
    },
  };
}

const copyShaft = (
  shaft: Shaft,
  { makeId, moved }: { makeId: (of?: JournalId) => AnyId; moved: (seatId: SeatId) => SeatId },
): Shaft => ({
  ...shaft,
  id: makeId(),
  seats: shaft.seats.map(({ id, name, spec }) => ({
    id: makeId(id),
    name,
    version: 1,
    // A spec stays of its kind, whoever it is shared with now.
    spec: { ...spec, sharedWith: spec.sharedWith && moved(spec.sharedWith) } as ShaftSpec,
  })),
});

/** The plan of a job whose seats have new ids. */
function copyPlan(
  { order, parts, hidden, tasks, special, ...plan }: JobPlan,
  moved: <Id extends AnySeatId>(id: Id) => Id,
): JobPlan {
  // Keys of other work stay: no seat has such an id.
  const movedPlace = (place: string) => moved(place as SeatId);
  return {
    ...plan,
    version: 1,
    order: order.map(({ first, then, why }) => ({ first: moved(first), then: moved(then), why })),
    parts: parts.map((part) => ({ ...part, seatId: part.seatId && moved(part.seatId) })),
    hidden: hidden.map((each) => ({ ...each, under: each.under && moved(each.under) })),
    tasks: tasks.map(({ onShaft, holds, carries, ...task }) => ({
      ...task,
      ...(holds && { holds: holds.map(moved) }),
      ...(carries && { carries: carries.map(moved) }),
      ...(onShaft && { onShaft: { ...onShaft, seats: onShaft.seats.map(moved) } }),
      choices: task.choices.map(({ finding, ...choice }) => ({
        ...choice,
        ...(finding && { finding: { ...finding, seats: finding.seats.map(moved) } }),
      })),
      after: task.after.map(movedPlace),
      before: task.before.map(movedPlace),
    })),
    special: special.map(({ seatId, ...note }) => ({ ...note, ...(seatId && { seatId: moved(seatId) }) })),
  };
}

/** The same castings, shafts, seats, parts and plan under new ids: “same as last”. Readings and events never come along. */
export function copyHead(
  head: JobHead,
  {
    number,
    machine,
    openedAt,
    makeId,
  }: { number: number; machine: string; openedAt: string; makeId: () => AnyId },
): JobHead {
  const ids = new Map<AnySeatId, AnySeatId>();
  const castings = head.castings.map((casting) => ({
    ...casting,
    id: makeId(),
    seats: casting.seats.map((seat) => {
      const id = makeId();
      ids.set(seat.id, id);
      return { ...seat, id, version: 1 };
    }),
  }));
  const moved = <Id extends AnySeatId>(id: Id) => (ids.get(id) ?? id) as Id;
  const makeJournalId = (of?: JournalId) => {
    const id = makeId();
    if (of) ids.set(of, id);
    return id;
  };
  const shafts = head.shafts.map((shaft) => copyShaft(shaft, { makeId: makeJournalId, moved }));
  return {
    ...head,
    id: makeId(),
    number,
    machine,
    openedAt,
    castings,
    shafts,
    plan: copyPlan(head.plan, moved),
  };
}

/** What stays with a machine from job to job; null when nothing was noted. Hours, complaint and order number are of that day. */
export function ownNumbers({
  make,
  model,
  year,
  frameNumber,
  engineNumber,
}: EventBody<'machine_noted'>): EventBody<'machine_noted'> | null {
  const kept = Object.fromEntries(
    Object.entries({ make, model, year, frameNumber, engineNumber }).filter(
      ([, value]) => value !== undefined,
    ),
  );
  return Object.keys(kept).length > 0 ? kept : null;
}
