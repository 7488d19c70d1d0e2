import 'server-only';
import type { Casting, Instrument, JobHead, JobRecord, Person, Photograph, Seat } from '@/core/record/job';
import { momentSchema } from '@/core/quantity/moment';
import type { JobEvent, Reading } from '@/core/record/entries';
import { pool, queryMany, type Queryable } from '../pool';
import { loadTools } from '../tools/toolWall';

/** The demo stands beside the shop's own things until it is put away; then nothing of it is shown. */
export const SHOWN = '(NOT is_demo OR (SELECT shows_demo FROM shop))';

/** A moment that can't be (see the table `mended`) gives way to the one at which the row was stored. */
function soundMoment(column: 'taken_at' | 'at') {
  return `CASE WHEN is_sound_moment(${column}) THEN ${column} ELSE stored_at END`;
}

type CastingRow = Omit<Casting, 'seats'> & { jobId: string };
type SeatRow = Omit<Seat, 'face'> & { castingId: string; face: Seat['face'] | null };

function groupBy<T>(rows: readonly T[], key: (row: T) => string): Map<string, T[]> {
  const groups = new Map<string, T[]>();
  for (const row of rows) groups.set(key(row), [...(groups.get(key(row)) ?? []), row]);
  return groups;
}

/** Heads of the jobs asked for (all, without ids), newest number last. */
export async function loadJobHeads(client: Queryable, jobIds?: readonly string[]): Promise<JobHead[]> {
  const wanted = jobIds ?? null;
  const jobs = await queryMany<Omit<JobHead, 'castings'>>(
    client,
    `
    SELECT id, number, kind, machine, machine_sort AS "machineSort", room_c AS "roomC", opened_at AS "openedAt", plan
    FROM job WHERE ${SHOWN} AND ($1::uuid[] IS NULL OR id = ANY ($1)) ORDER BY number`,
    [wanted],
  );
  const castings = await queryMany<CastingRow>(
    client,
    `
    SELECT id, job_id AS "jobId", name, material, mass_kg AS "massKg", area_m2 AS "areaM2", map
    FROM casting WHERE $1::uuid[] IS NULL OR job_id = ANY ($1) ORDER BY job_id, position`,
    [wanted],
  );
  const seats = await queryMany<SeatRow>(
    client,
    `
    SELECT seat.id, casting_id AS "castingId", seat.name, x_mm AS "xMm", y_mm AS "yMm", spec, version, face
    FROM seat JOIN casting ON casting.id = casting_id
    WHERE $1::uuid[] IS NULL OR job_id = ANY ($1) ORDER BY casting_id, seat.position`,
    [wanted],
  );
  const seatsOf = groupBy(seats, ({ castingId }) => castingId);
  const castingsOf = groupBy(castings, ({ jobId }) => jobId);
  return jobs.map((job) => ({
    ...job,
    castings: (castingsOf.get(job.id) ?? []).map(({ jobId: _job, ...casting }) => ({
      ...casting,
      seats: (seatsOf.get(casting.id) ?? []).map(({ castingId: _casting, face, ...seat }) => ({
        ...seat,
        ...(face && { face }),
      })),
    })),
  }));
}

const READING_COLUMNS = `id, seat_id AS "seatId", casting_id AS "castingId", person_id AS "personId", slot, typed, value,
  instrument_id AS "instrumentId", metal_c AS "metalC", ${soundMoment('taken_at')} AS "takenAt"`;
const EVENT_COLUMNS = `id, seat_id AS "seatId", casting_id AS "castingId", person_id AS "personId", kind, body, ${soundMoment('at')} AS at`;
/** A retiming to a moment that can't be says nothing. */
const isSoundEvent = ({ kind, body }: JobEvent) =>
  kind !== 'event_retimed' || momentSchema.safeParse(body.at).success;

/** Entries by job, whole or only those with the given ids. */
export async function loadEntries(
  client: Queryable,
  jobIds: readonly string[],
  ids: readonly string[] | null = null,
) {
  const readings = await queryMany<Reading & { jobId: string }>(
    client,
    `
    SELECT ${READING_COLUMNS}, job_id AS "jobId" FROM reading
    WHERE job_id = ANY ($1) AND ($2::uuid[] IS NULL OR id = ANY ($2)) ORDER BY "takenAt", id`,
    [jobIds, ids],
  );
  const events = await queryMany<JobEvent & { jobId: string }>(
    client,
    `
    SELECT ${EVENT_COLUMNS}, job_id AS "jobId" FROM job_event
    WHERE job_id = ANY ($1) AND ($2::uuid[] IS NULL OR id = ANY ($2)) ORDER BY at, id`,
    [jobIds, ids],
  );
  return (jobId: string) => ({
    readings: readings
      .filter((reading) => reading.jobId === jobId)
      .map(({ jobId: _job, ...reading }) => reading),
    events: events
      .filter((event) => event.jobId === jobId)
      .map(({ jobId: _job, ...event }) => event as JobEvent)
      .filter(isSoundEvent),
  });
}

export const loadPeople = (client: Queryable) =>
  queryMany<Person>(
    client,
    `SELECT id, initials, name, units, walk FROM person WHERE ${SHOWN} ORDER BY initials`,
  );

/** Photographs without their pictures, oldest first. */
export const loadPhotographs = (client: Queryable, jobIds: readonly string[]) =>
  queryMany<Photograph & { jobId: string }>(
    client,
    `
  SELECT id, job_id AS "jobId", seat_id AS "seatId", person_id AS "personId", caption, width_px AS "widthPx",
    height_px AS "heightPx", octet_length(jpeg) AS bytes, ${soundMoment('taken_at')} AS "takenAt"
  FROM photograph WHERE job_id = ANY ($1) ORDER BY taken_at, id`,
    [jobIds],
  );

export const loadInstruments = (client: Queryable) =>
  queryMany<Instrument>(
    client,
    `SELECT id, name, kind, resolution, u, is_simulated AS "isSimulated", calibration_due AS "calibrationDue"
    FROM instrument WHERE ${SHOWN} ORDER BY name`,
  );

/** All jobs with their entries, or those asked for. */
export async function loadJobs(jobIds?: readonly string[], client: Queryable = pool()): Promise<JobRecord[]> {
  const heads = await loadJobHeads(client, jobIds);
  const entriesOf = await loadEntries(
    client,
    heads.map(({ id }) => id),
  );
  const people = await loadPeople(client);
  const instruments = await loadInstruments(client);
  const tools = await loadTools(client);
  const photographs = await loadPhotographs(
    client,
    heads.map(({ id }) => id),
  );
  return heads.map((head) => ({
    ...head,
    entries: entriesOf(head.id),
    people,
    instruments,
    tools,
    photographs: photographs
      .filter(({ jobId }) => jobId === head.id)
      .map(({ jobId: _job, ...photograph }) => photograph),
  }));
}

export const loadJob = async (jobId: string): Promise<JobRecord | null> =>
  (await loadJobs([jobId]))[0] ?? null;
