import 'server-only';
import { z } from 'zod';
import { frameOf } from '@/core/board/heatFrame';
import { spotsOf } from '@/core/board/heatSpots';
import { planHeats } from '@/core/board/planHeats';
import { loadHeatBoard } from './loadHeatBoard';

/** Degrees as the reader of the calendar has them. */
export const calendarQuery = z.object({ units: z.enum(['metric', 'imperial']).default('metric') });

/** The plan of all heats as of `nowMs`, with what it was made from. */
export async function planHeatsNow(nowMs: number) {
  const { tasks, tools, heatPlan } = await loadHeatBoard(nowMs);
  const spots = spotsOf(tools);
  return { tasks, spots, wanted: heatPlan, plan: planHeats(tasks, frameOf(heatPlan, spots, nowMs)) };
}
