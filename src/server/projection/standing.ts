import 'server-only';
import { loadLearned } from '../after/learned';
import { renewDrops } from '../after/renewDrops';
import { shopNow } from '../clock';
import type { JobId, SeatId } from '@/core/record/ids';
import { JobViewer } from '@/core/job/seatView';
import { rebuild } from '@/core/project/advance';
import type { JobState, SeatState } from '@/core/project/jobState';
import type { ProjectedJob } from '@/core/project/project';
import type { JobHead } from '@/core/record/job';
import { loadEntries, loadHead, loadIsDemo } from '../jobs/loadJob';
import { inTransaction, pool, queryMany, queryMaybeOne, type Queryable } from '../pool';
import { loadRules } from '../shop';
import { loadInstruments } from '../tools/instruments';
import { loadTools } from '../tools/toolWall';
import { columnsOf, MADE_WITH, type Columns } from './columns';

/** A job as it stands in the database, without people and photographs; `version` goes up with each change. */
export type StandingJob = { job: ProjectedJob; version: number };

/** A standing job's head and its state, apart. */
export const apart = ({
  state,
  people: _people,
  instruments: _instruments,
  photographs: _photographs,
  tools: _tools,
  rules: _rules,
  learned: _learned,
  isDemo: _demo,
  ...head
}: ProjectedJob): { head: JobHead; state: JobState } => ({ head, state });

const withShop = async (client: Queryable, head: JobHead, state: JobState): Promise<ProjectedJob> => {
  const isDemo = await loadIsDemo(client, head.id);
  return {
    ...head,
    state,
    instruments: await loadInstruments(client, head.id),
    tools: await loadTools(client),
    rules: await loadRules(client),
    learned: await loadLearned(client, isDemo),
    isDemo,
    people: [],
    photographs: [],
  };
};

type StateRow = { version: string; state: Omit<JobState, 'seats'>; madeWith: string };

const readState = (client: Queryable, jobId: JobId) =>
  queryMaybeOne<StateRow>(
    client,
    'SELECT version, state, made_with AS "madeWith" FROM job_state WHERE job_id = $1',
    [jobId],
  );

/** 0 where there is no such job. */
export const readVersion = async (jobId: JobId): Promise<number> =>
  Number(
    (
      await queryMaybeOne<{ version: string }>(pool(), 'SELECT version FROM job_state WHERE job_id = $1', [
        jobId,
      ])
    )?.version ?? 0,
  );

async function readSeats(client: Queryable, jobId: JobId): Promise<JobState['seats']> {
  const rows = await queryMany<{ seatId: SeatId; state: SeatState }>(
    client,
    'SELECT seat_id AS "seatId", state FROM seat_result WHERE job_id = $1',
    [jobId],
  );
  return Object.fromEntries(rows.map(({ seatId, state }) => [seatId, state]));
}

/**
 * A job as it stands. One whose state was made with other formulas, or never, is made anew from its record first.
 * @returns null where there is no such job, or it belongs to a demo that was put away
 */
export async function readStanding(jobId: JobId): Promise<StandingJob | null> {
  return inTransaction(async (client) => {
    // State and seats of one moment: an entry that is stored in between is in both or in neither.
    await client.query('SET TRANSACTION ISOLATION LEVEL REPEATABLE READ');
    const head = await loadHead(client, jobId);
    if (!head) return null;
    const row = await readState(client, jobId);
    if (row?.madeWith !== MADE_WITH) return 'stale' as const;
    const state = { ...row.state, seats: await readSeats(client, jobId) };
    return { job: await withShop(client, head, state), version: Number(row.version) };
  }).then((found) => (found === 'stale' ? standAnew(jobId) : found));
}

/** Rows of seats in SQL, from JSON (`seatRows`) in the given parameter. */
export const seatRowsSql = (parameter: string) =>
  `jsonb_to_recordset(${parameter}::jsonb) AS new ("seatId" uuid, state jsonb, measured jsonb)`;

/** Rows of seats as they are sent to the database. */
export const seatRows = (seats: Iterable<{ seatId: SeatId; state: string; measured: string | null }>) =>
  `[${[...seats]
    .map(
      ({ seatId, state, measured }) =>
        `{"seatId":"${seatId}","state":${state},"measured":${measured ?? 'null'}}`,
    )
    .join(',')}]`;

async function writeStanding(client: Queryable, jobId: JobId, { job, seats }: Columns): Promise<number> {
  const { rows } = await client.query<{ version: string }>(
    `
    INSERT INTO job_state (job_id, version, made_with, state, is_put_away, bench, bench_until, heat, heat_until, ordered,
      wrong_numbers, stacks, machine, frame_number, engine_number, heat_tasks)
    VALUES ($1, 1, $2, $3, $4, $5, $6, $7, $8, $9, $10, $11, $12, $13, $14, $15)
    ON CONFLICT (job_id) DO UPDATE SET version = job_state.version + 1, made_with = excluded.made_with, state = excluded.state,
      is_put_away = excluded.is_put_away, bench = excluded.bench, bench_until = excluded.bench_until, heat = excluded.heat,
      heat_until = excluded.heat_until, ordered = excluded.ordered, wrong_numbers = excluded.wrong_numbers,
      stacks = excluded.stacks, machine = excluded.machine, frame_number = excluded.frame_number,
      engine_number = excluded.engine_number, heat_tasks = excluded.heat_tasks
    RETURNING version`,
    [
      jobId,
      MADE_WITH,
      job.state,
      job.isPutAway,
      job.bench,
      job.benchUntil,
      job.heat,
      job.heatUntil,
      job.ordered,
      job.wrongNumbers,
      job.stacks,
      job.machine,
      job.frameNumber,
      job.engineNumber,
      job.heatTasks,
    ],
  );
  await client.query('DELETE FROM seat_result WHERE job_id = $1', [jobId]);
  await client.query(
    `INSERT INTO seat_result (seat_id, job_id, state, measured)
    SELECT "seatId", $1, state, nullif(measured, 'null') FROM ${seatRowsSql('$2')}`,
    [jobId, seatRows(seats.values())],
  );
  return Number(rows[0]!.version);
}

/**
 * Makes a job's state anew from its whole record, within the transaction that changed its head, or in one of its own.
 * @returns null where there is no such job
 */
export function standAnew(jobId: JobId, within?: Queryable): Promise<StandingJob | null> {
  return inTransaction(async (client) => {
    // Whoever stores an entry meanwhile waits, and finds another version.
    await client.query('SELECT FROM job_state WHERE job_id = $1 FOR UPDATE', [jobId]);
    const head = await loadHead(client, jobId, { ofHiddenDemo: true });
    if (!head) return null;
    const entries = (await loadEntries(client, [jobId]))(jobId);
    const job = await withShop(client, head, rebuild(head.castings, entries));
    const columns = columnsOf(job, new JobViewer(), await shopNow());
    await renewDrops(client, job, entries);
    return { job, version: await writeStanding(client, jobId, columns) };
  }, within);
}

/** Ids of jobs whose state is missing or was made with other formulas; the newest first. */
export async function findStale(): Promise<JobId[]> {
  const rows = await queryMany<{ id: JobId }>(
    pool(),
    `SELECT id FROM job LEFT JOIN job_state ON job_id = id
    WHERE made_with IS DISTINCT FROM $1 ORDER BY is_put_away NULLS FIRST, number DESC`,
    [MADE_WITH],
  );
  return rows.map(({ id }) => id);
}
