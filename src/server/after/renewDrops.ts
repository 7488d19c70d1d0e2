import 'server-only';
import { dropResults } from '@/core/after/dropResults';
import type { EventKind, Entries } from '@/core/record/entries';
import type { ProjectedJob } from '@/core/project/project';
import type { Queryable } from '../pool';

/** After these what is known of a drop is another thing. */
const TELLING: ReadonlySet<EventKind> = new Set([
  'home',
  'stuck',
  'casting_into_heat',
  'event_retimed',
  'event_withdrawn',
  'reading_struck',
  'job_put_away',
]);

export const tellOfDrops = ({ events }: Entries): boolean => events.some(({ kind }) => TELLING.has(kind));

/**
 * Makes what is kept of a job's drops anew from its record. What was promised is what the model says without the shop's correction: else it
 * would be corrected by itself.
 */
export async function renewDrops(client: Queryable, job: ProjectedJob, entries: Entries): Promise<void> {
  const results = entries.events.some(({ kind }) => kind === 'let_go')
    ? dropResults({ ...job, learned: null }, entries)
    : [];
  await client.query(
    `WITH gone AS (DELETE FROM drop_result WHERE job_id = $1 AND NOT id = ANY ($2::uuid[]))
    INSERT INTO drop_result (id, job_id, at, result)
    SELECT (result->>'id')::uuid, $1, to_timestamp((result->>'atMs')::double precision / 1000), result
    FROM jsonb_array_elements($3::jsonb) AS result
    ON CONFLICT (id) DO UPDATE SET at = excluded.at, result = excluded.result`,
    [job.id, results.map(({ id }) => id), JSON.stringify(results)],
  );
}
