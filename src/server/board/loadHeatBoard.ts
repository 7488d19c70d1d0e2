import 'server-only';
import type { JobHeatTask } from '@/core/board/heatTasks';
import type { HeatPlan } from '@/core/record/heatPlan';
import type { Tool } from '@/core/tools/tool';
import { renewLines } from '../jobs/loadBench';
import { pool, queryMany } from '../pool';
import { loadHeatPlan, SHOWN } from '../shop';
import { loadTools } from '../tools/toolWall';

export type HeatBoardFacts = { tasks: JobHeatTask[]; tools: Tool[]; heatPlan: HeatPlan };

/** What waits for heat or cold on all jobs of the bench, where it can be heated, and what the shop wants of it. */
export async function loadHeatBoard(nowMs: number): Promise<HeatBoardFacts> {
  await renewLines(nowMs);
  const rows = await queryMany<{ tasks: JobHeatTask[] }>(
    pool(),
    `
    SELECT heat_tasks AS tasks FROM job_state JOIN job ON job.id = job_id
    WHERE NOT is_put_away AND heat_tasks <> '[]' AND ${SHOWN} ORDER BY number`,
  );
  return {
    tasks: rows.flatMap(({ tasks }) => tasks),
    tools: await loadTools(pool()),
    heatPlan: await loadHeatPlan(pool()),
  };
}
