import type { EventBody } from '@/core/record/entries';
import type { JobHead } from '@/core/record/job';

/** A job without the seats that were taken off its map; what the plan says of them goes too. */
export function withoutSeats(head: JobHead, removed: readonly string[]): JobHead {
  const stays = (id: string | null) => id === null || !removed.includes(id);
  return {
    ...head,
    castings: head.castings.map((casting) => ({
      ...casting,
      seats: casting.seats.filter(({ id }) => stays(id)),
    })),
    plan: {
      ...head.plan,
      order: head.plan.order.filter(({ first, then }) => stays(first) && stays(then)),
      parts: head.plan.parts.filter(({ seatId }) => stays(seatId)),
      hidden: head.plan.hidden.map((each) => ({ ...each, under: stays(each.under) ? each.under : null })),
    },
  };
}

/** The same castings, seats, parts and plan under new ids: “same as last”. Readings and events never come along. */
export function copyHead(
  head: JobHead,
  {
    number,
    machine,
    openedAt,
    makeId,
  }: { number: number; machine: string; openedAt: string; makeId: () => string },
): JobHead {
  const ids = new Map<string, string>();
  const castings = head.castings.map((casting) => ({
    ...casting,
    id: makeId(),
    seats: casting.seats.map((seat) => {
      const id = makeId();
      ids.set(seat.id, id);
      return { ...seat, id, version: 1 };
    }),
  }));
  const moved = (id: string) => ids.get(id) ?? id;
  const { order, parts, hidden, ...plan } = head.plan;
  return {
    ...head,
    id: makeId(),
    number,
    machine,
    openedAt,
    castings,
    plan: {
      ...plan,
      version: 1,
      order: order.map(({ first, then, why }) => ({ first: moved(first), then: moved(then), why })),
      parts: parts.map((part) => ({ ...part, seatId: part.seatId && moved(part.seatId) })),
      hidden: hidden.map((each) => ({ ...each, under: each.under && moved(each.under) })),
    },
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
