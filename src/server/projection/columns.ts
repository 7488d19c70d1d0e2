import 'server-only';
import type { SeatId } from '@/core/record/ids';
import { summarize } from '@/core/board/summary';
import { FORMULA_VERSION } from '@/core/job/seatFit';
import type { JobViewer } from '@/core/job/seatView';
import { STATE_SHAPE, type JobState, type SeatState } from '@/core/project/jobState';
import type { ProjectedJob } from '@/core/project/project';

/** Formulas and shape that a kept state was made with. */
export const MADE_WITH = `${FORMULA_VERSION} ${STATE_SHAPE}`;

/** A job's state and all that others ask of it, as the tables hold it: JSON as text, so that what did not change is seen at once. */
export type JobColumns = {
  state: string;
  bench: string;
  heat: string;
  heatTasks: string;
  ordered: string;
  stacks: string;
  isPutAway: boolean;
  benchUntil: string | null;
  heatUntil: string | null;
  wrongNumbers: string[];
  machine: string;
  frameNumber: string;
  engineNumber: string;
};
export type SeatColumns = { seatId: SeatId; state: string; measured: string | null; from: SeatState };
export type Columns = { from: JobState; job: JobColumns; seats: Map<SeatId, SeatColumns> };

const moment = (ms: number | null) => (ms === null ? null : new Date(ms).toISOString());

function seatColumns(
  job: ProjectedJob,
  measured: ReadonlyMap<string, string>,
  before: Columns | null,
): Columns['seats'] {
  return new Map(
    (Object.entries(job.state.seats) as [SeatId, SeatState][]).map(([seatId, from]) => {
      const known = before?.seats.get(seatId);
      const state = known?.from === from ? known.state : JSON.stringify(from);
      return [seatId, { seatId, state, measured: measured.get(seatId) ?? null, from }];
    }),
  );
}

const isSameWork = (a: JobState, b: JobState) =>
  a.work === b.work && a.castings === b.castings && a.ahead === b.ahead && a.lastEventMs === b.lastEventMs;

/** The state without its seats, as text; written anew only where an entry touched it. */
function stateText(state: JobState, before: Columns | null): string {
  if (before && isSameWork(before.from, state)) return before.job.state;
  const { seats: _seats, ...rest } = state;
  return JSON.stringify(rest);
}

/** `before`: the columns as they were, of which the parts that no entry touched are taken over. */
export function columnsOf(
  job: ProjectedJob,
  viewer: JobViewer,
  nowMs: number,
  before: Columns | null = null,
): Columns {
  const summary = summarize(job, viewer.view(job, nowMs), nowMs);
  const untilMs = Math.max(...summary.heat.map((item) => item.untilMs));
  return {
    from: job.state,
    job: {
      state: stateText(job.state, before),
      bench: JSON.stringify(summary.bench),
      heat: JSON.stringify(summary.heat),
      heatTasks: JSON.stringify(summary.heatTasks),
      ordered: JSON.stringify(summary.ordered),
      stacks: JSON.stringify(summary.stacks),
      isPutAway: summary.isPutAway,
      benchUntil: moment(summary.benchUntilMs),
      heatUntil: summary.heat.length > 0 ? moment(untilMs) : null,
      wrongNumbers: summary.wrongNumbers,
      ...summary.names,
    },
    seats: seatColumns(
      job,
      new Map(summary.measured.map((seat) => [seat.seatId, JSON.stringify(seat)])),
      before,
    ),
  };
}
