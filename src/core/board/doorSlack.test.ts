import { describe, expect, it } from 'vitest';
import { heatTask, MIN, SPOTS } from '../../../tests/support/heatTasks';
import { doorSlack } from './doorSlack';
import { planHeats, type HeatFrame } from './planHeats';

const NOW = 1_800_000_000_000;
const slackOf = (tasks: ReturnType<typeof heatTask>[], change: Partial<HeatFrame> = {}) => {
  const frame: HeatFrame = { nowMs: NOW, spots: SPOTS, wanted: { is: 'soonest' }, pinned: {}, ...change };
  return doorSlack(tasks[0]!.key, tasks, planHeats(tasks, frame), frame);
};

describe('how late a door may open', () => {
  it('alone it touches nothing', () => expect(slackOf([heatTask('a')])).toBeNull());
  it('until the hands are wanted at the next casting; then that one moves', () => {
    const tasks = [heatTask('a'), heatTask('b', { cold: [], soakMs: 40 * MIN })];
    const pinned = { a: NOW + 60 * MIN, b: NOW + 70 * MIN };
    // Two minutes of work at the first: ten minutes apart leave eight.
    expect(slackOf(tasks, { pinned: { a: pinned.a } })).toBeNull();
    expect(slackOf(tasks, { pinned })).toEqual({ slackMs: 8 * MIN, then: { is: 'breaks' } });
    const free = slackOf([heatTask('a'), heatTask('b', { dialC: 140 })]);
    expect(free).toMatchObject({ slackMs: 0, then: { is: 'moves', key: 'b' } });
  });
  it('until the hour at which all was wanted home', () => {
    const slack = slackOf([heatTask('a')], { wanted: { is: 'done', atMs: NOW + 180 * MIN } });
    expect(slack).toEqual({ slackMs: 0, then: { is: 'done_late' } });
  });
});
