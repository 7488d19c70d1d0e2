import { randomBytes } from 'node:crypto';
import { existsSync, mkdirSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { isAlive } from './processes.mjs';

/**
 * A data folder says what it is (`urn-key.json`), and, where its cluster lies elsewhere, where (`cluster-is-at`).
 * Nothing is ever made beside data that is there but can't be read: a start that can't find it says so and changes nothing.
 * @typedef {{ what: string, id: string, madeAt: string, migration: string | null }} DataFolderNote
 */

const NOTE = 'urn-key.json';
const WHAT = 'Urn Key data folder';
/** Files that a folder of a version before the note has. */
const OLDER_SIGNS = ['secret', 'cluster', 'cluster-is-at'];

/** @param {string} dataDir @returns {DataFolderNote | null} */
function readNote(dataDir) {
  const file = join(dataDir, NOTE);
  if (!existsSync(file)) return null;
  try {
    const note = /** @type {DataFolderNote} */ (JSON.parse(readFileSync(file, 'utf8')));
    if (note.what === WHAT && typeof note.id === 'string') return note;
  } catch {
    /* said below: a damaged note is no other folder */
  }
  throw new Error(`${file} can not be read as the note of an Urn Key data folder. Nothing was changed.`);
}

/** @param {string} dataDir @param {DataFolderNote} note */
const writeNote = (dataDir, note) => writeFileSync(join(dataDir, NOTE), `${JSON.stringify(note, null, 2)}\n`);

/**
 * Opens a data folder, made when it is new or empty.
 * @param {string} dataDir
 * @param {readonly string[]} knownMigrations what this version can read, oldest first
 * @returns {DataFolderNote}
 * Throws where the folder holds something else, or data of a newer Urn Key.
 */
export function openDataFolder(dataDir, knownMigrations) {
  mkdirSync(dataDir, { recursive: true });
  const note = readNote(dataDir);
  const names = readdirSync(dataDir);
  if (!note && names.length > 0 && !OLDER_SIGNS.some((sign) => names.includes(sign)))
    throw new Error(
      `${dataDir} holds something else than Urn Key’s data (there is no ${NOTE} in it). Set DATA_DIR to a new or an empty folder.`,
    );
  if (note?.migration && !knownMigrations.includes(note.migration))
    throw new Error(
      `The data in ${dataDir} is of a newer Urn Key (${note.migration}); this one reads up to ${knownMigrations.at(-1)}. Nothing was changed.`,
    );
  const opened = note ?? {
    what: WHAT,
    id: randomBytes(6).toString('hex'),
    madeAt: new Date().toISOString(),
    migration: null,
  };
  if (!note) writeNote(dataDir, opened);
  return opened;
}

/** Notes which migration the data now stands at. @param {string} dataDir @param {string} migration */
export function noteMigration(dataDir, migration) {
  const note = readNote(dataDir);
  if (note && note.migration !== migration) writeNote(dataDir, { ...note, migration });
}

/** @param {number} pid when a process began, in ticks since the machine's start; null when it is not there */
function startTicksOf(pid) {
  try {
    return readFileSync(`/proc/${pid}/stat`, 'utf8').split(') ').at(-1)?.split(' ')[19] ?? null;
  } catch {
    return null;
  }
}

const bootId = () => {
  try {
    return readFileSync('/proc/sys/kernel/random/boot_id', 'utf8').trim();
  } catch {
    return 'unknown';
  }
};

/** @param {number} pid what a process is known by: after a power cut its number may be another one's */
const identityOf = (pid) => `${pid} ${bootId()} ${startTicksOf(pid)}`;

/**
 * Only one start per cluster: the second would stop it under the first.
 * @param {string} folder the one beside the cluster, so that two copies of a data folder exclude each other too
 * @returns {() => void} gives it back
 */
export function lockCluster(folder) {
  const file = join(folder, 'start.pid');
  const held = existsSync(file) ? readFileSync(file, 'utf8').trim() : '';
  const other = Number(held.split(' ')[0]);
  if (other && other !== process.pid && isAlive(other) && identityOf(other) === held)
    throw new Error(
      `Another Urn Key (process ${other}) uses ${folder}. Stop it, or set DATA_DIR and PORT for a second one.`,
    );
  writeFileSync(file, `${identityOf(process.pid)}\n`);
  return () => rmSync(file, { force: true });
}
