import type { SeatView } from '@/core/job/seatView';
import { useJob } from '@/bench/record/JobProvider';
import { useLoaded } from '@/bench/record/useLoaded';

const loadMoveNow = () => import('@/bench/frame/moveNow');

/** What the walk says of the seat that is run: its next move, whether the job goes on here, and whether the eye tells it square. */
export function useWalkHere(view: SeatView) {
  const { job, person } = useJob();
  const walk = useLoaded(loadMoveNow);
  const style = person?.walk ?? 'full';
  return {
    next: walk?.saySeatMove(job, view, style) ?? null,
    // Asked once it is home alone: the run is drawn each second, and the whole walk is dear.
    isNextHere: walk === null || view.history.homeMs === null || !walk.goesOnElsewhere(job, view, style),
    isEyeEnough: walk !== null && !walk.asksForReadings(view, job, style),
  };
}
