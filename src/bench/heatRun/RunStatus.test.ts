import { describe, expect, it } from 'vitest';
import type { HeatRunView } from '@/core/job/heatRun';
import type { SeatView } from '@/core/job/seatView';
import { sayRun } from './RunStatus';

const view = (way: string) => ({ history: { wayIn: { way } } }) as unknown as SeatView;
const run = (over: Partial<HeatRunView>) => ({ sureLeftS: null, hotInS: null, ...over }) as HeatRunView;

describe('the run as one spoken sentence', () => {
  it('GO, why, and the seconds that are sure: by tens, then each of the last five', () => {
    const go = (sureLeftS: number) =>
      sayRun(view('heat_chill'), run({ call: 'go', reason: 'sure', sureLeftS }));
    expect(go(43.2)).toBe('GO: Light on both sides: let it fall. 50 seconds sure.');
    expect(go(43.2)).toBe(go(48.9));
    expect([go(5), go(4), go(3.5)].map((said) => /(\d+) seconds/.exec(said)![1])).toEqual(['5', '4', '4']);
  });
  it('WAIT says how long it still takes; TOO LATE counts nothing', () => {
    const wait = (hotInS: number) =>
      sayRun(view('heat'), run({ call: 'wait', reason: 'bore_still_small', hotInS }));
    expect(wait(1000)).toMatch(/^WAIT: .* 17 minutes to go\.$/);
    expect(wait(62)).toMatch(/ 70 seconds to go\.$/);
    expect(sayRun(view('heat'), run({ call: 'too_late', reason: 'band_at_margin', sureLeftS: 0 }))).toBe(
      'TOO LATE: No longer sure. Back to the heat; do not try your luck.',
    );
  });
  it('a cold way is called by its own word', () =>
    expect(sayRun(view('draw_in'), run({ call: 'push', reason: 'square_before_force' }))).toMatch(
      /^DRAW IN: /,
    ));
});
