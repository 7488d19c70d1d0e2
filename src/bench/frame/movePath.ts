import type { JobId } from '@/core/record/ids';
import type { Move } from '@/core/walk/move';
import { STEP_PATHS } from '@/ui/words/steps';

export const handOverPath = (jobId: JobId) => `/jobs/${jobId}/hand-over`;

/** Where a move is done: a part that comes out by heat has a run of its own. */
export const movePath = (jobId: JobId, { code, seatId, step, warmOutOf }: Move) =>
  code === 'all_proven' || code === 'handed_over'
    ? handOverPath(jobId)
    : warmOutOf
      ? `/jobs/${jobId}/${warmOutOf}/out`
      : seatId
        ? `/jobs/${jobId}/${seatId}/${STEP_PATHS[step]}`
        : `/jobs/${jobId}`;
