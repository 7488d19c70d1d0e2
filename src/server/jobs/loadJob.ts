import 'server-only';
import { loadLearned } from '../after/learned';
import type { CastingId, JobId } from '@/core/record/ids';
import {
  jobHeadSchema,
  type Casting,
  type JobHead,
  type JobRecord,
  type Photograph,
  type Seat,
} from '@/core/record/job';
import type { Person } from '@/core/record/person';
import type { Shaft, ShaftSeat } from '@/core/record/shafts';
import { momentSchema } from '@/core/quantity/moment';
import {
  eventSchema,
  storedReadingSchema,
  type Entries,
  type JobEvent,
  type Reading,
} from '@/core/record/entries';
import { liftEvent } from '@/core/record/events/versions';
import { log, pool, queryMany, queryMaybeOne, type Queryable } from '../pool';
import { loadInstruments } from '../tools/instruments';
import { loadRules, SHOWN } from '../shop';
import { loadTools } from '../tools/toolWall';

/**
 * When an entry happened: not after it was stored, whatever the clock of its tablet said, or it would have the last word for longer than
 * it is true. A moment that can't be (see the table `mended`) gives way to the one at which the row was stored.
 */
function soundMoment(column: 'taken_at' | 'at') {
  return `CASE WHEN is_sound_moment(${column}) THEN least(${column}, stored_at) ELSE stored_at END`;
}

type CastingRow = Omit<Casting, 'seats'> & { jobId: JobId };
type SeatRow = Omit<Seat, 'face'> & { castingId: CastingId; face: Seat['face'] | null };
type ShaftRow = Omit<Shaft, 'seats'> & { jobId: JobId };
type ShaftSeatRow = ShaftSeat & { shaftId: string };

function groupBy<T>(rows: readonly T[], key: (row: T) => string): Map<string, T[]> {
  const groups = new Map<string, T[]>();
  for (const row of rows) {
    const group = groups.get(key(row));
    if (group) group.push(row);
    else groups.set(key(row), [row]);
  }
  return groups;
}

/** A head as its rows give it, read by its schema. @throws where something in it does not fit */
export const readHead = (row: JobHead): JobHead => jobHeadSchema.parse(row);

/** Shafts of those jobs with their seats, by job. */
async function loadShafts(
  client: Queryable,
  wanted: readonly string[] | null,
): Promise<Map<string, Shaft[]>> {
  const shafts = await queryMany<ShaftRow>(
    client,
    `
    SELECT id, job_id AS "jobId", name, material, length_mm AS "lengthMm", ends
    FROM shaft WHERE $1::uuid[] IS NULL OR job_id = ANY ($1) ORDER BY job_id, position`,
    [wanted],
  );
  const seats = await queryMany<ShaftSeatRow>(
    client,
    `
    SELECT seat.id, shaft_id AS "shaftId", seat.name, spec, version
    FROM seat JOIN shaft ON shaft.id = shaft_id
    WHERE $1::uuid[] IS NULL OR job_id = ANY ($1) ORDER BY shaft_id, seat.position`,
    [wanted],
  );
  const seatsOf = groupBy(seats, ({ shaftId }) => shaftId);
  const whole = shafts.map((shaft) => ({
    ...shaft,
    seats: (seatsOf.get(shaft.id) ?? []).map(({ shaftId: _shaft, ...seat }) => seat),
  }));
  return new Map(
    [...groupBy(whole, ({ jobId }) => jobId)].map(([jobId, list]) => [
      jobId,
      list.map(({ jobId: _job, ...shaft }) => shaft),
    ]),
  );
}

/**
 * Heads of the jobs asked for (all, without ids) as their rows give them, newest number last: each is still to be read. Those of a demo
 * that was put away only where they are wanted.
 */
export async function loadHeadRows(
  client: Queryable,
  jobIds?: readonly JobId[],
  { ofHiddenDemo = false } = {},
): Promise<JobHead[]> {
  const wanted = jobIds ?? null;
  const jobs = await queryMany<Omit<JobHead, 'castings' | 'shafts'>>(
    client,
    `
    SELECT id, number, kind, machine, machine_sort AS "machineSort", room_c AS "roomC", opened_at AS "openedAt", plan
    FROM job WHERE ($2 OR ${SHOWN}) AND ($1::uuid[] IS NULL OR id = ANY ($1)) ORDER BY number`,
    [wanted, ofHiddenDemo],
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
  const shaftsOf = await loadShafts(client, wanted);
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
    shafts: shaftsOf.get(job.id) ?? [],
  }));
}

/** One head, read; null where there is no such job. */
export async function loadHead(
  client: Queryable,
  jobId: JobId,
  which: { ofHiddenDemo?: boolean } = {},
): Promise<JobHead | null> {
  const [row] = await loadHeadRows(client, [jobId], which);
  return row ? readHead(row) : null;
}

const READING_COLUMNS = `id, seat_id AS "seatId", casting_id AS "castingId", person_id AS "personId", slot, typed, value,
  instrument_id AS "instrumentId", metal_c AS "metalC", gauge_c AS "gaugeC", ${soundMoment('taken_at')} AS "takenAt"`;
const EVENT_COLUMNS = `id, seat_id AS "seatId", casting_id AS "castingId", person_id AS "personId", kind, body_version AS version, body,
  ${soundMoment('at')} AS at`;
/** A retiming to a moment that can't be says nothing. */
const isSoundEvent = ({ kind, body }: JobEvent) =>
  kind !== 'event_retimed' || momentSchema.safeParse(body.at).success;

/** An entry as its row gives it; one of a shape that is not known is left to the log: it stays in the record. */
function readRows<T>(rows: readonly unknown[], schema: { safeParse: (row: unknown) => { data?: T } }): T[] {
  return rows.flatMap((row) => {
    const { data } = schema.safeParse(row);
    if (data === undefined) log.error({ row }, 'an entry can not be read');
    return data === undefined ? [] : [data];
  });
}

type OfJob<T> = T & { jobId: JobId };
const withoutJob = <T extends object>({ jobId: _job, ...entry }: OfJob<T>) => entry;
/** What was not said is left out, as in the file. */
const readingOf = ({
  jobId: _job,
  gaugeC,
  ...entry
}: OfJob<Omit<Reading, 'gaugeC'> & { gaugeC: number | null }>) =>
  gaugeC === null ? entry : { ...entry, gaugeC };

/** Entries by job, whole or only those with the given ids; of the same moment, in the order in which they came. */
export async function loadEntries(
  client: Queryable,
  jobIds: readonly JobId[],
  ids: readonly string[] | null = null,
): Promise<(jobId: JobId) => Entries> {
  const readings = await queryMany<OfJob<Omit<Reading, 'gaugeC'> & { gaugeC: number | null }>>(
    client,
    `
    SELECT ${READING_COLUMNS}, job_id AS "jobId" FROM reading
    WHERE job_id = ANY ($1) AND ($2::uuid[] IS NULL OR id = ANY ($2)) ORDER BY "takenAt", seq`,
    [jobIds, ids],
  );
  const events = await queryMany<OfJob<JobEvent>>(
    client,
    `
    SELECT ${EVENT_COLUMNS}, job_id AS "jobId" FROM job_event
    WHERE job_id = ANY ($1) AND ($2::uuid[] IS NULL OR id = ANY ($2)) ORDER BY at, seq`,
    [jobIds, ids],
  );
  const readingsOf = groupBy(readings, ({ jobId }) => jobId);
  const eventsOf = groupBy(events, ({ jobId }) => jobId);
  return (jobId) => ({
    readings: readRows((readingsOf.get(jobId) ?? []).map(readingOf), storedReadingSchema),
    events: readRows<JobEvent>(
      (eventsOf.get(jobId) ?? []).filter(isSoundEvent).map(withoutJob).map(liftEvent),
      eventSchema,
    ),
  });
}

/**
 * Who may stand at the bench; with `jobId`, also whoever is on that job's record and is here no more (`isOff`): what they did stays
 * theirs.
 */
export const loadPeople = (client: Queryable, jobId: JobId | null = null) =>
  queryMany<Person>(
    client,
    `
    SELECT id, initials, name, units, walk, instruments, NOT ${SHOWN} AS "isOff" FROM person
    WHERE ${SHOWN} OR id IN (
      SELECT person_id FROM reading WHERE job_id = $1 UNION SELECT person_id FROM job_event WHERE job_id = $1
      UNION SELECT person_id FROM photograph WHERE job_id = $1)
    ORDER BY initials`,
    [jobId],
  );

/** Photographs of a job without their pictures, oldest first. */
export const loadPhotographs = (client: Queryable, jobId: JobId) =>
  queryMany<Photograph>(
    client,
    `
  SELECT id, seat_id AS "seatId", about, person_id AS "personId", caption, width_px AS "widthPx",
    height_px AS "heightPx", octet_length(jpeg) AS bytes, ${soundMoment('taken_at')} AS "takenAt"
  FROM photograph WHERE job_id = $1 ORDER BY taken_at, id`,
    [jobId],
  );

/** Is the job one of the demo's? */
export const loadIsDemo = async (client: Queryable, jobId: JobId): Promise<boolean> =>
  (
    await queryMaybeOne<{ isDemo: boolean }>(client, 'SELECT is_demo AS "isDemo" FROM job WHERE id = $1', [
      jobId,
    ])
  )?.isDemo ?? false;

/** A job with its whole record; null where there is none. */
export async function loadJob(jobId: JobId, client: Queryable = pool()): Promise<JobRecord | null> {
  const head = await loadHead(client, jobId);
  if (!head) return null;
  const entriesOf = await loadEntries(client, [jobId]);
  const photographs = await loadPhotographs(client, jobId);
  const isDemo = await loadIsDemo(client, jobId);
  return {
    ...head,
    entries: entriesOf(jobId),
    people: await loadPeople(client, jobId),
    instruments: await loadInstruments(client, jobId),
    tools: await loadTools(client),
    rules: await loadRules(client),
    learned: await loadLearned(client, isDemo),
    isDemo,
    photographs,
  };
}
