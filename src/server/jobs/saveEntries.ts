import 'server-only';
import type { Entries, JobEvent, Reading } from '@/core/record/entries';
import type { Issue } from '@/core/quantity/result';
import type { RefusedEntry } from '@/core/record/readEntries';
import { notify } from '../live/notify';
import { inTransaction, queryMany, queryMaybeOne, type Queryable } from '../pool';
import { Refusal } from '../http';

export type SaveAnswer = {
  /** Stored now or before: the browser may let go of its copy. */
  acknowledged: string[];
  /** Never to be stored as they are, each with its reason. */
  refused: RefusedEntry[];
};

type Places = { seats: string[]; castings: string[]; people: string[]; instruments: string[] };

const loadPlaces = (client: Queryable, jobId: string) =>
  queryMaybeOne<Places>(
    client,
    `
  SELECT
    ARRAY(SELECT seat.id FROM seat JOIN casting ON casting.id = casting_id WHERE job_id = job.id) AS seats,
    ARRAY(SELECT id FROM casting WHERE job_id = job.id) AS castings,
    ARRAY(SELECT id FROM person) AS people,
    ARRAY(SELECT id FROM instrument) AS instruments
  FROM job WHERE id = $1`,
    [jobId],
  );

function findMisplaced(entry: Reading | JobEvent, places: Places): Issue | null {
  const wrong = (field: string, given: string | null, known: string[]): Issue | null =>
    given !== null && !known.includes(given) ? { code: 'points_nowhere', field, given } : null;
  return (
    wrong('seatId', entry.seatId, places.seats) ??
    wrong('castingId', entry.castingId, places.castings) ??
    wrong('personId', entry.personId, places.people) ??
    ('instrumentId' in entry ? wrong('instrumentId', entry.instrumentId, places.instruments) : null)
  );
}

const READING_ROWS = `jsonb_to_recordset($2::jsonb) AS new (id uuid, "seatId" uuid, "castingId" uuid, "personId" uuid, "instrumentId" uuid,
  slot text, typed text, value double precision, "metalC" double precision, "takenAt" timestamptz)`;
const EVENT_ROWS = `jsonb_to_recordset($2::jsonb) AS new (
  id uuid, "seatId" uuid, "castingId" uuid, "personId" uuid, kind text, body jsonb, at timestamptz)`;

async function insertReadings(client: Queryable, jobId: string, readings: Reading[]): Promise<string[]> {
  if (readings.length === 0) return [];
  const values = [jobId, JSON.stringify(readings)];
  await client.query(
    `
    INSERT INTO reading (id, job_id, seat_id, casting_id, person_id, instrument_id, slot, typed, value, metal_c, taken_at)
    SELECT id, $1, "seatId", "castingId", "personId", "instrumentId", slot, typed, value, "metalC", "takenAt" FROM ${READING_ROWS}
    ON CONFLICT (id) DO NOTHING`,
    values,
  );
  const same = await queryMany<{ id: string }>(
    client,
    `
    SELECT reading.id FROM reading JOIN ${READING_ROWS} USING (id)
    WHERE reading.job_id = $1 AND reading.typed = new.typed AND reading.slot = new.slot AND reading.value = new.value
      AND reading.taken_at = new."takenAt"`,
    values,
  );
  return same.map(({ id }) => id);
}

async function insertEvents(client: Queryable, jobId: string, events: JobEvent[]): Promise<string[]> {
  if (events.length === 0) return [];
  const values = [jobId, JSON.stringify(events)];
  await client.query(
    `
    INSERT INTO job_event (id, job_id, seat_id, casting_id, person_id, kind, body, at)
    SELECT id, $1, "seatId", "castingId", "personId", kind, body, at FROM ${EVENT_ROWS}
    ON CONFLICT (id) DO NOTHING`,
    values,
  );
  const same = await queryMany<{ id: string }>(
    client,
    `
    SELECT job_event.id FROM job_event JOIN ${EVENT_ROWS} USING (id)
    WHERE job_event.job_id = $1 AND job_event.kind = new.kind AND job_event.body = new.body AND job_event.at = new.at`,
    values,
  );
  return same.map(({ id }) => id);
}

/**
 * Stores entries of a job: each once, however often it is sent. An entry that points nowhere is refused alone, so that the
 * others are not held up; an id that already stands for something else is refused as `id_taken`.
 */
export async function saveEntries(jobId: string, entries: Entries, within?: Queryable): Promise<SaveAnswer> {
  const work = async (client: Queryable): Promise<SaveAnswer> => {
    const places = await loadPlaces(client, jobId);
    if (!places) throw new Refusal(404, 'not_found', 'There is no such job.');
    const refused: SaveAnswer['refused'] = [];
    const isPlaced = (entry: Reading | JobEvent) => {
      const issue = findMisplaced(entry, places);
      if (issue) refused.push({ id: entry.id, issues: [issue] });
      return issue === null;
    };
    const readings = entries.readings.filter(isPlaced);
    const events = entries.events.filter(isPlaced);
    const acknowledged = [
      ...(await insertReadings(client, jobId, readings)),
      ...(await insertEvents(client, jobId, events)),
    ];
    const stored = new Set(acknowledged);
    for (const { id } of [...readings, ...events])
      if (!stored.has(id)) refused.push({ id, issues: [{ code: 'id_taken', field: 'id', given: id }] });
    if (acknowledged.length > 0) await notify(client, { kind: 'entries', jobId, ids: acknowledged });
    return { acknowledged, refused };
  };
  return inTransaction(work, within);
}
