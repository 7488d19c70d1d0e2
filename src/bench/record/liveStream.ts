'use client';

/** What the server tells every screen. The same shapes as the server sends; see `/api/v1/live`. */
export type LiveEvents = {
  hello: { serverMs: number; isDatabaseUp: boolean };
  beat: { serverMs: number };
  database: { isUp: boolean };
  entries: { jobId: string; ids: string[] };
  job: { jobId: string };
  gauge: { instrumentId: string; screenId: string; text: string; unit: 'mm' | 'C'; isSteady: boolean; metalC: number; slot: string | null };
  claim: { instrumentId: string; screenId: string | null };
  link: { state: LinkState };
};

export type LinkState = 'connecting' | 'live' | 'database_away' | 'server_away';

const NAMES = ['hello', 'beat', 'database', 'entries', 'job', 'gauge', 'claim'] as const;
const RECONNECT_MS = 1500;
/** The server beats every 10 s; silence longer than this means the line is dead though nobody said so. */
const SILENCE_MS = 25_000;

/** One stream of server-sent events for the tab, and the server's clock with it. */
export class LiveStream {
  private listeners = new Map<keyof LiveEvents, Set<(data: never) => void>>();
  private source: EventSource | null = null;
  private watchdog: ReturnType<typeof setTimeout> | null = null;
  private offsetMs = 0;
  state: LinkState = 'connecting';

  /** The server's time, as well as this screen knows it. */
  now = () => Date.now() + this.offsetMs;

  on<K extends keyof LiveEvents>(name: K, listener: (data: LiveEvents[K]) => void): () => void {
    const set = this.listeners.get(name) ?? new Set();
    this.listeners.set(name, set);
    set.add(listener as (data: never) => void);
    return () => { set.delete(listener as (data: never) => void); };
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
    for (const name of NAMES) source.addEventListener(name, (message) => this.receive(name, JSON.parse((message as MessageEvent<string>).data)));
    source.onerror = () => this.restart();
    this.watch();
  }

  private receive<K extends (typeof NAMES)[number]>(name: K, data: LiveEvents[K]) {
    this.watch();
    if (name === 'hello' || name === 'beat') this.offsetMs = (data as LiveEvents['beat']).serverMs - Date.now();
    if (name === 'hello') this.setState((data as LiveEvents['hello']).isDatabaseUp ? 'live' : 'database_away');
    if (name === 'database') this.setState((data as LiveEvents['database']).isUp ? 'live' : 'database_away');
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
