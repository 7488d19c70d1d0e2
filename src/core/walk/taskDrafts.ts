import { isChilled, isHeated } from '@/core/heat/waySorts';
import type { JobView, SeatView } from '@/core/job/seatView';
import type { Task } from '@/core/record/plan';
import { carriedNow, directionOf } from './carried';
import { beforeFit, byEye } from './fitOffers';
import { openItems, type Draft } from './offer';

/** What a piece of work puts on record when it is answered: itself, what it says of seats, and the parts that it moves. */

const broughtOut = ({ seat }: SeatView): Draft => ({
  kind: 'taken_out',
  body: { way: 'came_with_shaft', isSpoilt: false },
  seatId: seat.id,
});

/** Drawn home by nut or bolts, cold: no heat was said to be there. */
function broughtIn(view: SeatView, job: JobView): Draft[] {
  const { id: seatId } = view.seat;
  const before = beforeFit(view, { job, walk: 'quick' }).map((draft): Draft => {
    if (draft.kind !== 'way_in_chosen') return draft;
    const isCold = !isHeated(draft.body.way) && !isChilled(draft.body.way);
    const { formulaVersion } = draft.body;
    return isCold
      ? draft
      : {
          ...draft,
          body: { way: 'draw_in', housingC: job.roomC, ringC: job.roomC, formulaVersion },
        };
  });
  return [
    ...before,
    { kind: 'let_go', body: {}, seatId },
    { kind: 'home', body: {}, seatId },
    byEye(seatId, ['went_stiff', 'even_gap']),
  ];
}

/** Done, as it was answered; what went wrong, or is not on this job, moves nothing. */
export function taskDrafts(task: Task, job: JobView, choice?: string): Draft[] {
  const chosen = task.choices.find(({ key }) => key === choice);
  const finding = chosen?.finding;
  const moved = choice === 'not_here' || chosen?.trouble ? [] : carriedNow(task, job);
  return [
    { kind: 'task_done', body: { key: task.key, ...(choice !== undefined && { choice }) } },
    ...(finding?.seats ?? []).map((seatId): Draft => ({
      kind: 'seat_finding',
      body: { what: finding!.what },
      seatId,
    })),
    ...(task.countsTools && choice === undefined
      ? [{ kind: 'tools_counted', body: { missing: '' } } as const]
      : []),
    ...moved.flatMap((view) => (directionOf(task) === 'out' ? [broughtOut(view)] : broughtIn(view, job))),
  ];
}

/** One thing of a list; with the last of them the work is done. */
export const tickDrafts = (task: Task, item: string, job: JobView): Draft[] => [
  { kind: 'task_ticked', body: { key: task.key, item } },
  ...(openItems(task, job).every(({ key }) => key === item) ? taskDrafts(task, job) : []),
];
