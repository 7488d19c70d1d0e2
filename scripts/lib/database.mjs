import { readdirSync } from 'node:fs';
import { join } from 'node:path';
import { ROOT } from './processes.mjs';

const MIGRATIONS = join(ROOT, 'database/migrations');

/** Names of the migrations that this version has, oldest first. */
export const migrationNames = () =>
  readdirSync(MIGRATIONS)
    .filter((name) => name.endsWith('.sql'))
    .map((name) => name.replace(/\.sql$/, ''))
    .sort();

/** @template T @param {string} databaseUrl @param {(client: import('pg').Client) => Promise<T>} work */
async function withClient(databaseUrl, work) {
  const { default: pg } = await import('pg');
  const client = new pg.Client({ connectionString: databaseUrl });
  await client.connect();
  try {
    return await work(client);
  } finally {
    await client.end();
  }
}

/** Migrations that have been applied there and that this version does not know. @param {string} databaseUrl */
const unknownMigrations = (databaseUrl) =>
  withClient(databaseUrl, async (client) => {
    const { rows } = await client.query("SELECT to_regclass('migration') IS NOT NULL AS there");
    if (!rows[0].there) return [];
    const known = new Set(migrationNames());
    const { rows: applied } = await client.query('SELECT name FROM migration ORDER BY id');
    return applied.map(({ name }) => String(name)).filter((name) => !known.has(name));
  });

/**
 * Applies the plain-SQL migrations. @param {string} databaseUrl
 * @returns {Promise<{ applied: string[], newest: string }>} which were applied now, and where the data stands
 * Throws on data of a newer version, untouched.
 */
export async function migrate(databaseUrl) {
  const newest = migrationNames().at(-1) ?? '';
  const unknown = await unknownMigrations(databaseUrl);
  if (unknown.length > 0)
    throw new Error(
      `This data is of a newer Urn Key (${unknown.at(-1)}); this one reads up to ${newest}. Nothing was changed.`,
    );
  const { runner } = await import('node-pg-migrate');
  const quiet = { debug() {}, info() {}, warn: console.warn, error: console.error };
  const applied = await runner({
    databaseUrl,
    dir: MIGRATIONS,
    migrationsTable: 'migration',
    direction: 'up',
    logger: quiet,
  });
  return { applied: applied.map(({ name }) => name), newest };
}

/** @param {string} databaseUrl */
export const hasNoJobs = (databaseUrl) =>
  withClient(databaseUrl, async (client) => {
    const { rows } = await client.query(
      'SELECT NOT EXISTS (SELECT FROM job) AND NOT EXISTS (SELECT FROM person) AS empty',
    );
    return rows[0].empty === true;
  });
