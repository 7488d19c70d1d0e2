import 'server-only';
import { shopNow } from '../clock';
import type { JobId } from '@/core/record/ids';
import type { Entries, JobEvent, Reading } from '@/core/record/entries';
import { queryMany, type Queryable } from '../pool';

/** Rows of readings and of events, from JSON in the given parameter. */
const READING_FIELDS = `id uuid, "seatId" uuid, "castingId" uuid, "personId" uuid, "instrumentId" uuid,
  slot text, typed text, value double precision, "metalC" double precision, "gaugeC" double precision, "takenAt" timestamptz`;
const EVENT_FIELDS = `id uuid, "seatId" uuid, "castingId" uuid, "personId" uuid, kind text, version integer, body jsonb, at timestamptz`;
export const readingRows = (parameter: string) =>
  `jsonb_to_recordset(${parameter}::jsonb) AS new (${READING_FIELDS})`;
export const eventRows = (parameter: string) =>
  `jsonb_to_recordset(${parameter}::jsonb) AS new (${EVENT_FIELDS})`;

/** `from`: where the job's id comes from, named `job_id` there; `storedAt`: a parameter. */
export const insertReadingsSql = (from: string, rows: string, storedAt: string) => `
  INSERT INTO reading (id, job_id, seat_id, casting_id, person_id, instrument_id, slot, typed, value, metal_c, gauge_c, taken_at, stored_at)
  SELECT id, job_id, "seatId", "castingId", "personId", "instrumentId", slot, typed, value, "metalC", "gaugeC", "takenAt", ${storedAt}::timestamptz
  FROM ${from}, ${readingRows(rows)}`;
export const insertEventsSql = (from: string, rows: string, storedAt: string) => `
  INSERT INTO job_event (id, job_id, seat_id, casting_id, person_id, kind, body_version, body, at, stored_at)
  SELECT id, job_id, "seatId", "castingId", "personId", kind, coalesce(version, 1), body, at, ${storedAt}::timestamptz FROM ${from}, ${eventRows(rows)}`;

/** Which of these are stored already: `same` just as they are, `other` under the same id as something else. */
export async function findStored(
  client: Queryable,
  jobId: JobId,
  { readings, events }: Entries,
): Promise<{ same: Set<string>; other: Set<string> }> {
  const rows = await queryMany<{ id: string; isSame: boolean }>(
    client,
    `
    SELECT reading.id, reading.job_id = $1 AND reading.typed = new.typed AND reading.slot = new.slot
      AND reading.value = new.value AND reading.taken_at = new."takenAt" AS "isSame"
    FROM reading JOIN ${readingRows('$2')} USING (id)
    UNION ALL
    SELECT job_event.id, job_event.job_id = $1 AND job_event.kind = new.kind AND job_event.at = new.at
      -- One that was stored before its kind changed its shape comes again in the new one.
      AND (job_event.body = new.body OR job_event.body_version < coalesce(new.version, 1))
    FROM job_event JOIN ${eventRows('$3')} USING (id)`,
    [jobId, JSON.stringify(readings), JSON.stringify(events)],
  );
  const idsOf = (isSame: boolean) => new Set(rows.filter((row) => row.isSame === isSame).map(({ id }) => id));
  return { same: idsOf(true), other: idsOf(false) };
}

const withoutIds = <T extends Reading | JobEvent>(list: readonly T[], ids: ReadonlySet<string>) =>
  list.filter(({ id }) => !ids.has(id));

export const without = ({ readings, events }: Entries, ids: ReadonlySet<string>): Entries => ({
  readings: withoutIds(readings, ids),
  events: withoutIds(events, ids),
});

export const idsOf = ({ readings, events }: Entries): string[] =>
  [...readings, ...events].map(({ id }) => id);

/** Entries of a file, put in as they are; the state is then made anew. @returns ids that already stand for something else */
export async function insertEntries(client: Queryable, jobId: JobId, entries: Entries): Promise<string[]> {
  const { same, other } = await findStored(client, jobId, entries);
  const { readings, events } = without(entries, new Set([...same, ...other]));
  const storedAt = new Date(await shopNow()).toISOString();
  const from = '(SELECT $1::uuid AS job_id) AS job';
  await client.query(insertReadingsSql(from, '$2', '$3'), [jobId, JSON.stringify(readings), storedAt]);
  await client.query(insertEventsSql(from, '$2', '$3'), [jobId, JSON.stringify(events), storedAt]);
  return [...other];
}
