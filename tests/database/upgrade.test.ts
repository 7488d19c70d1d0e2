import type { SeatId } from '@/core/record/ids';
import { join } from 'node:path';
import { runner } from 'node-pg-migrate';
import pg from 'pg';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { migrate, migrationNames } from '../../scripts/lib/database.mjs';
import { ROOT } from '../../scripts/lib/processes.mjs';
import { parseJobFile, type JobFile } from '@/core/record/jobFile';
import { filesOfVersion2, type OldFile } from '../support/oldFiles';
import { cloneDatabase } from '../support/database';
import { NOW } from '../support/records';

/**
 * A database filled by the release before there were shafts: after the upgrade every entry, id and photograph is there, and every job
 * stands as its record makes it. The same jobs come as files of that release: both ways give the same job.
 */
let database: Awaited<ReturnType<typeof cloneDatabase>>;
let client: pg.Client;
let files: JobFile[];

/** The files of that release, as they are read today. */
const lifted = (file: OldFile): JobFile => {
  const parsed = parseJobFile(JSON.stringify(file));
  if (!parsed.ok) throw new Error(`${file.job.machine}: ${JSON.stringify(parsed.issues)}`);
  return parsed.value;
};

const releaseBefore = (databaseUrl: string) =>
  runner({
    databaseUrl,
    dir: join(ROOT, 'database/migrations'),
    migrationsTable: 'migration',
    direction: 'up',
    count: 4,
    logger: { debug() {}, info() {}, warn() {}, error() {} },
  });

/** Rows of one table from JSON: its columns are those of that release. */
const insert = (table: string, rows: object[]) =>
  client.query(
    `INSERT INTO ${table} (${Object.keys(rows[0]!).join(', ')})
    SELECT ${Object.keys(rows[0]!).join(', ')} FROM jsonb_populate_recordset(null::${table}, $1)
    ON CONFLICT DO NOTHING`,
    [JSON.stringify(rows)],
  );

/** Shims hung on the tool wall then. */
const SHIMS = {
  id: '7c9f2f5e-64a5-4f0b-8f5e-3a1f0f6d2b11',
  name: 'Shims 24 × 32 × 0.2',
  sort: 'shim_stock',
  insideMm: 24,
  outsideMm: 32,
  thicknessMm: 0.2,
  count: 4,
};

/** States of another shape stand beside the records: they are made anew. */
const OLD_STATES = `
  INSERT INTO job_state (job_id, version, made_with, state, is_put_away, bench, heat, ordered, wrong_numbers, stacks, machine,
    frame_number, engine_number)
  SELECT id, 7, 'formulas of before', '{}', false, '{}', '[]', '[]', '{}', '[]', '', '', '' FROM job`;

async function fill({ job, people, instruments, readings, events, photographs }: OldFile) {
  const { castings, machineSort, roomC, openedAt, ...head } = job;
  await insert('person', people);
  const shelf = instruments.map(({ isSimulated, calibrationDue, ...each }) => ({
    ...each,
    is_simulated: isSimulated,
    calibration_due: calibrationDue ?? null,
  }));
  if (shelf.length > 0) await insert('instrument', shelf);
  await insert('job', [
    { ...head, machine_sort: machineSort, room_c: roomC, opened_at: openedAt, is_demo: false },
  ]);
  for (const [position, { seats, massKg, areaM2, ...casting }] of castings.entries()) {
    await insert('casting', [{ ...casting, job_id: job.id, position, mass_kg: massKg, area_m2: areaM2 }]);
    const rows = seats.map(({ xMm, yMm, face, ...seat }, i) => ({
      ...seat,
      casting_id: casting.id,
      position: i,
      x_mm: xMm,
      y_mm: yMm,
      face: face ?? null,
    }));
    if (rows.length > 0) await insert('seat', rows);
  }
  const common = (entry: { id: string; seatId: string | null; personId: string }) => ({
    id: entry.id,
    job_id: job.id,
    seat_id: entry.seatId,
    person_id: entry.personId,
    stored_at: new Date().toISOString(),
  });
  if (readings.length > 0)
    await insert(
      'reading',
      readings.map((reading) => ({
        ...common(reading),
        casting_id: reading.castingId,
        instrument_id: reading.instrumentId,
        slot: reading.slot,
        typed: reading.typed,
        value: reading.value,
        metal_c: reading.metalC,
        taken_at: reading.takenAt,
      })),
    );
  if (events.length > 0)
    await insert(
      'job_event',
      events.map((event) => ({
        ...common(event),
        casting_id: event.castingId,
        kind: event.kind,
        body: event.body,
        at: event.at,
      })),
    );
  for (const { jpegBase64, ...photograph } of photographs)
    await client.query(
      `INSERT INTO photograph (id, job_id, seat_id, person_id, caption, width_px, height_px, jpeg, taken_at)
      VALUES ($1, $2, $3, $4, $5, $6, $7, decode($8, 'base64'), $9)`,
      [
        photograph.id,
        job.id,
        photograph.seatId,
        photograph.personId,
        photograph.caption,
        photograph.widthPx,
        photograph.heightPx,
        jpegBase64,
        photograph.takenAt,
      ],
    );
}

beforeAll(async () => {
  const old = filesOfVersion2();
  files = old.map(lifted);
  database = await cloneDatabase({ isEmpty: true });
  await releaseBefore(database.url);
  client = new pg.Client({ connectionString: database.url });
  await client.connect();
  for (const file of old) await fill(file);
  await client.query(OLD_STATES);
  await insert('tool', [{ id: SHIMS.id, body: SHIMS, version: 1, is_off_wall: false, is_demo: false }]);
  await client.query('INSERT INTO own_kind (id, name, head) VALUES ($1, $2, $3)', [
    old[0]!.job.id,
    'Kept kind',
    JSON.stringify(old[0]!.job),
  ]);
  await migrate(database.url);
  process.env.DATABASE_URL = database.url;
});
afterAll(async () => {
  await client.end();
  await (await import('@/server/pool')).pool().end();
  await database.drop();
});

it('every job of it gives the same job file: entries, ids and photographs', async () => {
  const { recordOfFile, writeJobFile } = await import('@/core/record/jobFile');
  const { loadJob } = await import('@/server/jobs/loadJob');
  const { loadPictures } = await import('@/server/jobs/photographs');
  const inOrder = (file: JobFile) => {
    const byId = <T extends { id: string }>(list: readonly T[]) =>
      [...list].sort((a, b) => (a.id < b.id ? -1 : 1));
    return {
      ...file,
      people: byId(file.people),
      instruments: byId(file.instruments).map(({ calibrationDue: _due, ...each }) => each),
      readings: byId(file.readings),
      events: byId(file.events),
      photographs: byId(file.photographs),
    };
  };
  for (const file of files) {
    const now = writeJobFile((await loadJob(file.job.id))!, await loadPictures(file.job.id));
    const pictures = new Map(file.photographs.map(({ id, jpegBase64 }) => [id, jpegBase64]));
    expect(inOrder(now)).toEqual(inOrder(writeJobFile(recordOfFile(file), pictures)));
  }
});

it('the bench opens with all of them, and each stands as its record makes it', async () => {
  const { loadBench } = await import('@/server/jobs/loadBench');
  const { project } = await import('@/core/project/project');
  const { loadJob } = await import('@/server/jobs/loadJob');
  const { readStanding } = await import('@/server/projection/standing');
  const { jobs, unreadable } = await loadBench(NOW);
  expect(unreadable).toEqual([]);
  const isPutAway = (file: JobFile) => file.events.some(({ kind }) => kind === 'job_put_away');
  expect(jobs.map(({ number }) => number)).toEqual(
    files
      .filter((file) => !isPutAway(file))
      .map(({ job }) => job.number)
      .sort((a, b) => a - b),
  );
  for (const { job } of files)
    expect((await readStanding(job.id))!.job.state).toEqual(project((await loadJob(job.id))!).state);
});

it('shims of the tool wall lie in stock, under the same id', async () => {
  const { loadStock } = await import('@/server/tools/stock');
  const { loadTools } = await import('@/server/tools/toolWall');
  const { pool } = await import('@/server/pool');
  expect(await loadTools(pool())).toEqual([]);
  const { id, name, insideMm, outsideMm, count } = SHIMS;
  expect(await loadStock(pool())).toEqual([
    { id, name, sort: 'shim', insideMm, outsideMm, widthMm: 0.2, count },
  ]);
});

it('a kind that the shop kept gives jobs of today', async () => {
  const { loadOwnKind } = await import('@/server/jobs/ownKinds');
  const { pool } = await import('@/server/pool');
  expect((await loadOwnKind(pool(), files[0]!.job.id))!.head).toEqual(files[0]!.job);
});

it('and back: the release before finds its seats as they were', async () => {
  const names = migrationNames();
  await runner({
    databaseUrl: database.url,
    dir: join(ROOT, 'database/migrations'),
    migrationsTable: 'migration',
    direction: 'down',
    count: names.length - names.indexOf('000004_job-states') - 1,
    logger: { debug() {}, info() {}, warn() {}, error() {} },
  });
  const { rows } = await client.query<{ id: SeatId; spec: { journal?: unknown; kind: string } }>(
    'SELECT id, spec FROM seat',
  );
  const before = new Map(
    filesOfVersion2().flatMap(({ job }) =>
      job.castings.flatMap(({ seats }) => seats.map(({ id, spec }) => [id, spec] as const)),
    ),
  );
  expect(rows).toHaveLength(before.size);
  for (const { id, spec } of rows)
    expect([spec.kind, spec.journal]).toEqual(['bearing_in_bore', before.get(id)!.journal]);
  expect((await client.query('SELECT body FROM tool')).rows).toEqual([{ body: SHIMS }]);
});
