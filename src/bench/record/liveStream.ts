'use client';
import type { GaugeShown } from '@/core/record/instrument';
import type { InstrumentId, JobId } from '@/core/record/ids';
import type { BenchJob } from '@/core/board/benchLine';
import type { HeatItem } from '@/core/board/heatItems';
import { REAL_CLOCK, shopTime, type Pace, type ShopClock } from '@/core/quantity/shopClock';
import type { Entries } from '@/core/record/entries';
import { keepLearned, readLearned } from './learnedClock';
import { joinSharedLine, type LineMessage, type SharedLine } from './sharedLine';

/** Why the database takes nothing. */
export type AwayCause = 'disk_full' | 'too_busy' | 'starting' | 'unreachable';

/** What happened to a part of the shop: it went away, or is back. */
export type PartNews = {
  part: string;
  state: 'away' | 'back';
  why: string;
  times: number;
  nextTryS: number;
  atMs: number;
};

/** Stored just now, in this change of the job: with the entries where they are small, else by their ids. */
export type StoredNews = { jobId: JobId; version: number; entries?: Entries; ids?: string[] };

/** The server's own time, and the clock that the shop goes by. */
type Times = { serverMs: number; clock: ShopClock };

/** What the server tells every screen. The same shapes as the server sends; see `/api/v1/live`. */
export type LiveEvents = {
  /** `changedMs`: when the server last heard of a change, or began to listen. */
  hello: Times & { changedMs: number; isDatabaseUp: boolean; cause?: AwayCause };
  beat: Times;
  clock: { clock: ShopClock };
  database: { isUp: boolean; cause?: AwayCause };
  parts: { parts: PartNews[] };
  entries: StoredNews;
  job: { jobId: JobId };
  shop: Record<string, never>;
  gauge: { instrumentId: InstrumentId; screenId: string } & GaugeShown;
  claim: { instrumentId: InstrumentId; screenId: string | null };
  /** Jobs of which the bench says another thing now, and those that are no longer on it. */
  bench: { jobs: BenchJob[]; gone: string[] };
  heat: { items: HeatItem[] };
  link: { state: LinkState };
  /** Another tab holds the line: how things stand there. */
  standing: Standing;
};

type Standing = {
  state: LinkState;
  cause: AwayCause;
  parts: readonly PartNews[];
  offsetMs: number;
  clock: ShopClock;
  /** When the tab that holds the line last heard of a change, or may have missed one. */
  changedMs: number;
};

/**
 * What may have changed since a screen was drawn: entries of one job, the job itself, the shop's own things, or anything, when nobody was
 * listening for a while.
 */
export type Change =
  | ({ what: 'entries' } & StoredNews)
  | { what: 'job'; jobId: JobId }
  | { what: 'shop' }
  | { what: 'anything' };

export type LinkState = 'connecting' | 'live' | 'database_away' | 'server_away';

const NAMES = [
  'hello',
  'beat',
  'clock',
  'database',
  'parts',
  'entries',
  'job',
  'shop',
  'gauge',
  'claim',
  'bench',
  'heat',
] as const;
/** After these a screen that was drawn before may be wrong. */
const MAY_CHANGE: ReadonlySet<string> = new Set(['entries', 'job', 'shop', 'database']);
const RECONNECT_MS = 1500;
/** The server beats every 10 s; silence longer than this means the line is dead though nobody said so. */
const SILENCE_MS = 25_000;

/** Times of the server as two messages tell them differ by their way here. */
const CLOCK_MARGIN_MS = 250;
/** The server that drew a page and the one that has its line may be two, with clocks so far apart. */
const SERVERS_APART_MS = 5000;

/** One line of server-sent events for the browser, held by one of its tabs, and the server's clock with it. */
export class LiveStream {
  private listeners = new Map<keyof LiveEvents, Set<(data: never) => void>>();
  private source: EventSource | null = null;
  private shared: SharedLine | null = null;
  private isStarted = false;
  private watchdog: ReturnType<typeof setTimeout> | null = null;
  private offsetMs = 0;
  /** The shop's clock: the real one, or a rehearsal's. */
  clock: ShopClock = REAL_CLOCK;
  private changedMs = 0;
  state: LinkState = 'connecting';
  /** Why the database is away, while it is. */
  cause: AwayCause = 'unreachable';
  parts: readonly PartNews[] = [];

  /** `join` gives the line that the tabs share; without it, this tab has its own. */
  constructor(private join: (() => Promise<SharedLine | null>) | null = null) {
    ({ offsetMs: this.offsetMs, clock: this.clock } = readLearned());
  }

  /** The shop's time by the server's clock, as well as this screen knows it. */
  now = () => shopTime(this.clock, Date.now() + this.offsetMs);

  /** How fast the shop's time goes: more than 1 in a rehearsal. */
  pace = (): Pace => this.clock.pace;

  on<K extends keyof LiveEvents>(name: K, listener: (data: LiveEvents[K]) => void): () => void {
    const set = this.listeners.get(name) ?? new Set();
    this.listeners.set(name, set);
    set.add(listener as (data: never) => void);
    return () => {
      set.delete(listener as (data: never) => void);
    };
  }

  /**
   * For a screen that shows what the database held at `sinceMs` (the server's time, taken before it was read; 0 for a screen that has
   * read nothing yet): tells it at once when something may have changed between then and now, and from now on whenever something does.
   */
  onChange(sinceMs: number, listener: (change: Change) => void): () => void {
    const anything = () => listener({ what: 'anything' });
    const lookIfOlder = (changedMs: number, marginMs = CLOCK_MARGIN_MS) => {
      if (changedMs >= sinceMs - marginMs * this.clock.pace) anything();
    };
    const stops = [
      this.on('entries', (news) => listener({ what: 'entries', ...news })),
      this.on('job', ({ jobId }) => listener({ what: 'job', jobId })),
      this.on('shop', () => listener({ what: 'shop' })),
      this.on('hello', ({ changedMs }) => lookIfOlder(changedMs, SERVERS_APART_MS)),
      this.on('database', ({ isUp }) => {
        if (isUp) anything();
      }),
      this.on('standing', ({ changedMs }) => lookIfOlder(changedMs)),
    ];
    lookIfOlder(this.changedMs);
    return () => stops.forEach((stop) => stop());
  }

  private tell<K extends keyof LiveEvents>(name: K, data: LiveEvents[K]) {
    for (const listener of this.listeners.get(name) ?? []) (listener as (data: LiveEvents[K]) => void)(data);
  }

  private setState(state: LinkState, cause: AwayCause = 'unreachable') {
    if (state === this.state && cause === this.cause) return;
    this.state = state;
    this.cause = cause;
    this.tell('link', { state });
  }

  start() {
    if (this.isStarted) return;
    this.isStarted = true;
    if (this.join) void this.share(this.join());
    else this.open();
  }

  /** The first tab opens the line; the others listen to it, and one of them takes over when it is closed. */
  private async share(joining: Promise<SharedLine | null>) {
    this.shared = await joining;
    if (!this.shared) {
      this.open();
      return;
    }
    this.shared.listen((message) => this.hearTab(message));
    this.shared.post({ name: 'ask', data: null });
    // A tab that holds the line and is frozen says nothing either: then this one opens its own.
    this.watch();
    await this.shared.lead();
    this.open();
  }

  private hearTab({ name, data }: LineMessage) {
    if (name === 'ask') {
      if (this.source) this.shared?.post({ name: 'standing', data: this.standing() });
      return;
    }
    if (this.source) return;
    if (name === 'standing') this.receiveStanding(data as Standing);
    else this.receive(name as (typeof NAMES)[number], data as never);
  }

  private standing = (): Standing => ({
    state: this.state,
    cause: this.cause,
    parts: this.parts,
    offsetMs: this.offsetMs,
    clock: this.clock,
    changedMs: this.changedMs,
  });

  private receiveStanding(standing: Standing) {
    this.watch();
    this.offsetMs = standing.offsetMs;
    this.learn(standing.clock);
    this.parts = standing.parts;
    this.changedMs = Math.max(this.changedMs, standing.changedMs);
    this.setState(standing.state, standing.cause);
    this.tell('parts', { parts: [...standing.parts] });
    this.tell('standing', standing);
  }

  private open() {
    if (this.source) return;
    const source = new EventSource('/api/v1/live');
    this.source = source;
    for (const name of NAMES)
      source.addEventListener(name, (message) => {
        const data = JSON.parse((message as MessageEvent<string>).data) as never;
        this.receive(name, data);
        this.shared?.post({ name, data });
      });
    source.onerror = () => this.reopen();
    this.watch();
  }

  private receive<K extends (typeof NAMES)[number]>(name: K, data: LiveEvents[K]) {
    this.watch();
    if (name === 'hello' || name === 'beat') {
      const { serverMs, clock } = data as LiveEvents['beat'];
      this.offsetMs = serverMs - Date.now();
      this.learn(clock);
    }
    if (name === 'clock') this.learn((data as LiveEvents['clock']).clock);
    if (name === 'hello') {
      const { isDatabaseUp, cause, changedMs } = data as LiveEvents['hello'];
      this.changedMs = Math.max(this.changedMs, changedMs);
      this.setState(isDatabaseUp ? 'live' : 'database_away', cause);
    }
    if (name === 'database') {
      const { isUp, cause } = data as LiveEvents['database'];
      this.setState(isUp ? 'live' : 'database_away', cause);
    }
    if (name === 'parts') this.parts = (data as LiveEvents['parts']).parts;
    if (MAY_CHANGE.has(name)) this.changedMs = this.now();
    this.tell(name, data);
  }

  /** A clock that is put back leaves nothing of what was drawn by the other one standing. */
  private learn(clock: ShopClock) {
    const beforeMs = this.now();
    const isNews = clock.shopMs !== this.clock.shopMs || clock.pace !== this.clock.pace;
    this.clock = clock;
    keepLearned({ offsetMs: this.offsetMs, clock });
    if (!isNews) return;
    if (this.now() < beforeMs - CLOCK_MARGIN_MS * clock.pace)
      this.tell('standing', { ...this.standing(), changedMs: Infinity });
    this.tell('link', { state: this.state });
  }

  private watch() {
    if (this.watchdog) clearTimeout(this.watchdog);
    this.watchdog = setTimeout(() => this.reopen(), SILENCE_MS);
  }

  private reopen() {
    this.source?.close();
    this.source = null;
    this.setState('server_away');
    this.shared?.post({ name: 'standing', data: this.standing() });
    if (this.watchdog) clearTimeout(this.watchdog);
    this.watchdog = setTimeout(() => this.open(), RECONNECT_MS);
  }
}

export const liveStream = new LiveStream(joinSharedLine);
