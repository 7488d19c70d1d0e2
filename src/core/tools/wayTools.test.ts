import { describe, expect, it } from 'vitest';
import { demo, NOW, viewJob } from '../../../tests/support/records';
import { planSeat, surroundingsOf } from '@/core/job/planSeat';
import type { Way } from '@/core/record/vocabulary';
import type { Tool } from './tool';
import { toolsForWay } from './wayTools';

const job = viewJob(demo('Ostrel 250'), NOW);
const view = job.seats.find(({ seat }) => seat.name === 'Main bearing')!;
const plan = planSeat(view, surroundingsOf(view, job))!;
const toolsOf = (way: Way, wall: readonly Tool[] = job.wall) =>
  toolsForWay(
    view.seat.spec,
    plan.ways.find((each) => each.way === way)!,
    wall,
  );
const states = (way: Way, wall?: readonly Tool[]) =>
  toolsOf(way, wall).map(({ need, state }) => `${need} ${state}`);
const without = (sort: Tool['sort']) => job.wall.filter((tool) => tool.sort !== sort);

describe('tools of a way', () => {
  it('each way asks for its own', () => {
    expect(toolsOf('by_hand')).toEqual([]);
    expect(toolsOf('press').map(({ need }) => need)).toEqual(['press', 'driver']);
    expect(toolsOf('warm_draw').map(({ need }) => need)).toEqual(['rod', 'driver', 'oven']);
    expect(toolsOf('heat_chill').map(({ need }) => need)).toEqual(['oven', 'freezer']);
  });
  it('what does not hang there is missing; nothing is asked of a bare wall', () => {
    expect(states('heat_chill', without('cold'))).toEqual(['oven owned', 'freezer missing']);
    expect(toolsOf('press', [])).toEqual([]);
  });
  it('a press that is too weak does not serve', () => {
    const weak = job.wall.map((tool) => (tool.sort === 'press' ? { ...tool, maxN: 200 } : tool));
    expect(states('press', weak)[0]).toBe('press missing');
  });
  it('what is lent is said with who has it, unless another one serves', () => {
    const lent = job.wall.map((tool) => (tool.sort === 'cold' ? { ...tool, lentTo: 'JB' } : tool));
    expect(toolsOf('heat_chill', lent)[1]).toMatchObject({ need: 'freezer', state: 'lent', lentTo: 'JB' });
    const two: Tool[] = [...lent, ...job.wall.filter(({ sort }) => sort === 'cold')];
    expect(toolsOf('heat_chill', two)[1]).toMatchObject({ state: 'owned' });
  });
});
