import { courseOfWay } from '@/core/job/courseOfWay';
import { planLanes, type LaneInput } from '@/core/job/planLanes';
import type { DropCourse } from '@/core/heat/dropCourse';
import type { WayIn } from '@/core/heat/wayIn';

/** What is reckoned beside the page at the ways in: dozens of heats for the lanes, the course along the radius for a curve. */
export const laneWork = {
  lanes: (input: LaneInput) => planLanes(input),
  course: (input: LaneInput, way: Pick<WayIn, 'ringC' | 'housingC' | 'heatedBy'>): DropCourse | null =>
    courseOfWay(input, way),
};
export type LaneWorker = typeof laneWork;
