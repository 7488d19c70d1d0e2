import 'server-only';
import { renewDrops, tellOfDrops } from '../after/renewDrops';
import { shopNow } from '../clock';
import type { JobId } from '@/core/record/ids';
import { checkPlace, type Places } from '@/core/job/checkPlace';
import { JobViewer } from '@/core/job/seatView';
import { advanceAll, asList, rebuild } from '@/core/project/advance';
import type { Entries, JobEvent, Reading } from '@/core/record/entries';
import type { RefusedEntry } from '@/core/record/readEntries';
import { Refusal } from '../http';
import { entriesMessage, LIVE_CHANNEL } from '../live/notify';
import { log, findAwayCause, findBadInput, pool } from '../pool';
import { columnsOf, type Columns } from '../projection/columns';
import { readStanding, seatRows, seatRowsSql, type StandingJob } from '../projection/standing';
import { findStored, idsOf, insertEventsSql, insertReadingsSql, without } from './entryRows';
import { loadEntries, loadPeople } from './loadJob';

export type SaveAnswer = {
  /** Stored now or before: the browser may let go of its copy. */
  acknowledged: string[];
  /** Never to be stored as they are, each with its reason. */
  refused: RefusedEntry[];
  /** Version of the job that has all that was acknowledged. */
  version: number;
};

/** A job that was written lately: its next entry needs no reading. */
type Known = StandingJob & { viewer: JobViewer; columns: Columns; places: Places };

const MOST_KNOWN = 200;
const known = new Map<string, Known>();

function remember(jobId: JobId, job: Known) {
  known.delete(jobId);
  known.set(jobId, job);
  const oldest = known.size > MOST_KNOWN ? known.keys().next().value : undefined;
  if (oldest !== undefined) known.delete(oldest);
}

async function readKnown(jobId: JobId): Promise<Known> {
  const standing = await readStanding(jobId);
  if (!standing) throw new Refusal(404, 'not_found', 'There is no such job.');
  const viewer = new JobViewer();
  const { job } = standing;
  const read = {
    ...standing,
    viewer,
    places: {
      castings: job.castings,
      shafts: job.shafts,
      floats: job.plan.floats,
      people: new Set((await loadPeople(pool(), jobId)).map(({ id }) => id)),
      instruments: new Set(job.instruments.map(({ id }) => id)),
    },
    columns: columnsOf(job, viewer, await shopNow()),
  };
  remember(jobId, read);
  return read;
}

/** Nothing has happened after it was stored, whatever the clock of its tablet said. */
function asStoredAt({ readings, events }: Entries, storedAt: string): Entries {
  const notAfter = (at: string) =>
    Date.parse(at) > Date.parse(storedAt) ? storedAt : new Date(at).toISOString();
  return {
    readings: readings.map((reading): Reading => ({ ...reading, takenAt: notAfter(reading.takenAt) })),
    events: events.map((event): JobEvent => ({ ...event, at: notAfter(event.at) })),
  };
}

/** The job after these entries: advanced, or made anew from its whole record where they bear on what came before. */
async function after({ job }: Known, stored: Entries) {
  const state = advanceAll(job.state, job.castings, asList(stored));
  if (state) return { ...job, state };
  const before = (await loadEntries(pool(), [job.id]))(job.id);
  return {
    ...job,
    state: rebuild(job.castings, {
      readings: [...before.readings, ...stored.readings],
      events: [...before.events, ...stored.events],
    }),
  };
}

/** Record, state and message in one statement, whole or not at all: it does nothing when the job is at another version by now. */
const STORE = `
  WITH changed AS (
    UPDATE job_state SET version = version + 1, is_put_away = $8, bench_until = $9, heat_until = $10, wrong_numbers = $11,
      machine = $12, frame_number = $13, engine_number = $14, state = coalesce($15::jsonb, state),
      bench = coalesce($16::jsonb, bench), heat = coalesce($17::jsonb, heat), ordered = coalesce($18::jsonb, ordered),
      stacks = coalesce($19::jsonb, stacks), heat_tasks = coalesce($20::jsonb, heat_tasks)
    WHERE job_id = $1 AND version = $2
    RETURNING job_id
  ), readings AS (${insertReadingsSql('changed', '$3', '$5')}
  ), events AS (${insertEventsSql('changed', '$4', '$5')}
  ), seats AS (
    INSERT INTO seat_result (seat_id, job_id, state, measured)
    SELECT "seatId", job_id, state, nullif(measured, 'null')
    FROM changed, ${seatRowsSql('$6')}
    ON CONFLICT (seat_id) DO UPDATE SET state = excluded.state, measured = excluded.measured
  )
  SELECT pg_notify('${LIVE_CHANNEL}', $7) FROM changed`;

async function store(jobId: JobId, before: Known, entries: Entries): Promise<boolean> {
  const storedAt = new Date(await shopNow()).toISOString();
  const stored = asStoredAt(entries, storedAt);
  const job = await after(before, stored);
  const columns = columnsOf(job, before.viewer, await shopNow(), before.columns);
  const version = before.version + 1;
  const { job: now } = columns;
  const was = before.columns.job;
  const ifChanged = (name: 'state' | 'bench' | 'heat' | 'ordered' | 'stacks' | 'heatTasks') =>
    now[name] === was[name] ? null : now[name];
  const changedSeats = [...columns.seats.values()].filter(({ seatId, state, measured }) => {
    const seat = before.columns.seats.get(seatId);
    return seat?.state !== state || seat.measured !== measured;
  });
  const { rowCount } = await pool().query({
    name: 'store entries',
    text: STORE,
    values: [
      jobId,
      before.version,
      JSON.stringify(entries.readings),
      JSON.stringify(entries.events),
      storedAt,
      seatRows(changedSeats),
      entriesMessage(jobId, version, stored),
      now.isPutAway,
      now.benchUntil,
      now.heatUntil,
      now.wrongNumbers,
      now.machine,
      now.frameNumber,
      now.engineNumber,
      ifChanged('state'),
      ifChanged('bench'),
      ifChanged('heat'),
      ifChanged('ordered'),
      ifChanged('stacks'),
      ifChanged('heatTasks'),
    ],
  });
  if (!rowCount) return false;
  remember(jobId, { ...before, job, version, columns });
  return true;
}

/** What this job takes of the entries; what it does not take is looked at once more with all that is known now. */
function sort(entries: Entries, { places }: Known) {
  const refused = [...entries.readings, ...entries.events].flatMap((entry): RefusedEntry[] => {
    const issues = checkPlace(entry, places);
    return issues.length > 0 ? [{ id: entry.id, issues }] : [];
  });
  return { taken: without(entries, new Set(refused.map(({ id }) => id))), refused };
}

/** The entries are stored, whatever comes of this: it is made anew with the next ones. */
async function renewDropsOf(jobId: JobId, { job }: Known): Promise<void> {
  try {
    await renewDrops(pool(), job, (await loadEntries(pool(), [jobId]))(jobId));
  } catch (error) {
    log.error({ error, jobId }, 'the drops of a job could not be looked at');
  }
}

/** Another server may write the same job: then it is read anew, and tried again. */
const MOST_TRIES = 20;

async function saveNow(jobId: JobId, entries: Entries): Promise<SaveAnswer> {
  let job = known.get(jobId) ?? (await readKnown(jobId));
  const acknowledged: string[] = [];
  const taken: RefusedEntry[] = [];
  let left = entries;
  for (let tries = 0; tries < MOST_TRIES; tries += 1) {
    // What this job seems not to take may be of a seat or a person that came after it was read.
    if (sort(left, job).refused.length > 0) job = await readKnown(jobId);
    const sorted = sort(left, job);
    const refused = [...taken, ...sorted.refused];
    if (idsOf(sorted.taken).length === 0) return { acknowledged, refused, version: job.version };
    const isStored = await store(jobId, job, sorted.taken).catch((error: unknown) => {
      // An id that is stored already, here or in another job: which one is looked up.
      if (findBadInput(error)) return false;
      throw error;
    });
    if (isStored) {
      if (tellOfDrops(sorted.taken)) await renewDropsOf(jobId, job);
      return {
        acknowledged: [...acknowledged, ...idsOf(sorted.taken)],
        refused,
        version: job.version + 1,
      };
    }
    const { same, other } = await findStored(pool(), jobId, left);
    acknowledged.push(...same);
    taken.push(...[...other].map((id) => ({ id, issues: [{ code: 'id_taken', field: 'id', given: id }] })));
    left = without(left, new Set([...same, ...other]));
    job = await readKnown(jobId);
  }
  throw new Error(`job ${jobId} changes faster than it can be written`);
}

type Waiting = {
  entries: Entries;
  settle: (answer: SaveAnswer) => void;
  fail: (error: unknown) => void;
};
/** Entries that wait for the ones before them: all that wait are stored in one commit. */
const waiting = new Map<string, Waiting[]>();

const answerFor = ({ entries }: Waiting, { acknowledged, refused, version }: SaveAnswer): SaveAnswer => {
  const own = new Set(idsOf(entries));
  return {
    acknowledged: acknowledged.filter((id) => own.has(id)),
    refused: refused.filter(({ id }) => own.has(id)),
    version,
  };
};

/** One entry twice in a batch is one entry. */
const distinct = <T extends { id: string }>(list: readonly T[]): T[] => [
  ...new Map(list.map((each) => [each.id, each])).values(),
];

const MOST_AT_ONCE = 50;

/** Those that can be stored together: an id that came twice waits for the next commit, which finds the first stored. */
function takeTogether(queue: Waiting[]): Waiting[] {
  const ids = new Set<string>();
  const isNew = ({ entries }: Waiting) => {
    const own = idsOf(entries);
    const isFree = !own.some((id) => ids.has(id));
    own.forEach((id) => ids.add(id));
    return isFree;
  };
  const end = queue.findIndex((each, i) => i === MOST_AT_ONCE || !isNew(each));
  return queue.splice(0, end < 0 ? queue.length : end);
}

async function answerTogether(jobId: JobId, batch: readonly Waiting[]): Promise<void> {
  try {
    const answer = await saveNow(jobId, {
      readings: distinct(batch.flatMap(({ entries }) => entries.readings)),
      events: distinct(batch.flatMap(({ entries }) => entries.events)),
    });
    for (const each of batch) each.settle(answerFor(each, answer));
  } catch (error) {
    // What is wrong with one holds up no other.
    if (batch.length > 1 && !findAwayCause(error))
      for (const each of batch) await answerTogether(jobId, [each]);
    else for (const { fail } of batch) fail(error);
  }
}

async function work(jobId: JobId, queue: Waiting[]) {
  while (queue.length > 0) await answerTogether(jobId, takeTogether(queue));
  waiting.delete(jobId);
}

/**
 * Stores entries of a job: each once, however often it is sent, with the job's state in the same commit. An entry that can't be of
 * this job is refused alone, so that the others are not held up; an id that already stands for something else is refused as
 * `id_taken`.
 */
export function saveEntries(jobId: JobId, entries: Entries): Promise<SaveAnswer> {
  return new Promise((settle, fail) => {
    const queue = waiting.get(jobId);
    if (queue) queue.push({ entries, settle, fail });
    else {
      const started: Waiting[] = [{ entries, settle, fail }];
      waiting.set(jobId, started);
      void work(jobId, started);
    }
  });
}
