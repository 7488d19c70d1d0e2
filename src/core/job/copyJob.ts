import type { SeatId, AnyId } from '@/core/record/ids';
import type { EventBody } from '@/core/record/entries';
import type { JobHead } from '@/core/record/job';
import type { JobPlan } from '@/core/record/plan';
import type { ShaftSpec } from '@/core/record/seatSpec';
import type { Shaft } from '@/core/record/shafts';

/** A job without the seats that were taken off its map; what the plan says of them goes too. */
export function withoutSeats(head: JobHead, removed: readonly SeatId[]): JobHead {
  const stays = (id: SeatId | null) => id === null || !removed.includes(id);
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
      tasks: head.plan.tasks.map((task) => ({
        ...task,
        after: task.after.filter((place) => stays(place as SeatId)),
        before: task.before.filter((place) => stays(place as SeatId)),
      })),
      special: head.plan.special.filter(({ seatId }) => stays(seatId ?? null)),
    },
  };
}

const copyShaft = (
  shaft: Shaft,
  { makeId, moved }: { makeId: () => AnyId; moved: (seatId: SeatId) => SeatId },
): Shaft => ({
  ...shaft,
  id: makeId(),
  seats: shaft.seats.map(({ name, spec }) => ({
    id: makeId(),
    name,
    version: 1,
    // A spec stays of its kind, whoever it is shared with now.
    spec: { ...spec, sharedWith: spec.sharedWith && moved(spec.sharedWith) } as ShaftSpec,
  })),
});

/** The plan of a job whose seats have new ids. */
function copyPlan(
  { order, parts, hidden, tasks, special, ...plan }: JobPlan,
  moved: (id: SeatId) => SeatId,
): JobPlan {
  // Keys of other work stay: no seat has such an id.
  const movedPlace = (place: string) => moved(place as SeatId);
  return {
    ...plan,
    version: 1,
    order: order.map(({ first, then, why }) => ({ first: moved(first), then: moved(then), why })),
    parts: parts.map((part) => ({ ...part, seatId: part.seatId && moved(part.seatId) })),
    hidden: hidden.map((each) => ({ ...each, under: each.under && moved(each.under) })),
    tasks: tasks.map((task) => ({
      ...task,
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
  const ids = new Map<SeatId, SeatId>();
  const castings = head.castings.map((casting) => ({
    ...casting,
    id: makeId(),
    seats: casting.seats.map((seat) => {
      const id = makeId();
      ids.set(seat.id, id);
      return { ...seat, id, version: 1 };
    }),
  }));
  const moved = (id: SeatId) => ids.get(id) ?? id;
  return {
    ...head,
    id: makeId(),
    number,
    machine,
    openedAt,
    castings,
    shafts: head.shafts.map((shaft) => copyShaft(shaft, { makeId, moved })),
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
