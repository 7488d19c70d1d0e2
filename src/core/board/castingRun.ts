import { isHeated } from '@/core/heat/waySorts';
import { viewHeatRun, type HeatReason, type HeatRunView } from '@/core/job/heatRun';
import type { RunInput } from '@/core/job/heatRunStart';
import type { JobView, SeatView } from '@/core/job/seatView';
import { usualHeatOf } from '@/core/job/workpiece';

/**
 * Several parts in one heat: which they are, and for whom the oven's door waits (who goes next: `heatTurns`). An oven heats a casting
 * whole; hot air heats one boss, so that its heat has one part.
 */
export const isForOven = ({ history: { wayIn } }: SeatView, job: JobView) =>
  wayIn !== null && isHeated(wayIn.way) && (wayIn.heatedBy ?? usualHeatOf(job)) === 'oven';

/** Parts that still go into this seat's casting at its heat; its own alone where the casting is not heated whole. */
export function partsOfHeat(view: SeatView, job: JobView): SeatView[] {
  if (!isForOven(view, job)) return view.history.homeMs === null ? [view] : [];
  return job.seats.filter(
    (each) => each.casting.id === view.casting.id && each.history.homeMs === null && isForOven(each, job),
  );
}

const READY: readonly HeatReason[] = ['hot_enough_take_it_out', 'hot_enough_lay_it_out'];

/** The run of one part, whose casting stays in the oven until every part of its heat is ready. */
export function viewCastingRun(input: RunInput, parts: readonly SeatView[]): HeatRunView {
  const run = viewHeatRun(input);
  if (input.view.heat.phase !== 'in_heat' || !READY.includes(run.reason)) return run;
  const others = parts
    .filter(({ seat }) => seat.id !== input.view.seat.id)
    .map((view) => ({ view, run: viewHeatRun({ ...input, view }) }))
    .filter((other) => !READY.includes(other.run.reason))
    // The one that is waited for longest; one that never is ready before all.
    .sort((a, b) => (b.run.hotInS ?? Infinity) - (a.run.hotInS ?? Infinity));
  const [last] = others;
  if (!last) return run;
  return {
    ...run,
    reason: 'another_not_ready',
    hotInS: last.run.hotInS,
    waitsFor: { name: last.view.seat.name, reason: last.run.reason },
  };
}
