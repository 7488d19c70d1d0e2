/**
 * `npm run bench`: the project's own figures for the numbers to hold. Each line: what, figure, target. Runs the built app on a
 * durable throw-away cluster (fsync on), on this machine only, and stops by itself. Named parts alone: `npm run bench -- screens sums`.
 */
import { gzipSync } from 'node:zlib';
import { buildDemo } from '../database/demo/demo';
import { loadDemo, startApp } from '../tests/support/app';
import { makeDataDir } from '../tests/support/dataDir';
import { placeFor, startCluster } from './lib/cluster.mjs';
import { migrate } from './lib/database.mjs';
import { ensureBuild, ensurePostgres } from './lib/install.mjs';
import { core } from './benchCore';
import { promises } from './benchPromises';
import { shop } from './benchShop';
import { percentile, report, time, p95 } from './lib/figures';
import { screens } from './benchScreens';
import { sounds } from './benchSounds';

/** One sum through the running server, as a program of the shop asks for it, in turns with a request that asks for none. */
async function sums(url: string) {
  const ask = (topic: string, body: unknown, status: number) => async () => {
    const response = await fetch(`${url}/api/v1/sums/${topic}`, {
      method: 'POST',
      headers: { 'Content-Type': 'application/json' },
      body: JSON.stringify(body),
    });
    await response.text();
    if (response.status !== status) throw new Error(`${topic}: ${response.status}`);
  };
  const body = {
    mode: 'housing_temperature',
    interface_diameter_mm: 62,
    interference_at_20C_mm: 0.03,
    housing_material: 'az91',
    ring_material: 'bearing_steel',
    ring_temperature_C: -18,
    wanted_clearance_mm: 0.031,
  };
  const [closed, empty] = [ask('thermal_fit', body, 200), ask('no_such_sum', body, 404)];
  await time(50, closed);
  await time(50, empty);
  const times = { closed: [] as number[], empty: [] as number[] };
  for (let i = 0; i < 10; i += 1) {
    times.closed.push(...(await time(40, closed)));
    times.empty.push(...(await time(40, empty)));
  }
  const ratio = percentile(times.closed, 0.95) / percentile(times.empty, 0.95);
  report('closed-form sum through the API, p95 of 400', p95(times.closed), 'beside the empty route');
  report('an empty route of the same server, p95 of 400', p95(times.empty), '');
  report('closed-form sum to empty route, p95', `${ratio.toFixed(2)} ×`, '< 1.3 ×');
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

const asked = process.argv.slice(2);
/** A part of it, unless others were asked for. */
const part = async (name: string, measure: () => Promise<void>) => {
  if (asked.length === 0 || asked.includes(name)) await measure();
};

await ensureBuild();

const { dataDir, remove } = makeDataDir('bench');

const cluster = await startCluster({
  bin: await ensurePostgres(),
  dataDir,
  pgData: placeFor(dataDir, 'test'),
});
try {
  await part('core', core);
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
    await part('sums', () => sums(app.url));
    await part('loads', () => firstLoads(app.url));
    await part('screens', () => screens(app));
    // In time-lapse: before a job is begun that is no rehearsal.
    await part('sounds', () => sounds(app));
    await part('promises', () => promises(app));
    await part('shop', () => shop(app.url, cluster.url));
  } finally {
    await app.stop();
  }
} finally {
  await cluster.stop();
  remove();
}
