import type { TestProject } from 'vitest/node';
import { placeFor, startCluster } from '../../scripts/lib/cluster.mjs';
import { migrate } from '../../scripts/lib/database.mjs';
import { findPostgres } from '../../scripts/lib/install.mjs';
import { makeDataDir } from './dataDir';

declare module 'vitest' {
  export interface ProvidedContext {
    adminUrl: string;
  }
}

/** A throw-away cluster for a test run, with a migrated template that each test file clones. */
export default async function setup(project: TestProject) {
  const bin = findPostgres();
  if (!bin) throw new Error('PostgreSQL is not installed: run the tests with `npm test`');
  const { dataDir, remove } = makeDataDir('test');
  const cluster = await startCluster({ bin, dataDir, pgData: placeFor(dataDir, 'test'), durable: false });
  const { default: pg } = await import('pg');
  const admin = new pg.Client({ connectionString: cluster.url });
  await admin.connect();
  await admin.query('CREATE DATABASE template_urn_key');
  await migrate(cluster.url.replace(/\/postgres$/, '/template_urn_key'));
  await admin.end();
  project.provide('adminUrl', cluster.url);
  return async () => {
    await cluster.stop();
    remove();
  };
}
