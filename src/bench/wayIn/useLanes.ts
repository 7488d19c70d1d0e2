'use client';
import { useMemo } from 'react';
import { planLanes, type LaneInput, type SeatLanes } from '@/core/job/planLanes';
import type { DropCourse } from '@/core/heat/dropCourse';
import type { WayIn } from '@/core/heat/wayIn';
import { useLatest } from '@/bench/frame/useLatest';
import { workerOf } from '@/bench/frame/worker';
import type { LaneWorker } from './laneWork';

const laneWorker = workerOf<LaneWorker>(
  () => new Worker(new URL('./laneWorker.ts', import.meta.url), { type: 'module' }),
);

const askLanes = async (input: LaneInput) =>
  (await (await laneWorker()).lanes(input)) as unknown as SeatLanes | null;

/** The lanes of a seat: with the first drawing at once, then beside the page as its facts or sliders move. */
export function useLanes(input: LaneInput) {
  // eslint-disable-next-line react-hooks/exhaustive-deps -- only what the first drawing shows is reckoned here
  const first = useMemo(() => planLanes(input), []);
  const { output, isOld } = useLatest(askLanes, input, { output: first });
  return { ...(output ?? { lanes: null, usual: null }), isOld };
}

export type CourseInput = { lanes: LaneInput; way: Pick<WayIn, 'ringC' | 'housingC' | 'heatedBy'> };

const askCourse = async ({ lanes, way }: CourseInput) =>
  (await (await laneWorker()).course(lanes, way)) as unknown as DropCourse | null;

/** The course of one way; null until it is reckoned, or where the fit is not known. */
export function useCourse(input: CourseInput) {
  const { output, isOld } = useLatest(askCourse, input, null);
  return { course: output, isOld };
}
