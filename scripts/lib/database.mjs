import { join } from 'node:path';
import { ROOT } from './processes.mjs';

/**
 * Applies the plain-SQL migrations. @param {string} databaseUrl
 * @returns {Promise<number>} how many were applied
 */
export async function migrate(databaseUrl) {
  const { runner } = await import('node-pg-migrate');
  const quiet = { debug() {}, info() {}, warn: console.warn, error: console.error };
  const applied = await runner({
    databaseUrl,
    dir: join(ROOT, 'database/migrations'),
    migrationsTable: 'migration',
    direction: 'up',
    logger: quiet,
  });
  return applied.length;
}

/** @param {string} databaseUrl */
export async function hasNoJobs(databaseUrl) {
  const { default: pg } = await import('pg');
  const client = new pg.Client({ connectionString: databaseUrl });
  await client.connect();
  try {
    const { rows } = await client.query(
      'SELECT NOT EXISTS (SELECT FROM job) AND NOT EXISTS (SELECT FROM person) AS empty',
    );
    return rows[0].empty === true;
  } finally {
    await client.end();
  }
}
