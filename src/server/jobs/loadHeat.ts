import 'server-only';
import { findHeatItems, inHeatOrder, type HeatItem } from '@/core/board/heatItems';
import { pool, queryMany } from '../pool';
import { eachReadable } from './eachReadable';
import { loadJobs } from './loadJob';

/** A part forgotten in the freezer longer than this is left to the log. */
const LATELY = '30 days';

/** What is hot or cold anywhere in the shop: all that the strip of clocks can speak of. */
export async function loadHeat(nowMs: number): Promise<HeatItem[]> {
  const rows = await queryMany<{ jobId: string }>(
    pool(),
    `
    SELECT DISTINCT job_id AS "jobId" FROM job_event
    WHERE kind IN ('casting_into_heat', 'part_into_freezer') AND at > now() - interval '${LATELY}'`,
  );
  if (rows.length === 0) return [];
  const warm = await loadJobs(rows.map(({ jobId }) => jobId));
  const { made } = eachReadable(warm, (record) => findHeatItems([record], nowMs));
  return inHeatOrder(made.flat());
}
