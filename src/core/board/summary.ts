import { measuredSeats, namesOf, type MachineNames, type MeasuredSeat } from '@/core/job/rebuilds';
import { viewHoldsUntilMs, type JobView } from '@/core/job/seatView';
import { orderedParts, wrongNumbers, type OrderedPart } from '@/core/parts/orders';
import type { ProjectedJob } from '@/core/project/project';
import type { Stack } from '@/core/stack/pieces';
import { describeJob, type BenchLine } from './benchLine';
import { stacksOf } from './stacksOf';
import { heatTasksOf, type JobHeatTask } from './heatTasks';
import { findHeatItems, type HeatItem } from './heatItems';

/** Everything that other screens than the job's own ask of it: kept with its state, so that none of them reads its entries. */
export type JobSummary = {
  isPutAway: boolean;
  bench: BenchLine;
  /** Until when the line holds if nothing is entered; null: for good. */
  benchUntilMs: number | null;
  heat: HeatItem[];
  /** What waits for heat or cold, for the board over all jobs. */
  heatTasks: JobHeatTask[];
  ordered: OrderedPart[];
  /** Numbers that came wrong, as they compare. */
  wrongNumbers: string[];
  stacks: Stack[];
  names: MachineNames;
  measured: MeasuredSeat[];
};

/** `view` is the job's at `nowMs`. */
export function summarize(job: ProjectedJob, view: JobView, nowMs: number): JobSummary {
  const { work } = job.state;
  const untilMs = viewHoldsUntilMs(job, nowMs);
  return {
    isPutAway: work.putAway !== null,
    bench: describeJob(job, view),
    benchUntilMs: Number.isFinite(untilMs) ? untilMs : null,
    heat: findHeatItems(job),
    heatTasks: heatTasksOf(view, { jobId: job.id, machine: job.machine }),
    ordered: orderedParts(view.plan.parts, work.orders),
    wrongNumbers: [...wrongNumbers(Object.values(work.orders).flat())],
    stacks: stacksOf(job).filter(({ pieces }) => pieces.length > 0),
    names: namesOf(job),
    measured: measuredSeats(job, view),
  };
}
