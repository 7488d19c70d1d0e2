import { describe, expect, it } from 'vitest';
import { TOOLS } from '../../../database/demo/demo';
import { AS_IT_COMES, frameOf } from './heatFrame';
import { spotsOf } from './heatSpots';

const NOW = 1_800_000_000_000;
const iso = (ms: number) => new Date(ms).toISOString();

describe('ovens, hot air and freezers of a shop', () => {
  it('each with what it holds and how it lies, the gentler oven first', () =>
    expect(spotsOf(TOOLS).map(({ name, kind, holds, offsetK }) => [name, kind, holds, offsetK])).toEqual([
      ['Small oven', 'oven', 1, 0],
      ['Oven', 'oven', 2, -4],
      ['Hot-air gun', 'hot_air', 1, 0],
      ['Chest freezer', 'freezer', 12, 0],
    ]));
  it('where none hangs on the wall, nothing is refused for want of a list', () =>
    expect(spotsOf([]).map(({ key }) => key)).toEqual(['any_oven', 'any_hot_air', 'any_freezer']));
  it('one that is lent is drawn, and nothing is planned in it', () => {
    const lent = TOOLS.map((tool) => (tool.name === 'Oven' ? { ...tool, lentTo: 'JB' } : tool));
    const spots = spotsOf(lent);
    expect(spots.find(({ name }) => name === 'Oven')!.lentTo).toBe('JB');
    expect(frameOf(AS_IT_COMES, spots, NOW).spots.map(({ kind }) => kind)).toEqual([
      'oven',
      'hot_air',
      'freezer',
    ]);
  });
  it('what was wanted for an hour gone by is wanted no more, and a door set for one is free', () => {
    const frame = frameOf(
      { wanted: { is: 'done', at: iso(NOW - 1000) }, doors: { a: iso(NOW - 1), b: iso(NOW + 60_000) } },
      [],
      NOW,
    );
    expect(frame).toMatchObject({ wanted: { is: 'soonest' }, pinned: { b: NOW + 60_000 } });
    expect(Object.keys(frame.pinned)).toEqual(['b']);
    const start = frameOf({ wanted: { is: 'start', at: iso(NOW + 5) }, doors: {} }, [], NOW);
    expect(start.wanted).toEqual({ is: 'start', atMs: NOW + 5 });
  });
});
