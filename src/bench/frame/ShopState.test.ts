import { describe, expect, it } from 'vitest';
import type { PartNews } from '@/bench/record/liveStream';
import { sayPart, sayShopState } from './ShopState';

const NOW = 1_700_000_000_000;
const gauges: PartNews = {
  part: 'gauges',
  state: 'away',
  why: 'disk_full',
  times: 3,
  nextTryS: 4,
  atMs: NOW,
};
const live = { link: 'live', cause: 'unreachable', refusal: null, isDurable: true } as const;

describe('one line about the shop', () => {
  it.each([
    [live, [], ''],
    [{ ...live, link: 'server_away' }, [gauges], 'server away: readings are kept here'],
    [
      { ...live, link: 'server_away', isDurable: false },
      [],
      'server away: readings are kept only while this page is open',
    ],
    [{ ...live, link: 'database_away', cause: 'disk_full' }, [], 'disk full: readings are kept here'],
    [{ ...live, link: 'database_away' }, [], 'database away: readings are kept here'],
    [{ ...live, refusal: 'too_busy' }, [], 'database has too much to do: readings are kept here'],
    [live, [gauges], 'gauges: disk full (3 times), tried again in 4 s'],
    [live, [{ ...gauges, state: 'back', atMs: NOW - 30_000 }], 'gauges: started again'],
    [live, [{ ...gauges, state: 'back', atMs: NOW - 61_000 }], ''],
    [live, [{ ...gauges, atMs: NOW - 3_600_000 }], 'gauges: disk full (3 times), tried again in 4 s'],
  ] as const)('%j with %j: “%s”', (state, parts, words) =>
    expect(sayShopState(state, parts, NOW)).toBe(words),
  );
  it('a cause that has no words of its own is said as ended', () =>
    expect(sayPart({ ...gauges, why: 'SIGKILL', times: 1 })).toBe('gauges: ended, tried again in 4 s'));
});
