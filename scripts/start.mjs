/**
 * `npm start`: everything from a fresh clone to a running bench, and then its watchman: what ends is started again, and what
 * happened is told to the web server, which says it on the screens. `--dev` serves from the sources, with reload; `--rebuild` only makes
 * the states of all jobs anew from their record, and ends.
 *
 * PORT (3000) and HOST (127.0.0.1) say where to listen, ALLOWED_HOSTS under which other names, DATA_DIR (./data) where the private
 * cluster lives, DATABASE_URL which other database to use instead.
 */
import { spawn } from 'node:child_process';
import { dirname, resolve } from 'node:path';
import { placeFor, startCluster } from './lib/cluster.mjs';
import { lockCluster, noteMigration, openDataFolder } from './lib/dataFolder.mjs';
import { networkAddresses } from './lib/door.mjs';
import { ensureBuild, ensurePackages, ensurePostgres } from './lib/install.mjs';
import { isListening, isReadableBy, isRoot, ROOT, run, wait } from './lib/processes.mjs';
import { causeOf, keepUp } from './lib/supervise.mjs';

const isDev = process.argv.includes('--dev');
const isRebuild = process.argv.includes('--rebuild');
const port = Number(process.env.PORT || 3000);
const host = process.env.HOST || '127.0.0.1';
const dataDir = resolve(ROOT, process.env.DATA_DIR || 'data');
const isOpenToNetwork = host === '0.0.0.0' || host === '::';
const address = `http://${isOpenToNetwork ? '127.0.0.1' : host}:${port}`;

/** @type {(() => void | Promise<void>)[]} what to stop, last started first */
const stops = [];
let isStopping = false;
/** @type {import('node:child_process').ChildProcess | null} the web server, which takes the news */
let web = null;

async function stopAll(/** @type {number} */ code) {
  if (isStopping) return;
  isStopping = true;
  for (const stop of stops.reverse()) await stop();
  process.exit(code);
}

for (const signal of /** @type {const} */ (['SIGINT', 'SIGTERM', 'SIGHUP']))
  process.on(signal, () => void stopAll(0));

/** The last word on each part, for a web server that was started since. @type {Map<string, object>} */
const lastNews = new Map();

/** Says what happened here, and on every screen. @param {import('./lib/supervise.mjs').PartNews} news */
function tell(news) {
  const { part, state, why, times, nextTryS } = news;
  if (state === 'back') console.log(`${part}: is back`);
  else console.error(`${part}: ${why.trim().split('\n').at(-1)} (${times}×), tried again in ${nextTryS} s`);
  const said = { ...news, why: state === 'back' ? '' : causeOf(why) };
  lastNews.set(part, said);
  if (web?.connected) web.send(said);
}

/** The least that a process of ours needs: not root, where the project can be read without it. */
const USER = 'nobody';
const asNobody = isRoot() && isReadableBy(USER, ROOT);

/** A child that ends with us, killed or not. @param {string[]} args @param {Record<string, string>} env @param {boolean} hasNews */
function launch(args, env, hasNews = false) {
  // Changing the user clears the parent-death signal, so that is set after it.
  const user = asNobody
    ? ['--reuid', USER, '--regid', 'nogroup', '--clear-groups', '--no-new-privs', 'setpriv']
    : [];
  const child = spawn('setpriv', [...user, '--pdeathsig', 'TERM', process.execPath, ...args], {
    cwd: ROOT,
    stdio: hasNews ? ['ignore', 'inherit', 'inherit', 'ipc'] : ['ignore', 'inherit', 'inherit'],
    env: { ...process.env, ...env, ...(asNobody && { HOME: '/nonexistent' }) },
  });
  /** @type {Promise<string>} */
  const ended = new Promise((done) => {
    child.on('exit', (code, signal) => done(`ended (${signal ?? code})`));
    child.on('error', (error) => done(error.message));
  });
  const stop = async () => {
    child.kill('SIGTERM');
    const late = setTimeout(() => child.kill('SIGKILL'), 5000);
    await ended;
    clearTimeout(late);
  };
  return { child, ended, stop };
}

/** The private cluster, watched: one that goes away is started again on its port. */
async function ensureDatabase() {
  if (process.env.DATABASE_URL) return process.env.DATABASE_URL;
  const { migrationNames } = await import('./lib/database.mjs');
  const { id } = openDataFolder(dataDir, migrationNames());
  const pgData = placeFor(dataDir, id);
  stops.push(lockCluster(dirname(pgData)));
  const options = { bin: await ensurePostgres(), dataDir, pgData };
  let cluster = await startCluster(options);
  stops.push(() => cluster.stop());
  watchDatabase(cluster.port, async () => {
    cluster = await startCluster({ ...options, wantedPort: cluster.port });
  });
  return cluster.url;
}

/** @param {number} databasePort @param {() => Promise<void>} startAgain */
function watchDatabase(databasePort, startAgain) {
  let isFirst = true;
  const { stop } = keepUp({
    part: 'database',
    tell,
    wait,
    launch: async () => {
      if (!isFirst) await startAgain();
      isFirst = false;
      return { ended: untilGone(databasePort), stop: async () => undefined };
    },
  });
  stops.push(stop);
}

/** Twice in a row without an answer: a busy machine may miss one. @param {number} databasePort */
async function untilGone(databasePort) {
  for (let missed = 0; missed < 2 && !isStopping; await wait(1000))
    missed = (await isListening(databasePort)) ? 0 : missed + 1;
  return 'does not answer';
}

const health = () =>
  fetch(`${address}/api/v1/health`, { signal: AbortSignal.timeout(4000) }).then(
    async (response) => (response.ok ? /** @type {{ hasGauges: boolean }} */ (await response.json()) : null),
    () => null,
  );

/** @param {Promise<string>} ended of the first web server: when that ends before it was ever usable, nobody need wait */
async function waitUntilUsable(ended) {
  const first = { why: '' };
  void ended.then((why) => {
    first.why = why;
  });
  for (let i = 0; i < 600 && !first.why; i += 1) {
    if ((await health()) && (await fetch(address)).ok) return;
    await wait(100);
  }
  throw new Error(first.why ? `The server ${first.why}.` : 'The server did not answer within a minute.');
}

/** @param {Record<string, string>} env */
async function startWebServer(env) {
  const start = () => {
    const running = launch(['scripts/serve.mjs'], env, true);
    web = running.child;
    for (const said of lastNews.values()) web.send(said);
    return running;
  };
  const first = start();
  let isFirst = true;
  const watched = keepUp({
    part: 'web server',
    tell,
    wait,
    launch: () => {
      const running = isFirst ? first : start();
      isFirst = false;
      return running;
    },
  });
  stops.push(watched.stop);
  await waitUntilUsable(first.ended);
}

const LOOK_EVERY_MS = 5000;

/** The gauges' process runs while the shop has any: simulated ones, which come and go with the demo, or its own on serial ports. */
function followGauges() {
  /** @type {ReturnType<typeof keepUp> | null} */
  let gauges = null;
  const look = async () => {
    const told = await health();
    if (!told || isStopping) return;
    if (told.hasGauges && !gauges)
      gauges = keepUp({
        part: 'gauges',
        tell,
        wait,
        launch: () => launch(['--import', 'tsx', 'scripts/gauges.ts'], { URN_KEY_URL: address }),
      });
    if (!told.hasGauges && gauges) {
      const ended = gauges;
      gauges = null;
      await ended.stop();
    }
  };
  const timer = setInterval(() => void look(), LOOK_EVERY_MS);
  stops.push(async () => {
    clearInterval(timer);
    await gauges?.stop();
  });
  return look();
}

const readyLine = () =>
  [
    `Urn Key is ready: ${address}`,
    ...(isOpenToNetwork
      ? networkAddresses().map((ip) => `from a tablet in this network http://${ip}:${port}`)
      : []),
  ].join(', ');

try {
  const major = Number(process.versions.node.split('.')[0]);
  if (major < 20) throw new Error(`Node 20 or later is needed; this is ${process.version}.`);
  if (!isRebuild && (await isListening(port, isOpenToNetwork ? '127.0.0.1' : host)))
    throw new Error(`Something already listens on port ${port}. Set PORT to another one.`);
  await ensurePackages();
  const databaseUrl = await ensureDatabase();
  const { hasNoJobs, migrate } = await import('./lib/database.mjs');
  const { applied, newest } = await migrate(databaseUrl);
  if (!process.env.DATABASE_URL) noteMigration(dataDir, newest);
  if (applied.length > 0 && !(await hasNoJobs(databaseUrl)))
    console.log(`The data of an older Urn Key was brought up to ${newest}; every entry stays as it was.`);
  const env = {
    DATABASE_URL: databaseUrl,
    NEXT_TELEMETRY_DISABLED: '1',
    PORT: String(port),
    HOST: host,
    NODE_ENV: isDev ? 'development' : 'production',
  };
  const withTypes = ['--conditions=react-server', '--import', 'tsx'];
  const withDatabase = { env: { ...process.env, DATABASE_URL: databaseUrl } };
  if (isRebuild) {
    await run(process.execPath, [...withTypes, 'scripts/rebuild.ts'], withDatabase);
    await stopAll(0);
  }
  if (await hasNoJobs(databaseUrl))
    await run(process.execPath, [...withTypes, 'scripts/loadDemo.ts'], withDatabase);
  if (isRoot() && !asNobody)
    console.warn(
      `The web server runs as root: ${ROOT} is closed to the user ${USER}. Elsewhere it would not.`,
    );
  await startWebServer(isDev ? env : { ...env, URN_KEY_SERVED: await ensureBuild() });
  await followGauges();
  console.log(readyLine());
} catch (error) {
  console.error(/** @type {Error} */ (error).message);
  await stopAll(1);
}
