import { describe, expect, it } from 'vitest';
import { heatTask, MIN } from '../../../tests/support/heatTasks';
import { TOOLS } from '../../../database/demo/demo';
import { AS_IT_COMES, frameOf } from '@/core/board/heatFrame';
import { spotsOf } from '@/core/board/heatSpots';
import { planHeats } from '@/core/board/planHeats';
import { buildTimeLine } from './buildTimeLine';
import { stretchesOf } from './stretches';

const NOW = Date.parse('2026-11-01T10:00:00Z');
const spots = spotsOf(TOOLS);
const words = {
  heat: ({ name }: { name: string }) => name,
  cold: () => 'parts',
  cooling: () => 'cools',
  drops: () => 'Main bearing; clutch shaft',
  hands: () => '',
};
const lineOf = (tasks: ReturnType<typeof heatTask>[], startInMin?: number, widthPx = 1000) => {
  const heatPlan = {
    wanted:
      startInMin === undefined
        ? ({ is: 'soonest' } as const)
        : ({ is: 'start', at: new Date(NOW + startInMin * MIN).toISOString() } as const),
    doors: {},
  };
  const plan = planHeats(tasks, frameOf(heatPlan, spots, NOW));
  const stretch = stretchesOf(tasks, plan)[0]!;
  return buildTimeLine({ tasks, plan, stretch, spots, nowMs: NOW, widthPx, words });
};
const rowOf = (line: ReturnType<typeof lineOf>, name: string) =>
  line.rows.find(({ spot }) => spot.name === name)!;

describe('the time line', () => {
  it('draws every heat in its place, cold until its door, drops from there, cooling after', () => {
    const line = lineOf([heatTask('a')]);
    const [[bar]] = rowOf(line, 'Small oven').lanes as [[(typeof line.cooling)[0][0]]];
    const [[cold]] = rowOf(line, 'Chest freezer').lanes as [[(typeof line.cooling)[0][0]]];
    expect(bar).toMatchObject({ tone: 'heat', isPlanned: true, isInTrouble: false });
    expect(cold!.to).toBeCloseTo(bar!.to, 9);
    expect(line.drops[0]!.arrows[0]!.at).toBeCloseTo(bar!.to, 9);
    expect(line.cooling[0]![0]!.from).toBeGreaterThan(bar!.to);
    expect(line.cooling[0]![0]!.tailTo).toBeGreaterThan(line.cooling[0]![0]!.to);
    expect(line.now).toBeLessThan(bar!.from);
  });
  it('bars that would lie over each other, with their labels, lie one below the other; arrows stand apart', () => {
    const two = [heatTask('a', { dialC: 150 }), heatTask('b', { dialC: 150 })];
    const line = lineOf(two);
    expect(rowOf(line, 'Oven').lanes).toHaveLength(2);
    const [first] = two[0]!.drops;
    const many = lineOf([heatTask('a', { drops: [first!, { ...first!, atS: 8, isTurnedOver: true }] })]);
    const [one, other] = many.drops[0]!.arrows;
    expect((other!.at - one!.at) * 1000).toBeGreaterThanOrEqual(20);
    expect(other!.isTurnedOver).toBe(true);
  });
  it('a narrow line has fewer hours; a label stands in its bar, else behind it, else before it, else where more room is', () => {
    const hoursOf = (widthPx: number) =>
      lineOf([heatTask('a')], 0, widthPx).ticks.filter(({ atMs }) => atMs !== null).length;
    expect(hoursOf(240)).toBeLessThanOrEqual(4);
    expect(hoursOf(1000)).toBeGreaterThan(hoursOf(240));
    const barOf = (widthPx: number, name = 'left half of the case, long name') =>
      rowOf(lineOf([heatTask('a', { name })], 0, widthPx), 'Small oven').lanes[0]![0]!;
    expect(barOf(2400).labelAt).toBe('inside');
    expect(barOf(900).labelAt).toBe('behind');
    // 0.49 of the line lies before it, 0.31 behind: at 480 px before has room, at 180 px neither, and before is more.
    expect([barOf(480).labelAt, barOf(180).labelAt]).toEqual(['before', 'before']);
    expect(barOf(300, 'left half').labelAt).toBe('behind');
    // Begun long ago, the bar stands at the left end: there is more room behind it, though not enough.
    const begun = lineOf(
      [heatTask('a', { name: 'left half of the case, long name', inMs: NOW - 5 * MIN, cold: [] })],
      0,
      180,
    );
    expect(rowOf(begun, 'Small oven').lanes[0]![0]!.labelAt).toBe('behind');
  });
  it('what has no place is drawn all the same, in trouble', () => {
    const [lanes] = [rowOf(lineOf([heatTask('a', { dialC: 260 })]), 'Small oven').lanes];
    expect(lanes[0]![0]).toMatchObject({ isInTrouble: true });
  });
  it('what is hours apart is looked at by itself', () => {
    const hot = heatTask('a', { inMs: NOW - 5 * MIN, cold: [] });
    const heatPlan = {
      wanted: { is: 'start', at: new Date(NOW + 26 * 60 * MIN).toISOString() },
      doors: {},
    } as const;
    const tasks = [heatTask('b'), hot];
    const plan = planHeats(tasks, frameOf(heatPlan, spots, NOW));
    expect(stretchesOf(tasks, plan).map(({ keys }) => keys)).toEqual([['a'], ['b']]);
    expect(
      stretchesOf([hot, heatTask('b')], planHeats([hot, heatTask('b')], frameOf(AS_IT_COMES, spots, NOW))),
    ).toHaveLength(1);
  });
  it('planned for another day, that day is drawn, without now', () => {
    const far = lineOf([heatTask('a')], 3 * 24 * 60);
    expect(far.now).toBeNull();
    expect(far.fromMs).toBeGreaterThan(NOW + 2 * 24 * 60 * MIN);
    expect(far.ticks.filter(({ atMs }) => atMs !== null).length).toBeGreaterThan(1);
    for (const { at } of far.ticks) expect(at >= 0 && at <= 1).toBe(true);
  });
});
