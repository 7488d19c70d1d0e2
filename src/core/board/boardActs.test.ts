import { describe, expect, it } from 'vitest';
import { heatTask, MIN, SPOTS } from '../../../tests/support/heatTasks';
import { boardActs, nextAct } from './boardActs';
import { planHeats } from './planHeats';

const NOW = 1_800_000_000_000;
const actsFor = (...tasks: ReturnType<typeof heatTask>[]) =>
  boardActs(
    tasks,
    planHeats(tasks, { nowMs: NOW, spots: SPOTS, wanted: { is: 'soonest' }, pinned: {} }),
    NOW,
  );
const said = (acts: ReturnType<typeof actsFor>) => acts.map(({ is, atMs }) => [is, (atMs - NOW) / MIN]);

describe('what is to be done, hour by hour', () => {
  it('one heat: cold first, then hot, then the door, then it cools', () =>
    expect(said(actsFor(heatTask('a')))).toEqual([
      ['cold_in', 0],
      ['heat_in', 40],
      ['open', 60],
      ['rubber', 77],
      ['touch', 87],
    ]));
  it('what was done is not asked for again; what is out and waits comes before all else', () => {
    const isCold = [{ key: 'x', soakMs: 60 * MIN, sinceMs: NOW - 70 * MIN, placeKey: null }];
    const out = heatTask('b', { inMs: NOW - 25 * MIN, outMs: NOW - MIN, cold: isCold });
    const acts = actsFor(heatTask('a'), out);
    expect(acts.filter(({ task }) => task.key === 'b').map(({ is }) => is)).toEqual([
      'drops_wait',
      'rubber',
      'touch',
    ]);
    expect(nextAct(acts)).toMatchObject({ is: 'drops_wait', task: { key: 'b' } });
  });
  it('a part alone in the cold is dropped, not opened for; when all is home, the cooling is left; then nothing', () => {
    expect(said(actsFor(heatTask('a', { source: null, soakMs: 0 })))).toEqual([
      ['cold_in', 0],
      ['drop_cold', 60],
    ]);
    const cools = heatTask('a', {
      drops: [],
      cold: [],
      handsMs: 0,
      inMs: NOW - 30 * MIN,
      outMs: NOW - 5 * MIN,
    });
    expect(nextAct(actsFor(cools))).toMatchObject({ is: 'rubber' });
    expect(nextAct(actsFor())).toBeNull();
  });
});
