import { createHash } from 'node:crypto';
import {
  existsSync,
  linkSync,
  mkdirSync,
  readdirSync,
  readFileSync,
  renameSync,
  rmSync,
  statSync,
  writeFileSync,
} from 'node:fs';
import { dirname, join } from 'node:path';
import { isRoot, ROOT, run } from './processes.mjs';

/** @param {string[]} args as root, through sudo when needed */
async function asRoot(...args) {
  const [command = '', ...rest] = isRoot() ? args : ['sudo', '-n', ...args];
  await run(command, rest, { quiet: true, env: { ...process.env, DEBIAN_FRONTEND: 'noninteractive' } });
}

/** Folder with initdb, pg_ctl and postgres of the newest PostgreSQL that is installed (14 or later), or null. */
export function findPostgres() {
  const base = '/usr/lib/postgresql';
  if (!existsSync(base)) return null;
  const newest = readdirSync(base)
    .map(Number)
    .filter((version) => version >= 14)
    .sort((a, b) => b - a)[0];
  return newest && existsSync(join(base, String(newest), 'bin/initdb'))
    ? join(base, String(newest), 'bin')
    : null;
}

/** @param {string[]} packages */
async function installDebianPackages(packages) {
  console.log(`Installing from Debian: ${packages.join(', ')}`);
  try {
    await asRoot('apt-get', 'update', '-qq');
    await asRoot('apt-get', 'install', '-y', '-qq', '--no-install-recommends', ...packages);
  } catch (error) {
    throw new Error(
      `Could not install ${packages.join(', ')} (root or password-less sudo, and Debian’s package registry, are needed).\n${/** @type {Error} */ (error).message}`,
    );
  }
}

/** Keeps Debian's package from making a cluster of its own on install: Urn Key uses none but its private one. */
const NO_CLUSTER = '/etc/postgresql-common/createcluster.d/urn-key.conf';

export async function ensurePostgres() {
  const found = findPostgres();
  if (found) return found;
  await asRoot(
    'sh',
    '-c',
    `mkdir -p "$(dirname ${NO_CLUSTER})" && echo 'create_main_cluster = false' > ${NO_CLUSTER}`,
  );
  try {
    await installDebianPackages(['postgresql']);
  } finally {
    await asRoot('rm', '-f', NO_CLUSTER);
  }
  const installed = findPostgres();
  if (!installed) throw new Error('PostgreSQL 14 or later is not there after installing it.');
  return installed;
}

/** Debian's Chromium, for the browser tests and the screenshots. */
export async function ensureChromium() {
  if (!existsSync('/usr/bin/chromium')) await installDebianPackages(['chromium']);
  return '/usr/bin/chromium';
}

/** @param {string} text */
const digest = (text) => createHash('sha256').update(text).digest('hex');

/** npm packages as the lock file says; nothing is done when they are there already. */
export async function ensurePackages() {
  const stamp = join(ROOT, 'node_modules/.urn-key-lock');
  const wanted = digest(readFileSync(join(ROOT, 'package-lock.json'), 'utf8'));
  if (existsSync(stamp) && readFileSync(stamp, 'utf8') === wanted) return;
  console.log('Installing npm packages');
  // Building needs what is only for developing, whatever the environment says.
  await run('npm', ['ci', '--include=dev', '--no-audit', '--no-fund', '--loglevel=error']);
  writeFileSync(stamp, wanted);
}

/** @param {string} path @returns {string[]} */
function filesBelow(path) {
  if (!existsSync(path)) return [];
  if (!statSync(path).isDirectory()) return [path];
  return readdirSync(path)
    .sort()
    .flatMap((name) => filesBelow(join(path, name)));
}

/** @param {string} served whether a server that still runs has it open */
function isInUse(served) {
  return readdirSync('/proc')
    .filter((name) => /^\d+$/.test(name))
    .some((pid) => {
      try {
        return readFileSync(`/proc/${pid}/environ`, 'latin1').includes(`URN_KEY_SERVED=${served}\0`);
      } catch {
        return false;
      }
    });
}

/** Builds that nobody serves any more go, all but the one just made. @param {string} kept */
function removeOldBuilds(kept) {
  for (const name of existsSync(join(ROOT, SERVED)) ? readdirSync(join(ROOT, SERVED)) : []) {
    const served = join(SERVED, name);
    if (served !== kept && !isInUse(served)) rmSync(join(ROOT, served), { recursive: true, force: true });
  }
}

const SERVED = '.served';

/**
 * Builds the app when its sources are not those of a build that is there, and sets the result aside (as links to the same files, in a
 * folder named after the sources), so that building anew under a running server does not take its files away.
 * @returns {Promise<string>} the folder to serve from, below the project's root
 */
export async function ensureBuild() {
  const sources = ['src', 'public', 'next.config.mjs', 'tsconfig.json', 'package-lock.json'].flatMap((path) =>
    filesBelow(join(ROOT, path)),
  );
  const isProduct = (/** @type {string} */ path) => !/\.test\.tsx?$/.test(path);
  const wanted = digest(
    sources
      .filter(isProduct)
      .map((path) => `${path.slice(ROOT.length)}\n${readFileSync(path, 'latin1')}`)
      .join('\n'),
  ).slice(0, 16);
  const served = join(SERVED, wanted);
  if (existsSync(join(ROOT, served, 'BUILD_ID'))) return served;
  console.log('Building');
  await run(process.execPath, [join(ROOT, 'node_modules/next/dist/bin/next'), 'build'], {
    quiet: true,
    env: { ...process.env, NODE_ENV: 'production', NEXT_TELEMETRY_DISABLED: '1', URN_KEY_SERVED: '' },
  });
  setAside(served);
  removeOldBuilds(served);
  return served;
}

/** Under its name only when it is whole. @param {string} served */
function setAside(served) {
  const half = join(ROOT, `${served}-${process.pid}`);
  mkdirSync(join(ROOT, SERVED), { recursive: true });
  for (const name of readdirSync(join(ROOT, '.next')))
    if (!['cache', 'dev', 'types', 'trace'].includes(name))
      cpLinked(join(ROOT, '.next', name), join(half, name));
  rmSync(join(ROOT, served), { recursive: true, force: true });
  renameSync(half, join(ROOT, served));
}

/** @param {string} from @param {string} to */
function cpLinked(from, to) {
  if (statSync(from).isDirectory()) {
    mkdirSync(to, { recursive: true });
    for (const name of readdirSync(from)) cpLinked(join(from, name), join(to, name));
  } else {
    mkdirSync(dirname(to), { recursive: true });
    linkSync(from, to);
  }
}
