import { randomUUID } from 'node:crypto';
import pg from 'pg';
import { inject } from 'vitest';

/** A database of its own for one test file, cloned from the migrated template. */
export async function cloneDatabase({ isEmpty = false } = {}): Promise<{
  url: string;
  drop: () => Promise<void>;
}> {
  const adminUrl = inject('adminUrl');
  const name = `test_${randomUUID().replaceAll('-', '')}`;
  const admin = new pg.Client({ connectionString: adminUrl });
  await admin.connect();
  await admin.query(`CREATE DATABASE ${name}${isEmpty ? '' : ' TEMPLATE template_urn_key'}`);
  await admin.end();
  return {
    url: adminUrl.replace(/\/postgres$/, `/${name}`),
    drop: async () => {
      const client = new pg.Client({ connectionString: adminUrl });
      await client.connect();
      await client.query(`DROP DATABASE IF EXISTS ${name} WITH (FORCE)`);
      await client.end();
    },
  };
}
