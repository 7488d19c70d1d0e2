import 'server-only';
import pg from 'pg';
import pino from 'pino';

/**
 * The one pool of a server process. `numeric` and `date` columns are not used (lengths are double precision, moments are
 * timestamptz read as ISO text), so node-postgres' surprises with them do not arise.
 */
pg.types.setTypeParser(pg.types.builtins.TIMESTAMPTZ, readMoment);

/**
 * A moment as ISO text. One that no clock can show (`infinity`, a year before Christ) is given as it stands: it must not take the
 * others along.
 */
function readMoment(text: string): string {
  const ms = Date.parse(text);
  return Number.isNaN(ms) ? text : new Date(ms).toISOString();
}

export const log = pino({
  name: 'urn-key',
  level: process.env.LOG_LEVEL ?? 'info',
  serializers: { error: pino.stdSerializers.err },
});

export const databaseUrl = () => {
  const url = process.env.DATABASE_URL;
  if (!url) throw new Error('DATABASE_URL is not set: start with `npm start`, which sets it');
  return url;
};

const holder = globalThis as unknown as { urnKeyPool?: pg.Pool };

export function pool(): pg.Pool {
  if (!holder.urnKeyPool) {
    holder.urnKeyPool = new pg.Pool({
      connectionString: databaseUrl(),
      max: 10,
      connectionTimeoutMillis: 3000,
      idleTimeoutMillis: 30_000,
    });
    // An idle connection that dies must not take the server along; the next query opens a new one.
    holder.urnKeyPool.on('error', (error) => log.warn({ error: error.message }, 'database connection lost'));
  }
  return holder.urnKeyPool;
}

export type Queryable = Pick<pg.PoolClient, 'query'>;

export async function queryMany<Row extends pg.QueryResultRow>(
  client: Queryable,
  sql: string,
  values: unknown[] = [],
): Promise<Row[]> {
  return (await client.query<Row>(sql, values)).rows;
}

export async function queryMaybeOne<Row extends pg.QueryResultRow>(
  client: Queryable,
  sql: string,
  values: unknown[] = [],
): Promise<Row | null> {
  const rows = await queryMany<Row>(client, sql, values);
  if (rows.length > 1) throw new Error(`expected at most one row, got ${rows.length}`);
  return rows[0] ?? null;
}

/** Runs `work` in one transaction: all of it is stored, or nothing. `within` is a transaction that is open already. */
export async function inTransaction<T>(
  work: (client: Queryable) => Promise<T>,
  within?: Queryable,
): Promise<T> {
  if (within) return work(within);
  const client = await pool().connect();
  let broken: Error | undefined;
  try {
    await client.query('BEGIN');
    const result = await work(client);
    await client.query('COMMIT');
    return result;
  } catch (error) {
    await client.query('ROLLBACK').catch((rollbackError: Error) => {
      broken = rollbackError;
    });
    throw error;
  } finally {
    client.release(broken);
  }
}

/** Why the database takes nothing just now. */
export type AwayCause = 'disk_full' | 'too_busy' | 'starting' | 'unreachable';

/** SQLSTATE codes and errors of the line, and what they come to; anything else is bad input or our own mistake. */
const AWAY: readonly (readonly [RegExp, AwayCause])[] = [
  [/^(53100|58030)/, 'disk_full'],
  [/^53/, 'too_busy'],
  [/^57P/, 'starting'],
  [/^08|^ECONN|^ENOTFOUND|^EPIPE|^ETIMEDOUT/, 'unreachable'],
];

/** Null: the database is there, and something else went wrong. */
export function findAwayCause(error: unknown): AwayCause | null {
  if (!(error instanceof Error)) return null;
  if (error instanceof AggregateError)
    return error.errors.map(findAwayCause).find((cause) => cause !== null) ?? null;
  const { code = '' } = error as { code?: string };
  const known = AWAY.find(([pattern]) => pattern.test(code));
  if (known) return known[1];
  if (/No space left on device/i.test(error.message)) return 'disk_full';
  if (/the database system is/i.test(error.message)) return 'starting';
  return /Connection terminated|timeout exceeded when trying to connect|after calling end on the pool/i.test(
    error.message,
  )
    ? 'unreachable'
    : null;
}

/** Bad input that only the database noticed: data exceptions (22…) and broken constraints (23…). */
export function findBadInput(error: unknown): { constraint: string | null } | null {
  const { code, constraint } = (error ?? {}) as { code?: unknown; constraint?: string };
  return typeof code === 'string' && /^2[23]/.test(code) ? { constraint: constraint ?? null } : null;
}
