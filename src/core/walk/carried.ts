import { journalsOf } from '@/core/job/journalView';
import type { JobView, SeatView } from '@/core/job/seatView';
import type { SeatId } from '@/core/record/ids';
import type { Task } from '@/core/record/plan';
import { isPastStripping } from './facts';
import { chosenOf } from './taskDone';

/**
 * A bearing that stays on its shaft moves with it: the work that draws the shaft empties its seat in the casting, the work that puts the
 * shaft or the cover in fills it. Such a seat has no move of its own. Common practice, no source.
 */

export type Direction = 'out' | 'in';

export const directionOf = ({ stage }: Pick<Task, 'stage'>): Direction =>
  stage === 'access' || stage === 'out' ? 'out' : 'in';

/** The school that puts the bearing into its casting first: the shaft goes into it there. */
const isIntoCastingFirst = (seatId: SeatId, job: JobView): boolean =>
  job.plan.tasks.some(
    (task) =>
      chosenOf(task, job)?.intoCastingFirst === true &&
      journalsOf(job, task.onShaft?.seats ?? []).some(({ spec }) => spec.sharedWith === seatId),
  );

/** The work that moves a seat's part; null: it is moved by itself, also where that work is not on this machine. */
export const carrierOf = (seatId: SeatId, direction: Direction, job: JobView): Task | null =>
  job.plan.tasks.find(
    (task) =>
      task.carries?.includes(seatId) &&
      directionOf(task) === direction &&
      job.work.tasks[task.key]?.choice !== 'not_here' &&
      !(direction === 'in' && isIntoCastingFirst(seatId, job)),
  ) ?? null;

/** Seats that a piece of work empties or fills when it is done now. */
export const carriedNow = (task: Task, job: JobView): SeatView[] => {
  const direction = directionOf(task);
  return job.seats.filter(
    (view) =>
      carrierOf(view.seat.id, direction, job)?.key === task.key &&
      view.history.homeMs === null &&
      (direction === 'in' || (view.history.takenOut === null && !isPastStripping(view))),
  );
};
