import 'server-only';
import type { ShopClock } from '@/core/quantity/shopClock';
import type { InstrumentId, JobId } from '@/core/record/ids';
import type { Entries } from '@/core/record/entries';
import type { GaugeShown } from '@/core/record/instrument';
import type { Queryable } from '../pool';

/** What servers tell each other, and then every screen that listens. */
export type LiveMessage =
  /** Stored just now, in this change of the job: with the entries where they are small, else by their ids. */
  | { kind: 'entries'; jobId: JobId; version: number; entries?: Entries; ids?: string[] }
  | { kind: 'job'; jobId: JobId }
  /** The shop's own things: people, tools, instruments, stock, rounds, rules. Told by the tables themselves. */
  | { kind: 'shop' }
  /** The shop's clock goes at another pace, or shows the real time again. */
  | { kind: 'clock'; clock: ShopClock }
  | ({ kind: 'gauge'; instrumentId: InstrumentId; screenId: string } & GaugeShown)
  | { kind: 'claim'; instrumentId: InstrumentId; screenId: string | null };

export const LIVE_CHANNEL = 'urn_key_live';

/** PostgreSQL's limit for a payload is 8000 bytes. */
const MAX_BYTES = 7500;
const isSmall = (text: string) => Buffer.byteLength(text) <= MAX_BYTES;

/** A message about entries, as large as it may be: with them, with their ids, or “look again”. */
export function entriesMessage(jobId: JobId, version: number, entries: Entries): string {
  const whole = JSON.stringify({ kind: 'entries', jobId, version, entries } satisfies LiveMessage);
  if (isSmall(whole)) return whole;
  const ids = [...entries.readings, ...entries.events].map(({ id }) => id);
  const named = JSON.stringify({ kind: 'entries', jobId, version, ids } satisfies LiveMessage);
  return isSmall(named) ? named : JSON.stringify({ kind: 'job', jobId } satisfies LiveMessage);
}

/** Sent with the transaction's commit, or not at all. */
export async function notify(client: Queryable, message: LiveMessage): Promise<void> {
  await client.query('SELECT pg_notify($1, $2)', [LIVE_CHANNEL, JSON.stringify(message)]);
}
