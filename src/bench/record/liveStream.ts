'use client';

/** What the server tells every screen. The same shapes as the server sends; see `/api/v1/live`. */
export type LiveEvents = {
  hello: { serverMs: number; isDatabaseUp: boolean };
  beat: { serverMs: number };
  database: { isUp: boolean };
  entries: { jobId: string; ids: string[] };
  job: { jobId: string };
  gauge: {
    instrumentId: string;
    screenId: string;
    text: string;
    unit: 'mm' | 'C';
    isSteady: boolean;
    metalC: number;
    slot: string | null;
  };
  claim: { instrumentId: string; screenId: string | null };
  link: { state: LinkState };
};

/** What may have changed since a screen was drawn: entries of one job, the job itself, or anything, when nobody was listening for a while. */
export type Change =
  { what: 'entries'; jobId: string; ids: string[] } | { what: 'job'; jobId: string } | { what: 'anything' };

export type LinkState = 'connecting' | 'live' | 'database_away' | 'server_away';

const NAMES = ['hello', 'beat', 'database', 'entries', 'job', 'gauge', 'claim'] as const;
const RECONNECT_MS = 1500;
/** The server beats every 10 s; silence longer than this means the line is dead though nobody said so. */
const SILENCE_MS = 25_000;

/** Times of the server as two messages tell them differ by their way here. */
const CLOCK_MARGIN_MS = 250;

/** One stream of server-sent events for the tab, and the server's clock with it. */
export class LiveStream {
  private listeners = new Map<keyof LiveEvents, Set<(data: never) => void>>();
  private source: EventSource | null = null;
  private watchdog: ReturnType<typeof setTimeout> | null = null;
  private offsetMs = 0;
  private changedMs = 0;
  state: LinkState = 'connecting';

  /** The server's time, as well as this screen knows it. */
  now = () => Date.now() + this.offsetMs;

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
    const stops = [
      this.on('entries', ({ jobId, ids }) => listener({ what: 'entries', jobId, ids })),
      this.on('job', ({ jobId }) => listener({ what: 'job', jobId })),
      this.on('hello', anything),
      this.on('database', ({ isUp }) => {
        if (isUp) anything();
      }),
    ];
    if (this.changedMs >= sinceMs - CLOCK_MARGIN_MS) anything();
    return () => stops.forEach((stop) => stop());
  }

  private tell<K extends keyof LiveEvents>(name: K, data: LiveEvents[K]) {
    for (const listener of this.listeners.get(name) ?? []) (listener as (data: LiveEvents[K]) => void)(data);
  }

  private setState(state: LinkState) {
    if (state === this.state) return;
    this.state = state;
    this.tell('link', { state });
  }

  start() {
    if (this.source) return;
    const source = new EventSource('/api/v1/live');
    this.source = source;
    for (const name of NAMES)
      source.addEventListener(name, (message) =>
        this.receive(name, JSON.parse((message as MessageEvent<string>).data)),
      );
    source.onerror = () => this.restart();
    this.watch();
  }

  private receive<K extends (typeof NAMES)[number]>(name: K, data: LiveEvents[K]) {
    this.watch();
    if (name === 'hello' || name === 'beat')
      this.offsetMs = (data as LiveEvents['beat']).serverMs - Date.now();
    if (name === 'hello')
      this.setState((data as LiveEvents['hello']).isDatabaseUp ? 'live' : 'database_away');
    if (name === 'database') this.setState((data as LiveEvents['database']).isUp ? 'live' : 'database_away');
    if (name === 'hello' || name === 'entries' || name === 'job' || name === 'database')
      this.changedMs = this.now();
    this.tell(name, data);
  }

  private watch() {
    if (this.watchdog) clearTimeout(this.watchdog);
    this.watchdog = setTimeout(() => this.restart(), SILENCE_MS);
  }

  private restart() {
    this.source?.close();
    this.source = null;
    this.setState('server_away');
    if (this.watchdog) clearTimeout(this.watchdog);
    this.watchdog = setTimeout(() => this.start(), RECONNECT_MS);
  }
}

export const liveStream = new LiveStream();
