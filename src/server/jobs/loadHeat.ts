import 'server-only';
import { stillWarm, type HeatItem } from '@/core/board/heatItems';
import { loadIfThere } from '../loadPage';
import { pool, queryMany } from '../pool';
import { SHOWN } from '../shop';

/** What is hot or cold anywhere in the shop: all that the strip of clocks can speak of. */
export async function loadHeat(nowMs: number): Promise<HeatItem[]> {
  const rows = await queryMany<{ heat: HeatItem[] }>(
    pool(),
    `SELECT heat FROM job_state JOIN job ON job.id = job_id WHERE heat_until >= $1 AND ${SHOWN}`,
    [new Date(nowMs).toISOString()],
  );
  return stillWarm(
    rows.flatMap(({ heat }) => heat),
    nowMs,
  );
}

/** The same as a page's first drawing has it; with the database away nothing, and what is hot comes with the live line. */
export async function loadHeatOfPage(): Promise<{ heat: readonly HeatItem[]; heatMs: number }> {
  const loaded = await loadIfThere(loadHeat);
  return { heat: loaded?.data ?? [], heatMs: loaded?.nowMs ?? 0 };
}
