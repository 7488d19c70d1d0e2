import 'server-only';
import { v7 as uuid } from 'uuid';
import { withoutSeats } from '@/core/job/copyJob';
import type { JobHead } from '@/core/record/job';
import { Refusal } from '../http';
import { pool, queryMany, queryMaybeOne, type Queryable } from '../pool';
import { apart, readStanding } from '../projection/standing';

export type OwnKind = { id: string; name: string };

export const loadOwnKinds = () => queryMany<OwnKind>(pool(), 'SELECT id, name FROM own_kind ORDER BY name');

export const loadOwnKind = (client: Queryable, id: string) =>
  queryMaybeOne<{ name: string; head: JobHead }>(client, 'SELECT name, head FROM own_kind WHERE id = $1', [
    id,
  ]);

/** Keeps a job's castings, seats and plan as a kind of the shop's own; its readings stay with the job. */
export async function saveOwnKind({ jobId, name }: { jobId: string; name: string }): Promise<OwnKind> {
  const found = await readStanding(jobId);
  if (!found) throw new Refusal(404, 'not_found', 'There is no such job.');
  const { head, state } = apart(found.job);
  const kept = withoutSeats({ ...head, kind: 'own' }, state.work.removedSeats);
  const id = uuid();
  await pool().query('INSERT INTO own_kind (id, name, head) VALUES ($1, $2, $3)', [
    id,
    name,
    JSON.stringify(kept),
  ]);
  return { id, name };
}
