import { covers } from '@/core/strip/coaxial';
import type { SeatId } from '@/core/record/ids';
import type { OrderReason } from '@/core/record/vocabulary';
import type { JobView, SeatView } from './seatView';

/** One seat is filled before another; it is emptied after it. */
export type Precedence = { first: SeatId; then: SeatId; why: OrderReason };

/**
 * What goes in before what: as a person or the kind of job has it, and as the drawing shows it (an inner part before the outer one on the
 * same axis). What is said of two seats stands above what is drawn of them. Out goes the other way round.
 */
export function precedencesOf({ plan, seats }: Pick<JobView, 'plan' | 'seats'>): Precedence[] {
  const here = new Set(seats.map(({ seat }) => seat.id));
  const said = plan.order.filter(({ first, then }) => here.has(first) && here.has(then));
  const isSaid = (a: SeatId, b: SeatId) =>
    said.some(({ first, then }) => (first === a && then === b) || (first === b && then === a));
  const drawn = seats.flatMap((outer) =>
    seats.flatMap((inner): Precedence[] =>
      outer.casting.id === inner.casting.id &&
      covers(outer.seat, inner.seat) &&
      !isSaid(outer.seat.id, inner.seat.id)
        ? [{ first: inner.seat.id, then: outer.seat.id, why: 'inner_first' }]
        : [],
    ),
  );
  return [...said, ...drawn];
}

/** Seats that must be filled before this one, and are not, each with the reason. */
export function seatsBefore(view: SeatView, job: JobView): { view: SeatView; why: OrderReason }[] {
  return precedencesOf(job).flatMap(({ first, then, why }) => {
    if (then !== view.seat.id) return [];
    const before = job.seats.find(({ seat }) => seat.id === first);
    return before && before.history.homeMs === null && before.history.accepted === null
      ? [{ view: before, why }]
      : [];
  });
}
