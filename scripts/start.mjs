/**
 * `npm start`: everything from a fresh clone to a running bench. `--dev` serves from the sources, with reload.
 *
 * PORT (3000) and HOST (127.0.0.1) say where to listen, DATA_DIR (./data) where the private cluster lives, DATABASE_URL which
 * other database to use instead.
 */
import { spawn } from 'node:child_process';
import { existsSync, mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { join, resolve } from 'node:path';
import { startCluster } from './lib/cluster.mjs';
import { ensureBuild, ensurePackages, ensurePostgres } from './lib/install.mjs';
import { isAlive, isListening, ROOT, run, wait } from './lib/processes.mjs';

const isDev = process.argv.includes('--dev');
const port = Number(process.env.PORT || 3000);
const host = process.env.HOST || '127.0.0.1';
const dataDir = resolve(ROOT, process.env.DATA_DIR || 'data');
const address = `http://${host === '0.0.0.0' || host === '::' ? '127.0.0.1' : host}:${port}`;

/** @type {(() => Promise<void>)[]} what to stop, last started first */
const stops = [];
let isStopping = false;

async function stopAll(/** @type {number} */ code) {
  if (isStopping) return;
  isStopping = true;
  for (const stop of stops.reverse()) await stop();
  process.exit(code);
}

for (const signal of /** @type {const} */ (['SIGINT', 'SIGTERM', 'SIGHUP']))
  process.on(signal, () => void stopAll(0));

/** A child that ends with us; when it ends by itself, so do we. @param {string} name @param {string[]} args @param {Record<string, string>} env */
function keepRunning(name, args, env) {
  // Killed without a chance to stop them, this process must not leave children behind that hold its port.
  const child = spawn('setpriv', ['--pdeathsig', 'TERM', process.execPath, ...args], {
    cwd: ROOT,
    stdio: ['ignore', 'inherit', 'inherit'],
    env: { ...process.env, ...env },
  });
  const ended = new Promise((done) => child.on('exit', done));
  child.on('exit', (code) => {
    if (isStopping) return;
    console.error(`${name} ended unexpectedly (${code}).`);
    void stopAll(1);
  });
  stops.push(async () => {
    child.kill('SIGTERM');
    const late = setTimeout(() => child.kill('SIGKILL'), 5000);
    await ended;
    clearTimeout(late);
  });
}

/** Only one start per data folder stops its cluster. */
function takeDataDir() {
  mkdirSync(dataDir, { recursive: true });
  const file = join(dataDir, 'start.pid');
  const other = existsSync(file) ? Number(readFileSync(file, 'utf8')) : 0;
  if (other && other !== process.pid && isAlive(other))
    throw new Error(
      `Another Urn Key (process ${other}) uses ${dataDir}. Stop it, or set DATA_DIR and PORT for a second one.`,
    );
  writeFileSync(file, String(process.pid));
  stops.push(async () => rmSync(file, { force: true }));
}

async function ensureDatabase() {
  if (process.env.DATABASE_URL) return process.env.DATABASE_URL;
  takeDataDir();
  const cluster = await startCluster({ bin: await ensurePostgres(), dataDir });
  stops.push(cluster.stop);
  return cluster.url;
}

async function waitUntilUsable() {
  for (let i = 0; i < 600; i += 1) {
    const response = await fetch(`${address}/api/v1/health`).catch(() => null);
    if (response?.ok && (await fetch(address)).ok) return;
    await wait(100);
  }
  throw new Error('The server did not answer within a minute.');
}

try {
  const major = Number(process.versions.node.split('.')[0]);
  if (major < 20) throw new Error(`Node 20 or later is needed; this is ${process.version}.`);
  if (await isListening(port, host === '0.0.0.0' ? '127.0.0.1' : host))
    throw new Error(`Something already listens on port ${port}. Set PORT to another one.`);
  await ensurePackages();
  const databaseUrl = await ensureDatabase();
  const { hasNoJobs, migrate } = await import('./lib/database.mjs');
  await migrate(databaseUrl);
  const env = { DATABASE_URL: databaseUrl, NEXT_TELEMETRY_DISABLED: '1' };
  const withTypes = ['--conditions=react-server', '--import', 'tsx'];
  if (await hasNoJobs(databaseUrl))
    await run(process.execPath, [...withTypes, 'scripts/loadDemo.ts'], { env: { ...process.env, ...env } });
  if (!isDev) await ensureBuild();
  keepRunning(
    'The server',
    ['node_modules/next/dist/bin/next', isDev ? 'dev' : 'start', '-H', host, '-p', String(port)],
    { ...env, NODE_ENV: isDev ? 'development' : 'production' },
  );
  await waitUntilUsable();
  keepRunning('The simulated gauges', ['--import', 'tsx', 'scripts/gauges.ts'], { URN_KEY_URL: address });
  console.log(`Urn Key is ready: ${address}`);
} catch (error) {
  console.error(/** @type {Error} */ (error).message);
  await stopAll(1);
}
