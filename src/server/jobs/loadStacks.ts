import 'server-only';
import type { Stack } from '@/core/stack/pieces';
import { pool, queryMany } from '../pool';
import { ensureFresh } from '../projection/keepFresh';
import { SHOWN } from '../shop';

/** Every stack of every job on the bench: what a stack could be mistaken for. */
export async function loadStacks(): Promise<Stack[]> {
  await ensureFresh();
  const rows = await queryMany<{ stacks: Stack[] }>(
    pool(),
    `SELECT stacks FROM job_state JOIN job ON job.id = job_id
    WHERE NOT is_put_away AND stacks <> '[]' AND ${SHOWN} ORDER BY number`,
  );
  return rows.flatMap(({ stacks }) => stacks);
}
