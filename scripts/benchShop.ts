/**
 * The shop under load: what a stored reading costs beside an empty route and a bare commit, with screens that look on, and whether
 * bench, orders, stacks and heat stay as quick when thousands of jobs were put away.
 */
import type { AnyId } from '@/core/record/ids';
import { randomUUID } from 'node:crypto';
import pg from 'pg';
import { buildDemo, idOf } from '../database/demo/demo';
import { advance, rebuild, type Entry } from '@/core/project/advance';
import { median, p95, report, time } from './lib/figures';

const [first] = buildDemo(Date.now());
const jobId = first!.job.id;
const seatId = first!.job.castings[0]!.seats[0]!.id;

const reading = (takenAtMs = Date.now(), slot = 'bore.1.0') => ({
  id: randomUUID() as AnyId,
  seatId,
  castingId: null,
  personId: idOf('person iq'),
  instrumentId: idOf('by hand'),
  slot,
  typed: '71.95',
  value: 71.95,
  metalC: 20,
  takenAt: new Date(takenAtMs).toISOString(),
});

async function post(url: string, job: string, readings: unknown[]) {
  const response = await fetch(`${url}/api/v1/jobs/${job}/entries`, {
    method: 'POST',
    headers: { 'Content-Type': 'application/json' },
    body: JSON.stringify({ readings, events: [] }),
  });
  await response.text();
  return response.status;
}

const asMs = (ms: number) => `${ms.toFixed(2)} ms`;

/** One reading after another, beside what such a request costs at the least: one that does nothing, and bare commits of one row. */
async function oneReading(url: string, client: pg.Client) {
  const store = async () => {
    if ((await post(url, jobId, [reading()])) !== 200) throw new Error('reading refused');
  };
  const empty = () => post(url, 'no-such-job', []);
  await client.query('CREATE TABLE IF NOT EXISTS bare (id uuid PRIMARY KEY, value double precision)');
  const commit = () => client.query('INSERT INTO bare VALUES ($1, 1)', [randomUUID()]);
  await time(60, store);
  await time(60, empty);
  // In turns, so that all three meet the same machine.
  const times = { store: [] as number[], empty: [] as number[], commit: [] as number[] };
  for (let i = 0; i < 8; i += 1) {
    times.store.push(...(await time(25, store)));
    times.empty.push(...(await time(25, empty)));
    times.commit.push(...(await time(25, commit)));
  }
  const least = median(times.empty) + 2 * median(times.commit);
  report(
    'one reading stored, median',
    asMs(median(times.store)),
    `≤ ${asMs(least)}: empty route + 2 commits`,
  );
  report('an empty route, median', asMs(median(times.empty)), '');
  report('a bare commit of one row, median', asMs(median(times.commit)), '');
}

/** A screen that looks on: its live line is open, and what comes is read. */
async function lookOn(url: string, signal: AbortSignal) {
  const response = await fetch(`${url}/api/v1/live`, { signal });
  const reader = response.body!.getReader();
  void (async () => {
    while (!(await reader.read()).done);
  })().catch(() => undefined);
}

/** 50 benches, each sending a reading every 2 s (as fast as hands are) for 14 s, with 50 screens open: answered means committed to disk. */
async function fiftyBenches(url: string, jobCount: string) {
  const screens = new AbortController();
  await Promise.all(Array.from({ length: 50 }, () => lookOn(url, screens.signal)));
  const times: number[] = [];
  const untilMs = Date.now() + 14_000;
  const bench = async (i: number) => {
    await new Promise((resolve) => setTimeout(resolve, i * 40));
    while (Date.now() < untilMs) {
      const started = performance.now();
      if ((await post(url, jobId, [reading()])) !== 200) throw new Error('reading refused');
      times.push(performance.now() - started);
      await new Promise((resolve) => setTimeout(resolve, Math.max(0, 2000 - times.at(-1)!)));
    }
  };
  await Promise.all(Array.from({ length: 50 }, (_, i) => bench(i)));
  screens.abort();
  report(
    `50 benches, 50 screens, ${jobCount}: reading sent to stored, p95 of ${times.length}`,
    p95(times),
    '< 25 ms',
  );
}

/** Copies of a job that was put away: head, castings, seats, state and a record. */
const putAwayMore = (client: pg.Client, count: number) =>
  client.query(
    `
    WITH model AS (SELECT * FROM job WHERE id = $1),
    copies AS (
      INSERT INTO job (id, number, kind, machine, machine_sort, room_c, opened_at, plan)
      SELECT gen_random_uuid(), (SELECT max(number) FROM job) + n, kind, machine, machine_sort, room_c, opened_at, plan
      FROM model, generate_series(1, $2) AS n RETURNING id
    ), places AS (
      INSERT INTO casting (id, job_id, position, name, material, mass_kg, area_m2, map)
      SELECT gen_random_uuid(), copies.id, position, name, material, mass_kg, area_m2, map
      FROM copies, casting WHERE casting.job_id = $1 RETURNING id, job_id, position
    ), seats AS (
      INSERT INTO seat (id, casting_id, position, name, x_mm, y_mm, spec)
      SELECT gen_random_uuid(), places.id, seat.position, seat.name, x_mm, y_mm, spec
      FROM places, seat JOIN casting ON casting.id = casting_id WHERE casting.job_id = $1 AND casting.position = places.position
    ), events AS (
      INSERT INTO job_event (id, job_id, person_id, kind, body, at)
      SELECT gen_random_uuid(), copies.id, person_id, kind, body, at FROM copies, job_event WHERE job_event.job_id = $1
    )
    INSERT INTO job_state SELECT copies.id, version, made_with, state, true, bench, bench_until, heat, null, ordered, wrong_numbers,
      stacks, machine, frame_number, engine_number FROM copies, job_state WHERE job_id = $1`,
    [jobId, count],
  );

const BOARDS = [
  ['bench page', '/'],
  ['bench', '/api/v1/bench'],
  ['orders', '/api/v1/orders'],
  ['stacks', '/api/v1/stacks'],
  ['heat', '/api/v1/heat'],
] as const;

async function boards(url: string): Promise<number[]> {
  const found: number[] = [];
  for (const [, path] of BOARDS) {
    const load = () => fetch(url + path).then((response) => response.text());
    await time(8, load);
    found.push(median(await time(30, load)));
  }
  return found;
}

/** A job with thousands of readings: what one more entry costs, and what its measure page weighs. */
async function longJob(url: string) {
  const slots = ['bore.1.0', 'bore.1.90', 'bore.2.0', 'bore.2.90', 'outside.0', 'outside.90'];
  const record = Array.from({ length: 5000 }, (_, i) =>
    reading(Date.now() - 5_000_000 + i * 1000, slots[i % 4]!),
  );
  const { castings } = first!.job;
  let state = rebuild(castings, { readings: record, events: [] });
  const one = () => {
    const entry: Entry = { type: 'reading', entry: reading() };
    state = advance(state, castings, entry)!;
    return Promise.resolve();
  };
  await time(200, one);
  report('a job of 5 000 readings: one entry more, p95', p95(await time(500, one)), '< 2 ms');
  for (let i = 0; i < record.length; i += 500)
    if ((await post(url, jobId, record.slice(i, i + 500))) !== 200) throw new Error('readings refused');
  const store = async () => void (await post(url, jobId, [reading()]));
  await time(20, store);
  report('the same through the server, median', asMs(median(await time(60, store))), '');
  const html = await (await fetch(`${url}/jobs/${jobId}/${seatId}/measure`)).text();
  const data = [...html.matchAll(/self\.__next_f\.push\((.*?)\)<\/script>/gs)].reduce(
    (sum, [, chunk]) => sum + chunk!.length,
    0,
  );
  report(
    'its measure page: data',
    `${(data / 1000).toFixed(0)} kB of ${(html.length / 1000).toFixed(0)} kB`,
    '< 120 kB',
  );
}

/** Open jobs at the beginning: those of the demo, and copies of one to make thirty. */
export async function shop(url: string, databaseUrl: string) {
  const client = new pg.Client({ connectionString: databaseUrl });
  await client.connect();
  try {
    await oneReading(url, client);
    await fiftyBenches(url, 'the demo’s jobs');
    const few = await boards(url);
    const counts = [600, 2000, 20_000];
    let have = 0;
    for (const count of counts) {
      await putAwayMore(client, count - have);
      have = count;
      await client.query('ANALYZE');
      const many = await boards(url);
      BOARDS.forEach(([name], i) =>
        report(
          `${name}: ${count} jobs put away beside those on it, median`,
          `${asMs(many[i]!)}, ${(many[i]! / few[i]!).toFixed(2)} times that of none`,
          '0.8–1.2 times',
        ),
      );
      if (count !== 2000) await fiftyBenches(url, `${count} jobs put away`);
    }
    await longJob(url);
  } finally {
    await client.end();
  }
}
