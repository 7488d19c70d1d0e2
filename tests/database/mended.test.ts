import { randomUUID } from 'node:crypto';
import { join } from 'node:path';
import { runner } from 'node-pg-migrate';
import pg from 'pg';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { idOf } from '../../database/demo/demo';
import { filesOfVersion2 } from '../support/oldFiles';
import { migrate } from '../../scripts/lib/database.mjs';
import { ROOT } from '../../scripts/lib/processes.mjs';
import { cloneDatabase } from '../support/database';

/**
 * A database filled by the version before there were bounds: a job with the highest number an integer holds, and entries of the
 * year 1. After the upgrade everything can be read, nothing that was entered has changed, and what was put right is said.
 */
let database: Awaited<ReturnType<typeof cloneDatabase>>;
let client: pg.Client;
const [file, other] = filesOfVersion2();
const jobId = file!.job.id;
const ids = { reading: randomUUID(), event: randomUUID(), retiming: randomUUID() };

const versionBefore = (databaseUrl: string) =>
  runner({
    databaseUrl,
    dir: join(ROOT, 'database/migrations'),
    migrationsTable: 'migration',
    direction: 'up',
    count: 2,
    logger: { debug() {}, info() {}, warn() {}, error() {} },
  });

async function insertJobs() {
  for (const [i, { job }] of [file!, other!].entries()) {
    await client.query(
      'INSERT INTO job (id, number, kind, machine, machine_sort, room_c, opened_at, plan) VALUES ($1, $2, $3, $4, $5, 20, $6, $7)',
      [
        job.id,
        i === 0 ? 2_147_483_647 : job.number,
        job.kind,
        job.machine,
        job.machineSort,
        i === 0 ? '0001-01-01T00:00:00Z' : job.openedAt,
        JSON.stringify(job.plan),
      ],
    );
    const [casting] = job.castings;
    await client.query('INSERT INTO casting VALUES ($1, $2, 0, $3, $4, $5, $6, $7)', [
      casting!.id,
      job.id,
      casting!.name,
      casting!.material,
      casting!.massKg,
      casting!.areaM2,
      JSON.stringify(casting!.map),
    ]);
    for (const [position, seat] of casting!.seats.entries())
      await client.query(
        'INSERT INTO seat (id, casting_id, position, name, x_mm, y_mm, spec) VALUES ($1, $2, $3, $4, $5, $6, $7)',
        [seat.id, casting!.id, position, seat.name, seat.xMm, seat.yMm, JSON.stringify(seat.spec)],
      );
  }
}

async function insertOddEntries() {
  const person = idOf('person iq');
  const seatId = file!.job.castings[0]!.seats[0]!.id;
  await client.query("INSERT INTO person (id, initials, name, units) VALUES ($1, 'IQ', 'Isa', 'metric')", [
    person,
  ]);
  await client.query(
    "INSERT INTO instrument (id, name, kind, resolution, u, is_simulated) VALUES ($1, 'By hand', 'by_hand', 0.01, 0.01, false)",
    [idOf('by hand')],
  );
  await client.query(
    "INSERT INTO reading (id, job_id, seat_id, person_id, instrument_id, slot, typed, value, metal_c, taken_at) VALUES ($1, $2, $3, $4, $5, 'bore.1.0', '71.95', 71.95, 20, '0001-01-01T00:00:00Z')",
    [ids.reading, jobId, seatId, person, idOf('by hand')],
  );
  const event = (id: string, kind: string, body: unknown, at: string) =>
    client.query(
      'INSERT INTO job_event (id, job_id, seat_id, person_id, kind, body, at) VALUES ($1, $2, $3, $4, $5, $6, $7)',
      [id, jobId, seatId, person, kind, JSON.stringify(body), at],
    );
  await event(ids.event, 'usual_fit_accepted', {}, '0001-01-01T00:00:00Z');
  await event(
    ids.retiming,
    'event_retimed',
    { eventId: ids.event, at: '0001-01-01T00:00:00Z' },
    '2026-11-01T10:00:00Z',
  );
}

beforeAll(async () => {
  database = await cloneDatabase({ isEmpty: true });
  await versionBefore(database.url);
  client = new pg.Client({ connectionString: database.url });
  await client.connect();
  await insertJobs();
  await insertOddEntries();
  await migrate(database.url);
  process.env.DATABASE_URL = database.url;
});
afterAll(async () => {
  await client.end();
  await (await import('@/server/pool')).pool().end();
  await database.drop();
});

describe('what came in before there were bounds', () => {
  it('an entry of the year 1 shows the moment at which it was stored; its row stays as it was made', async () => {
    const { loadJob } = await import('@/server/jobs/loadJob');
    const { entries } = (await loadJob(jobId))!;
    const years = [
      ...entries.readings.map(({ takenAt }) => takenAt),
      ...entries.events.map(({ at }) => at),
    ].map((at) => new Date(at).getUTCFullYear());
    expect(years).toHaveLength(2);
    for (const year of years) expect(year).toBeGreaterThanOrEqual(2026);
    const { rows } = await client.query(
      "SELECT (SELECT extract(year FROM taken_at AT TIME ZONE 'UTC')::int FROM reading) AS reading, (SELECT count(*)::int FROM job_event) AS events",
    );
    expect(rows).toEqual([{ reading: 1, events: 2 }]);
  });

  it('the bench, orders and stacks can be read, and name no job as unreadable', async () => {
    const { loadBench } = await import('@/server/jobs/loadBench');
    const { jobs, unreadable } = await loadBench(Date.now());
    expect([jobs.length, unreadable]).toEqual([2, []]);
    const { loadOrders } = await import('@/server/jobs/loadOrders');
    expect((await loadOrders()).lines).toBeInstanceOf(Array);
  });

  it('a job numbered beyond counting has the next free number, and the next job can be opened', async () => {
    const { rows } = await client.query(
      'SELECT number, extract(year FROM opened_at)::int AS year FROM job WHERE id = $1',
      [jobId],
    );
    expect(rows).toEqual([{ number: other!.job.number + 1, year: new Date().getUTCFullYear() }]);
    const { startNewJob } = await import('@/server/jobs/startNewJob');
    expect((await startNewJob({ kind: 'wheel_hub', machine: '' })).number).toBe(other!.job.number + 2);
  });

  it('says what was put right', async () => {
    const { rows } = await client.query(
      'SELECT table_name, field, was FROM mended ORDER BY table_name, field',
    );
    expect(rows.map(({ table_name, field }) => `${table_name}.${field}`)).toEqual([
      'job.number',
      'job.opened_at',
      'job_event.at',
      'reading.taken_at',
    ]);
    expect(rows[0].was).toBe('2147483647');
  });

  it('lets nothing like it in any more, whoever asks the database', async () => {
    await expect(client.query('UPDATE job SET number = 1000000 WHERE id = $1', [jobId])).rejects.toThrow(
      /job_number_counted/,
    );
    await expect(
      client.query(
        `INSERT INTO job_event (id, job_id, person_id, kind, body, at) VALUES ($1, $2, $3, 'home', '{}', '0001-01-01')`,
        [randomUUID(), jobId, idOf('person iq')],
      ),
    ).rejects.toThrow(/event_at_sound/);
  });

  it('after number 999 999 counting goes on at the first number left out', async () => {
    await client.query('UPDATE job SET number = 999999 WHERE id = $1', [jobId]);
    const { startNewJob } = await import('@/server/jobs/startNewJob');
    expect((await startNewJob({ kind: 'wheel_hub', machine: '' })).number).toBe(1);
  });
});
