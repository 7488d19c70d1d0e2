import { isHeated } from '@/core/heat/waySorts';
import type { JobHead } from '@/core/record/job';
import type { JobPlan } from '@/core/record/plan';
import type { SeatView } from './seatView';
import { usualHeatOf } from './workpiece';

/** What is special about this kind of job at a seat, as it is heated there, or not: what is said of a gun helps nobody at an oven. */
export function notesAt(
  job: Pick<JobHead, 'kind' | 'plan'>,
  { seat, heat, history: { wayIn } }: Pick<SeatView, 'seat' | 'heat' | 'history'>,
): JobPlan['special'] {
  const heatedBy = wayIn && !isHeated(wayIn.way) ? 'none' : (wayIn?.heatedBy ?? usualHeatOf(job));
  return job.plan.special.filter(
    ({ seatId, by }) =>
      (seatId === undefined || seatId === seat.id) &&
      (by === undefined || by === heatedBy) &&
      // What may go into an oven is said before its door opens.
      !(by === 'oven' && heat.phase === 'out'),
  );
}
