import 'server-only';
import { z } from 'zod';
import { jobIdSchema, type JobId } from '@/core/record/ids';
import { newId } from '../ids';
import { withoutSeats } from '@/core/job/copyJob';
import { jobHeadSchema, type JobHead } from '@/core/record/job';
import { JOB_FILE_VERSION, liftJob } from '@/core/record/liftFile';
import { Refusal } from '../http';
import { pool, queryMany, queryMaybeOne, type Queryable } from '../pool';
import { apart, readStanding } from '../projection/standing';

export type OwnKind = { id: string; name: string };

export const loadOwnKinds = () => queryMany<OwnKind>(pool(), 'SELECT id, name FROM own_kind ORDER BY name');

/** A kind that was kept by an earlier release is lifted to the shape of today. */
export async function loadOwnKind(
  client: Queryable,
  id: string,
): Promise<{ name: string; head: JobHead } | null> {
  const row = await queryMaybeOne<{ name: string; head: unknown; version: number }>(
    client,
    'SELECT name, head, head_version AS version FROM own_kind WHERE id = $1',
    [id],
  );
  return row && { name: row.name, head: jobHeadSchema.parse(liftJob(row.head, row.version)) };
}

/** Keeps a job's castings, seats and plan as a kind of the shop's own; its readings stay with the job. */
export async function saveOwnKind({ jobId, name }: { jobId: JobId; name: string }): Promise<OwnKind> {
  const found = await readStanding(jobId);
  if (!found) throw new Refusal(404, 'not_found', 'There is no such job.');
  const { head, state } = apart(found.job);
  const kept = withoutSeats({ ...head, kind: 'own' }, state.work.removedSeats);
  const id = newId();
  await pool().query('INSERT INTO own_kind (id, name, head, head_version) VALUES ($1, $2, $3, $4)', [
    id,
    name,
    JSON.stringify(kept),
    JOB_FILE_VERSION,
  ]);
  return { id, name };
}

export const keepKindSchema = z.strictObject({ jobId: jobIdSchema, name: z.string().trim().min(1).max(80) });
