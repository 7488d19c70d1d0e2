/**
 * `npm run bench`: the project's own figures for the numbers to hold. Each line: what, figure, target. Runs the built app on a
 * durable throw-away cluster (fsync on), on this machine only, and stops by itself.
 */
import { randomUUID } from 'node:crypto';
import { gzipSync } from 'node:zlib';
import * as math from 'mathjs';
import { buildDemo, idOf } from '../database/demo/demo';
import { MATERIALS } from '@/core/catalogue/materials';
import { solvePressFit } from '@/core/fit/pressFit';
import { planDropOrder, runOrder, type DropPlan, type DropSeat } from '@/core/board/dropOrder';
import { simulateRadial } from '@/core/heat/radial';
import type { RadialProblem } from '@/core/heat/radialCells';
import { chooseShims } from '@/core/stack/shims';
import { predictDrop } from '@/core/heat/predictDrop';
import { planSeat } from '@/core/job/planSeat';
import { viewSeat } from '@/core/job/seatView';
import { fitPlane } from '@/core/seating/plane';
import { recordOfFile } from '@/core/record/jobFile';
import { loadDemo, startApp } from '../tests/support/app';
import { makeDataDir } from '../tests/support/dataDir';
import { placeFor, startCluster } from './lib/cluster.mjs';
import { migrate } from './lib/database.mjs';
import { ensureBuild, ensurePostgres } from './lib/install.mjs';

const percentile = (values: number[], share: number) =>
  [...values].sort((a, b) => a - b)[Math.min(values.length - 1, Math.floor(values.length * share))]!;
const report = (what: string, figure: string, target: string) =>
  console.log(`${what.padEnd(74)} ${figure.padStart(12)}   target ${target}`);

async function time(runs: number, work: (i: number) => unknown): Promise<number[]> {
  const times: number[] = [];
  for (let i = 0; i < runs; i += 1) {
    const started = performance.now();
    await work(i);
    times.push(performance.now() - started);
  }
  return times;
}

const p95 = (times: number[]) => `${percentile(times, 0.95).toFixed(2)} ms`;

async function core() {
  const steel = MATERIALS.bearing_steel;
  const alloy = MATERIALS.alsi9cu3;
  report(
    'press fit (Lamé), p95 of 2000',
    p95(
      await time(2000, (i) =>
        solvePressFit({
          interferenceMm: i / 1e5,
          diameterMm: 62,
          ringBoreMm: 53.8,
          housingOutsideMm: 78,
          ring: steel,
          housing: alloy,
        }),
      ),
    ),
    '< 10 ms',
  );
  report(
    'plane through eight readings, p95 of 2000',
    p95(
      await time(2000, (i) =>
        fitPlane(
          Array.from({ length: 8 }, (_, k) => ({ angleDeg: k * 45, depthMm: 4 + ((i * k) % 7) / 100 })),
          { sigmaReadingMm: 0.01, circleMm: 60 },
        ),
      ),
    ),
    '< 10 ms',
  );
  const lump = (massKg: number, areaM2: number, startC: number, material: typeof steel) => ({
    massKg,
    areaM2,
    startC,
    specificHeatJKgK: material.specificHeatJKgK,
    hWM2K: 10,
    emissivity: material.emissivity,
  });
  report(
    'drop with its band, 10 min simulated (two lumps), p95 of 200',
    p95(
      await time(200, (i) =>
        predictDrop(
          {
            bodies: {
              ring: lump(0.2, 0.01, -18, steel),
              housing: lump(1.2, 0.12, 100 + i / 10, alloy),
              ambientC: 20,
              touch: null,
            },
            diameterMm: 62,
            interferenceMm: { value: 0.03, u: 0.003 },
            ring: steel,
            housing: alloy,
            uHousingK: 2,
            uRingK: 2,
            marginMm: 0.031,
          },
          600,
        ),
      ),
    ),
    '< 50 ms',
  );
  const radial: RadialProblem = {
    ringBoreRadiusMm: 26.9,
    interfaceRadiusMm: 31,
    bossOutsideRadiusMm: 39,
    webOutsideRadiusMm: 100,
    ringWidthMm: 16,
    bossWidthMm: 20,
    webThicknessMm: 5,
    hWM2K: 12,
    ambientC: 20,
    contactConductanceWM2K: 2000,
    isTouching: true,
    interferenceMm: 0.03,
    ring: { ...steel, startC: -18 },
    housing: { ...alloy, startC: 120 },
  };
  report(
    'radial transient, 10 min simulated, p95 of 60',
    p95(await time(60, () => simulateRadial(radial, [600], 600))),
    '< 50 ms',
  );
  report(
    '  its referee: adaptive Runge–Kutta (mathjs), 30 cells, 10 s',
    p95(await time(3, () => refereeTransient())),
    '',
  );
  const seats = Array.from({ length: 9 }, (_, i): DropSeat => ({
    id: `s${i}`,
    neededC: 45 + 7 * ((i * 4) % 9),
    handlingS: 20 + 5 * (i % 4),
    coolsByK: 2 + (i % 3),
    face: i % 2 ? 'inside' : 'outside',
    after: i > 6 ? [`s${i - 3}`] : [],
  }));
  const plan = { startC: 125, roomC: 20, timeConstantS: 1100, turnOverS: 20, reheatS: 1500 };
  report(
    'order of drops, 9 seats, proven best, p95 of 20',
    p95(await time(20, () => planDropOrder(seats, plan))),
    '< 250 ms',
  );
  report(
    '  its referee: every order that keeps the precedence, 7 of the seats',
    p95(await time(2, () => everyOrder(seats.slice(0, 7), plan))),
    '',
  );
  const stock = new Map(Array.from({ length: 14 }, (_, i) => [30 + 37 * i, 5] as const));
  report(
    'shim choice, 14 sizes, up to 5 pieces, proven best, p95 of 100',
    p95(
      await time(100, (i) =>
        chooseShims({ endFloatWithoutUm: 1000 + i, targetUm: 120, stock, maxPieces: 5 }),
      ),
    ),
    '< 30 ms',
  );
  report(
    '  its referee: every choice of up to 3 pieces',
    p95(await time(3, () => everyChoice([...stock.keys()], 1000, 3))),
    '',
  );
  const [file] = buildDemo(Date.now());
  const record = recordOfFile(file!);
  const seatId = file!.job.castings[0]!.seats[0]!.id;
  report(
    'everything about one seat (view), p95 of 300',
    p95(await time(300, () => viewSeat(record, seatId, Date.now()))),
    'a frame',
  );
  const view = viewSeat(record, seatId, Date.now())!;
  report(
    'all ways in for one seat, p95 of 60',
    p95(await time(60, () => planSeat(view, 20))),
    'a few frames',
  );
}

/** The same kind of work by a library: thirty cells in a row, explicit steps that must follow the fastest. */
function refereeTransient() {
  const n = 30;
  // The package’s types leave this function out.
  const { solveODE } = math as unknown as {
    solveODE: (
      slopes: (t: number, y: number[]) => number[],
      span: [number, number],
      start: number[],
      options: { method: string; tol: number },
    ) => unknown;
  };
  return solveODE(
    (_t: number, y: number[]) =>
      y.map((t, i) => 12 * ((y[i - 1] ?? t) + (y[i + 1] ?? t) - 2 * t) + 0.002 * (20 - t)),
    [0, 10],
    Array.from({ length: n }, (_, i) => (i < 8 ? -18 : 120)),
    { method: 'RK45', tol: 1e-4 },
  );
}

function everyOrder(seats: readonly DropSeat[], plan: DropPlan) {
  let best = -Infinity;
  const walk = (left: readonly DropSeat[], done: readonly DropSeat[]) => {
    if (left.length === 0) {
      const { heats, leastSlackS } = runOrder(done, plan);
      best = Math.max(best, leastSlackS - 1e6 * heats);
      return;
    }
    for (const next of left)
      if (!left.some(({ id }) => next.after.includes(id)))
        walk(
          left.filter((each) => each !== next),
          [...done, next],
        );
  };
  walk(seats, []);
  return best;
}

function everyChoice(sizes: readonly number[], wantedUm: number, pieces: number) {
  let best = Infinity;
  const walk = (from: number, total: number, left: number) => {
    best = Math.min(best, Math.abs(total - wantedUm));
    if (left > 0) for (let i = from; i < sizes.length; i += 1) walk(i, total + sizes[i]!, left - 1);
  };
  walk(0, 0, pieces);
  return best;
}

/** One sum through the running server, as a program of the shop asks for it. */
async function sums(url: string) {
  const ask = (topic: string, body: unknown) => async () => {
    const response = await fetch(`${url}/api/v1/sums/${topic}`, {
      method: 'POST',
      headers: { 'Content-Type': 'application/json' },
      body: JSON.stringify(body),
    });
    await response.text();
    if (!response.ok) throw new Error(`${topic}: ${response.status}`);
  };
  const closed = ask('thermal_fit', {
    mode: 'housing_temperature',
    interface_diameter_mm: 62,
    interference_at_20C_mm: 0.03,
    housing_material: 'az91',
    ring_material: 'bearing_steel',
    ring_temperature_C: -18,
    wanted_clearance_mm: 0.031,
  });
  await time(30, closed);
  report('closed-form sum through the API, p95 of 400', p95(await time(400, closed)), '< 10 ms');
}

const reading = (seatId: string) => ({
  id: randomUUID(),
  seatId,
  castingId: null,
  personId: idOf('person iq'),
  instrumentId: idOf('by hand'),
  slot: 'bore.1.0',
  typed: '71.95',
  value: 71.95,
  metalC: 20,
  takenAt: new Date().toISOString(),
});

/** 50 benches, each sending a reading every 2 s (as fast as hands are) for 14 s: answered means committed to disk. */
async function readings(url: string) {
  const [file] = buildDemo(Date.now());
  const seatId = file!.job.castings[0]!.seats[0]!.id;
  const send = async () => {
    const started = performance.now();
    const response = await fetch(`${url}/api/v1/jobs/${file!.job.id}/entries`, {
      method: 'POST',
      headers: { 'Content-Type': 'application/json' },
      body: JSON.stringify({ readings: [reading(seatId)], events: [] }),
    });
    await response.text();
    if (!response.ok) throw new Error(`reading refused: ${response.status}`);
    return performance.now() - started;
  };
  for (let i = 0; i < 50; i += 1) await send();
  const times: number[] = [];
  const untilMs = Date.now() + 14_000;
  const bench = async (i: number) => {
    await new Promise((resolve) => setTimeout(resolve, i * 40));
    while (Date.now() < untilMs) {
      const started = Date.now();
      times.push(await send());
      await new Promise((resolve) => setTimeout(resolve, Math.max(0, 2000 - (Date.now() - started))));
    }
  };
  await Promise.all(Array.from({ length: 50 }, (_, i) => bench(i)));
  report(`reading: sent to stored on disk, 50 benches, p95 of ${times.length}`, p95(times), '< 25 ms');
  report('the same, median', `${percentile(times, 0.5).toFixed(2)} ms`, '');
}

async function firstLoads(url: string) {
  const [file] = buildDemo(Date.now());
  const seat = `/jobs/${file!.job.id}/${file!.job.castings[0]!.seats[0]!.id}`;
  for (const [name, path] of [
    ['bench', '/'],
    ['all sums', '/sums'],
    ['one sum', '/sums/stack/endplay'],
    ['reference', '/reference/bearings'],
    ...['measure', 'way-in', 'run', 'square', 'record'].map((step) => [step, `${seat}/${step}`]),
  ] as [string, string][]) {
    const html = await (await fetch(url + path)).text();
    const sources = new Set(
      [...html.matchAll(/<script[^>]+src="([^"]+)"[^>]*>/g)]
        .filter(([tag]) => !tag.includes('noModule'))
        .map(([, source]) => source!),
    );
    let bytes = 0;
    for (const source of sources)
      bytes += gzipSync(Buffer.from(await (await fetch(new URL(source, url))).arrayBuffer())).length;
    report(`first-load script, ${name}, gzip`, `${(bytes / 1000).toFixed(0)} kB`, '< 260 kB');
  }
}

await ensureBuild();
const { dataDir, remove } = makeDataDir('bench');
const cluster = await startCluster({
  bin: await ensurePostgres(),
  dataDir,
  pgData: placeFor(dataDir, 'test'),
});
try {
  await core();
  await migrate(cluster.url);
  await loadDemo(cluster.url);
  const started = performance.now();
  const app = await startApp(cluster.url);
  await fetch(app.url).then((response) => response.text());
  report(
    'server start to usable bench page (database running)',
    `${((performance.now() - started) / 1000).toFixed(1)} s`,
    '< 8 s',
  );
  try {
    await sums(app.url);
    await readings(app.url);
    await firstLoads(app.url);
  } finally {
    await app.stop();
  }
} finally {
  await cluster.stop();
  remove();
}
