import 'server-only';
import type { Queryable } from '../pool';

/** What servers tell each other, and then every screen that listens. */
export type LiveMessage =
  | { kind: 'entries'; jobId: string; ids: string[] }
  | { kind: 'job'; jobId: string }
  | {
      kind: 'gauge';
      instrumentId: string;
      screenId: string;
      text: string;
      unit: 'mm' | 'C';
      isSteady: boolean;
      metalC: number;
      slot: string | null;
    }
  | { kind: 'claim'; instrumentId: string; screenId: string | null };

export const LIVE_CHANNEL = 'urn_key_live';

/** PostgreSQL's limit for a payload is 8000 bytes; a batch above it becomes "look again". */
const MAX_IDS = 100;

/** Sent with the transaction's commit, or not at all. */
export async function notify(client: Queryable, message: LiveMessage): Promise<void> {
  const sent: LiveMessage =
    message.kind === 'entries' && message.ids.length > MAX_IDS
      ? { kind: 'job', jobId: message.jobId }
      : message;
  await client.query('SELECT pg_notify($1, $2)', [LIVE_CHANNEL, JSON.stringify(sent)]);
}
