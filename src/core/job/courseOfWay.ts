import { courseOf, type DropCourse } from '@/core/heat/dropCourse';
import type { WayIn } from '@/core/heat/wayIn';
import type { LaneInput } from './planLanes';
import { wayInProblem } from './planSeat';

/** How one of its ways goes on after the door; null where its fit is not known. */
export function courseOfWay(
  { view, surroundings, isStopSet, trial }: LaneInput,
  way: Pick<WayIn, 'ringC' | 'housingC' | 'heatedBy'>,
): DropCourse | null {
  const heatedBy = way.heatedBy ?? surroundings.usualHeat;
  const problem = wayInProblem(view, surroundings, heatedBy, isStopSet, trial);
  const { housing } = view.seat.spec;
  return (
    problem &&
    courseOf(problem, way, {
      outsideMm: housing.bossOutsideMm,
      widthMm: housing.bossHeightMm,
      webThicknessMm: housing.webThicknessMm,
    })
  );
}
