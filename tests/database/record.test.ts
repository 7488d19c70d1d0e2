import { randomId } from '../support/ids';
import { NOW } from '../support/records';
import pg from 'pg';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { buildDemo } from '../../database/demo/demo';
import { migrate, migrationNames } from '../../scripts/lib/database.mjs';
import { writeJobFile } from '@/core/record/jobFile';
import { cloneDatabase } from '../support/database';
import { reading } from '../support/doors';

let database: Awaited<ReturnType<typeof cloneDatabase>>;
let client: pg.Client;
// The pool reads its address when it is first used, so the modules are loaded after the clone is there.
let server: {
  importJob: typeof import('@/server/jobs/importJob').importJob;
  saveEntries: typeof import('@/server/jobs/saveEntries').saveEntries;
  saveSeat: typeof import('@/server/jobs/saveSeat').saveSeat;
  loadJob: typeof import('@/server/jobs/loadJob').loadJob;
  loadPictures: typeof import('@/server/jobs/photographs').loadPictures;
  pool: typeof import('@/server/pool').pool;
};

beforeAll(async () => {
  database = await cloneDatabase();
  process.env.DATABASE_URL = database.url;
  server = {
    ...(await import('@/server/jobs/importJob')),
    ...(await import('@/server/jobs/saveEntries')),
    ...(await import('@/server/jobs/saveSeat')),
    ...(await import('@/server/jobs/loadJob')),
    ...(await import('@/server/jobs/photographs')),
    ...(await import('@/server/pool')),
  };
  for (const file of buildDemo(NOW)) await server.importJob(file);
  client = new pg.Client({ connectionString: database.url });
  await client.connect();
});

afterAll(async () => {
  await client.end();
  await server.pool().end();
  await database.drop();
});

const [ostrel] = buildDemo(NOW) as [ReturnType<typeof buildDemo>[number]];
const jobId = ostrel.job.id;
const seat = ostrel.job.castings[0]!.seats[0]!;

describe('readings and events', () => {
  it('are stored once however often they are sent', async () => {
    const entry = reading();
    const answers = [
      await server.saveEntries(jobId, { readings: [entry], events: [] }),
      await server.saveEntries(jobId, { readings: [entry], events: [] }),
    ];
    expect(answers.map(({ acknowledged }) => acknowledged)).toEqual([[entry.id], [entry.id]]);
    const { rows } = await client.query('SELECT count(*)::int AS n FROM reading WHERE id = $1', [entry.id]);
    expect(rows[0].n).toBe(1);
  });

  it('sent from many tabs at once are stored once', async () => {
    const entries = Array.from({ length: 20 }, () => reading());
    const answers = await Promise.all(
      Array.from({ length: 6 }, () => server.saveEntries(jobId, { readings: entries, events: [] })),
    );
    expect(answers.every(({ acknowledged }) => acknowledged.length === 20)).toBe(true);
    const { rows } = await client.query('SELECT count(*)::int AS n FROM reading WHERE id = ANY ($1)', [
      entries.map(({ id }) => id),
    ]);
    expect(rows[0].n).toBe(20);
  });

  it('that point nowhere are refused alone; the others are stored', async () => {
    const [good, bad] = [reading(), reading({ seatId: randomId() })];
    const answer = await server.saveEntries(jobId, { readings: [good, bad], events: [] });
    expect(answer.acknowledged).toEqual([good.id]);
    expect(answer.refused).toMatchObject([
      { id: bad.id, issues: [{ code: 'points_nowhere', field: 'seatId' }] },
    ]);
  });

  it('do not take over an id that stands for something else', async () => {
    const entry = reading();
    await server.saveEntries(jobId, { readings: [entry], events: [] });
    const answer = await server.saveEntries(jobId, {
      readings: [{ ...entry, value: 70, typed: '70' }],
      events: [],
    });
    expect(answer).toMatchObject({
      acknowledged: [],
      refused: [{ id: entry.id, issues: [{ code: 'id_taken' }] }],
    });
    const { rows } = await client.query('SELECT value FROM reading WHERE id = $1', [entry.id]);
    expect(rows[0].value).toBe(71.95);
  });

  it.each([
    'UPDATE reading SET value = 1',
    'DELETE FROM reading',
    'TRUNCATE reading',
    "UPDATE job_event SET kind = 'home'",
    'DELETE FROM job_event',
  ])('are append-only: %s is refused', async (sql) => {
    await expect(client.query(sql)).rejects.toThrow(/append-only/);
  });

  it('tell who listens, in the transaction that writes', async () => {
    const heard: string[] = [];
    client.on('notification', ({ payload }) => heard.push(payload ?? ''));
    await client.query('LISTEN urn_key_live');
    const entry = reading();
    await server.saveEntries(jobId, { readings: [entry], events: [] });
    await client.query('SELECT 1');
    await client.query('UNLISTEN urn_key_live');
    expect(heard.map((text) => JSON.parse(text))).toEqual([
      { kind: 'entries', jobId, version: expect.any(Number), entries: { readings: [entry], events: [] } },
    ]);
  });
});

describe('sizes of a seat', () => {
  it('an edit of an older version is refused with what stands there now', async () => {
    const stored = (await server.loadJob(jobId))!.castings[0]!.seats[0]!;
    const deeper = { ...stored.spec, housing: { ...stored.spec.housing, depthToShoulderMm: 24.1 } };
    expect(await server.saveSeat(seat.id, { version: stored.version, spec: deeper })).toMatchObject({
      version: stored.version + 1,
    });
    await expect(
      server.saveSeat(seat.id, { version: stored.version, spec: stored.spec }),
    ).rejects.toMatchObject({ status: 409, code: 'stale_edit', details: { current: { spec: deeper } } });
  });

  it('of two edits at once exactly one is taken', async () => {
    const stored = (await server.loadJob(jobId))!.castings[0]!.seats[0]!;
    const edits = await Promise.allSettled(
      [1, 2, 3, 4].map((n) =>
        server.saveSeat(seat.id, {
          version: stored.version,
          spec: { ...stored.spec, housing: { ...stored.spec.housing, webThicknessMm: 6 + n } },
        }),
      ),
    );
    expect(edits.filter(({ status }) => status === 'fulfilled')).toHaveLength(1);
  });
});

describe('job files', () => {
  it('give the same job back in another database', async () => {
    const before = writeJobFile((await server.loadJob(jobId))!, await server.loadPictures(jobId));
    const other = await cloneDatabase();
    try {
      await server.pool().end();
      (globalThis as { urnKeyPool?: unknown }).urnKeyPool = undefined;
      process.env.DATABASE_URL = other.url;
      await server.importJob(before);
      expect(writeJobFile((await server.loadJob(jobId))!, await server.loadPictures(jobId))).toEqual(before);
    } finally {
      await server.pool().end();
      (globalThis as { urnKeyPool?: unknown }).urnKeyPool = undefined;
      process.env.DATABASE_URL = database.url;
      await other.drop();
    }
  });

  it('taken in twice add nothing', async () => {
    const count = async () =>
      (await client.query('SELECT (SELECT count(*) FROM reading) + (SELECT count(*) FROM job_event) AS n'))
        .rows[0].n;
    const file = writeJobFile((await server.loadJob(jobId))!, await server.loadPictures(jobId));
    const before = await count();
    expect(await server.importJob(file)).toMatchObject({ isNew: false });
    expect(await count()).toBe(before);
  });

  it('that clash leave nothing half-written', async () => {
    const id = randomId();
    const file = { ...ostrel, job: { ...ostrel.job, id, number: 9001 } };
    // Its castings' ids are taken by the first job: the whole file is refused.
    await expect(server.importJob(file)).rejects.toThrow();
    const { rows } = await client.query('SELECT count(*)::int AS n FROM job WHERE id = $1', [id]);
    expect(rows[0].n).toBe(0);
  });
});

describe('migrations', () => {
  it('run from an empty database, and again without doing anything', async () => {
    const empty = await cloneDatabase({ isEmpty: true });
    const first = await migrate(empty.url);
    expect(first.applied).toEqual(migrationNames());
    expect(await migrate(empty.url)).toEqual({ applied: [], newest: first.newest });
    await empty.drop();
  });

  it('do not touch the data of a newer version, and say which it is', async () => {
    const newer = await cloneDatabase();
    const own = new pg.Client({ connectionString: newer.url });
    await own.connect();
    await own.query("INSERT INTO migration (name, run_on) VALUES ('000099_of-next-year', now())");
    await expect(migrate(newer.url)).rejects.toThrow(/newer Urn Key \(000099_of-next-year\)/);
    await own.end();
    await newer.drop();
  });
});
