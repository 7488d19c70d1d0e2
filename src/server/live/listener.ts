import 'server-only';
import { knownClock, learnClock } from '../clock';
import { shopTime } from '@/core/quantity/shopClock';
import { EventEmitter } from 'node:events';
import pg from 'pg';
import { databaseUrl, findAwayCause, log, type AwayCause } from '../pool';
import { Boards, type BoardNews } from './boards';
import { LIVE_CHANNEL, type LiveMessage } from './notify';

/**
 * One LISTEN connection for a whole server process. When the database goes away it tries again every second; listeners are told
 * `up` when it is back, so that they can look for what they missed.
 */
class LiveListener extends EventEmitter<{ message: [LiveMessage | BoardNews]; up: []; down: [] }> {
  isUp = false;
  /** When it last heard of a change, or began to listen: who has read the database since has missed nothing. */
  changedMs = 0;
  private boards = new Boards((news) => this.emit('message', news));
  /** Why it is away, as far as the last try told. */
  cause: AwayCause = 'unreachable';

  constructor() {
    super();
    this.setMaxListeners(0);
    void this.connect();
  }

  private async connect(): Promise<void> {
    const client = new pg.Client({
      connectionString: databaseUrl(),
      connectionTimeoutMillis: 3000,
      keepAlive: true,
    });
    let isOver = false;
    const again = () => {
      if (isOver) return;
      isOver = true;
      if (this.isUp) {
        this.isUp = false;
        this.emit('down');
      }
      client.end().catch(() => undefined);
      setTimeout(() => void this.connect(), 1000).unref();
    };
    client.on('error', again);
    client.on('end', again);
    client.on('notification', ({ payload }) => {
      if (!payload) return;
      const message = JSON.parse(payload) as LiveMessage;
      if (message.kind === 'clock') learnClock(message.clock);
      const isOfJob = message.kind === 'entries' || message.kind === 'job';
      if (isOfJob || message.kind === 'shop') this.changedMs = shopTime(knownClock(), Date.now());
      this.emit('message', message);
      if (isOfJob && this.listenerCount('message') > 0) this.boards.note(message.jobId);
    });
    try {
      await client.connect();
      await client.query(`LISTEN ${LIVE_CHANNEL}`);
      this.isUp = true;
      this.changedMs = shopTime(knownClock(), Date.now());
      this.emit('up');
    } catch (error) {
      log.debug({ error }, 'no live connection yet');
      const cause = findAwayCause(error) ?? 'unreachable';
      if (cause !== this.cause) {
        this.cause = cause;
        this.emit('down');
      }
      again();
    }
  }
}

const holder = globalThis as unknown as { urnKeyLive?: LiveListener };
export const live = (): LiveListener => (holder.urnKeyLive ??= new LiveListener());
