import type { JobId } from '@/core/record/ids';
import { isEnd, type Move } from '@/core/walk/move';
import { STEP_PATHS } from '@/ui/words/steps';

/** Where a move is done: the end on a page of its own; a part that comes out by heat has a run of its own. */
export function movePath(jobId: JobId, move: Move): string {
  const { seatId, step, warmOutOf } = move;
  if (isEnd(move)) return `/jobs/${jobId}/hand-over`;
  if (warmOutOf) return `/jobs/${jobId}/${warmOutOf}/out`;
  return seatId ? `/jobs/${jobId}/${seatId}/${STEP_PATHS[step]}` : `/jobs/${jobId}`;
}
