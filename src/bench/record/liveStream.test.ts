import { REAL_CLOCK, type ShopClock } from '@/core/quantity/shopClock';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { LiveStream } from './liveStream';

/** A stand-in for the browser's EventSource that a test can speak through. */
class FakeSource {
  static all: FakeSource[] = [];
  listeners = new Map<string, (message: { data: string }) => void>();
  onerror: (() => void) | null = null;
  isClosed = false;
  constructor() {
    FakeSource.all.push(this);
  }
  addEventListener(name: string, listener: (message: { data: string }) => void) {
    this.listeners.set(name, listener);
  }
  close() {
    this.isClosed = true;
  }
  say(name: string, data: unknown) {
    this.listeners.get(name)?.({ data: JSON.stringify(data) });
  }
}
const last = () => FakeSource.all.at(-1)!;

beforeEach(() => {
  vi.useFakeTimers({ now: 1_000_000 });
  FakeSource.all = [];
  vi.stubGlobal('EventSource', FakeSource);
});
afterEach(() => {
  vi.useRealTimers();
  vi.unstubAllGlobals();
});

describe('the live stream', () => {
  it('keeps the server’s clock, also after the server has gone', () => {
    const stream = new LiveStream();
    stream.start();
    last().say('hello', { clock: REAL_CLOCK, serverMs: 1_250_000, changedMs: 0, isDatabaseUp: true });
    expect(stream.now()).toBe(1_250_000);
    last().onerror!();
    vi.advanceTimersByTime(1000);
    expect(stream.now()).toBe(1_251_000);
  });

  it('follows the shop’s clock when a rehearsal lets it run, and looks again when it is put right', () => {
    const stream = new LiveStream();
    stream.start();
    last().say('hello', { serverMs: 1_000_000, clock: REAL_CLOCK, changedMs: 0, isDatabaseUp: true });
    const looked: string[] = [];
    stream.onChange(1_000_000, ({ what }) => looked.push(what));
    const fast: ShopClock = { realMs: 1_000_000, shopMs: 1_000_000, pace: 20 };
    last().say('clock', { clock: fast });
    vi.advanceTimersByTime(3000);
    expect([stream.now(), stream.pace()]).toEqual([1_060_000, 20]);
    expect(looked).toEqual([]);
    last().say('clock', { clock: REAL_CLOCK });
    expect(stream.now()).toBe(1_003_000);
    expect(looked).toEqual(['anything']);
  });

  it('tells live, database away and server away apart', () => {
    const stream = new LiveStream();
    const states: string[] = [];
    stream.on('link', ({ state }) => states.push(state));
    stream.start();
    last().say('hello', { clock: REAL_CLOCK, serverMs: 0, changedMs: 0, isDatabaseUp: true });
    last().say('database', { isUp: false });
    last().say('database', { isUp: true });
    last().onerror!();
    expect(states).toEqual(['live', 'database_away', 'live', 'server_away']);
  });

  it('connects again by itself, and one stream at a time', () => {
    const stream = new LiveStream();
    stream.start();
    stream.start();
    expect(FakeSource.all).toHaveLength(1);
    last().onerror!();
    expect(last().isClosed).toBe(true);
    vi.advanceTimersByTime(2000);
    expect(FakeSource.all).toHaveLength(2);
    last().say('hello', { clock: REAL_CLOCK, serverMs: 0, changedMs: 0, isDatabaseUp: true });
    expect(stream.state).toBe('live');
  });

  it('a line that has gone silent is taken for dead', () => {
    const stream = new LiveStream();
    stream.start();
    last().say('hello', { clock: REAL_CLOCK, serverMs: 0, changedMs: 0, isDatabaseUp: true });
    vi.advanceTimersByTime(20_000);
    last().say('beat', { clock: REAL_CLOCK, serverMs: 0 });
    vi.advanceTimersByTime(20_000);
    expect(stream.state).toBe('live');
    vi.advanceTimersByTime(10_000);
    expect(stream.state).toBe('server_away');
  });

  it('brings messages to who asked for them, until they stop', () => {
    const stream = new LiveStream();
    const heard: string[] = [];
    const stop = stream.on('entries', ({ ids }) => heard.push(...(ids ?? [])));
    stream.start();
    last().say('entries', { jobId: 'j', ids: ['a'] });
    last().say('gauge', { instrumentId: 'g' });
    stop();
    last().say('entries', { jobId: 'j', ids: ['b'] });
    expect(heard).toEqual(['a']);
  });

  it.each([
    ['changed after it was drawn', 1_001_000, 1],
    ['was not listening when it was drawn', 1_002_000, 1],
    ['has heard of nothing since', 990_000, 0],
  ])(
    'a screen that was drawn before the line was open looks again if the server %s',
    (_, changedMs, looked) => {
      const stream = new LiveStream();
      let looks = 0;
      stream.onChange(1_000_000, () => {
        looks += 1;
      });
      stream.start();
      expect(looks).toBe(0);
      last().say('hello', { clock: REAL_CLOCK, serverMs: 1_002_000, changedMs, isDatabaseUp: true });
      expect(looks).toBe(looked);
    },
  );

  it('a screen drawn on the server while an entry came in looks at once, one drawn after does not', () => {
    const stream = new LiveStream();
    stream.start();
    last().say('hello', { clock: REAL_CLOCK, serverMs: 1_000_000, changedMs: 900_000, isDatabaseUp: true });
    vi.advanceTimersByTime(5000);
    last().say('entries', { jobId: 'j', ids: ['a'] });
    const looked = { before: 0, after: 0, unread: 0 };
    stream.onChange(1_004_000, ({ what }) => {
      if (what === 'anything') looked.before += 1;
    });
    stream.onChange(1_006_000, ({ what }) => {
      if (what === 'anything') looked.after += 1;
    });
    stream.onChange(0, ({ what }) => {
      if (what === 'anything') looked.unread += 1;
    });
    expect(looked).toEqual({ before: 1, after: 0, unread: 1 });
  });

  it('tells what has changed, and everything after the database was away', () => {
    const stream = new LiveStream();
    const heard: string[] = [];
    stream.start();
    last().say('hello', { clock: REAL_CLOCK, serverMs: 1_000_000, changedMs: 900_000, isDatabaseUp: true });
    const stop = stream.onChange(2_000_000, (change) => heard.push(change.what));
    last().say('entries', { jobId: 'j', ids: ['a'] });
    last().say('job', { jobId: 'j' });
    last().say('shop', {});
    last().say('beat', { clock: REAL_CLOCK, serverMs: 1_000_000 });
    last().say('database', { isUp: false });
    last().say('database', { isUp: true });
    stop();
    last().say('job', { jobId: 'j' });
    expect(heard).toEqual(['entries', 'job', 'shop', 'anything']);
  });
});
