import { describe, expect, it, vi } from 'vitest';
import { BACK_AFTER_MS, causeOf, keepUp, pauseS, type PartNews, type Running } from './supervise.mjs';

const settle = () => new Promise((resolve) => setTimeout(resolve, 5));

/** A clock that stands still but for what is waited. */
function makeClock() {
  let nowMs = 0;
  const waits: number[] = [];
  return {
    now: () => nowMs,
    pass: (ms: number) => {
      nowMs += ms;
    },
    wait: async (ms: number) => {
      waits.push(ms);
      nowMs += ms;
      // A part that ends at once has ended before it could be told to be back.
      if (ms === BACK_AFTER_MS) await settle();
    },
    waits,
  };
}
const endedAfter = (why: string): Running => ({ ended: Promise.resolve(why), stop: async () => undefined });
const endless: Running = { ended: new Promise(() => undefined), stop: async () => undefined };

describe('keeping a part up', () => {
  it('pauses grow, and never beyond a minute', () =>
    expect([1, 2, 3, 4, 5, 6, 7, 8].map(pauseS)).toEqual([1, 2, 4, 8, 16, 32, 60, 60]));

  it('starts again what ended, tells each end, and that it is back', async () => {
    const clock = makeClock();
    const told: PartNews[] = [];
    const runs = [endedAfter('ended (1)'), endedAfter('ended (SIGKILL)'), endless];
    keepUp({ part: 'gauges', launch: () => runs.shift()!, tell: (news) => told.push(news), ...clock });
    await vi.waitFor(() =>
      expect(told.map(({ state, times, nextTryS }) => [state, times, nextTryS])).toEqual([
        ['away', 1, 1],
        ['away', 2, 2],
        ['back', 2, 0],
      ]),
    );
  });

  it('a launch that fails is tried again like one that ended', async () => {
    const clock = makeClock();
    const told: PartNews[] = [];
    let tries = 0;
    const launch = () => {
      tries += 1;
      if (tries < 3) throw new Error('No space left on device');
      return endless;
    };
    keepUp({ part: 'database', launch, tell: (news) => told.push(news), ...clock });
    await settle();
    expect(tries).toBe(3);
    expect(causeOf(told[0]!.why)).toBe('disk_full');
  });

  it('a part that ran soundly for a minute is not made to wait longer for it', async () => {
    const clock = makeClock();
    const told: PartNews[] = [];
    const soundRun = (): Running => ({
      ended: settle().then(() => {
        clock.pass(61_000);
        return 'ended';
      }),
      stop: async () => undefined,
    });
    const runs = [endedAfter('ended'), endedAfter('ended'), soundRun(), endless];
    keepUp({ part: 'web', launch: () => runs.shift()!, tell: (news) => told.push(news), ...clock });
    await vi.waitFor(() =>
      expect(told.filter(({ state }) => state === 'away').map(({ nextTryS }) => nextTryS)).toEqual([1, 2, 1]),
    );
  });

  it('stopped, it starts nothing any more', async () => {
    const clock = makeClock();
    let launched = 0;
    let end = (_why: string) => {};
    const launch = (): Running => {
      launched += 1;
      return {
        ended: new Promise((resolve) => {
          end = resolve;
        }),
        stop: async () => end('stopped'),
      };
    };
    const kept = keepUp({ part: 'web', launch, tell: () => undefined, ...clock });
    await settle();
    await kept.stop();
    await settle();
    expect(launched).toBe(1);
  });

  it.each([
    ['FATAL: could not write: No space left on device', 'disk_full'],
    ['EACCES: permission denied', 'not_allowed'],
    ['ended (SIGKILL)', 'no_memory'],
    ['listen EADDRINUSE 127.0.0.1:3000', 'port_taken'],
    ['ended (1)', 'ended'],
  ])('%s is called %s', (text, cause) => expect(causeOf(text)).toBe(cause));
});
