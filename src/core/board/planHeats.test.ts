import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { heatTask, MIN, SPOTS } from '../../../tests/support/heatTasks';
import { crowdOf, placeAt, type HeatTask, type Placed } from './heatSchedule';
import { planHeats, type HeatFrame, type HeatsPlan } from './planHeats';

const NOW = 1_800_000_000_000;
const task = heatTask;

const frame = (change: Partial<HeatFrame> = {}): HeatFrame => ({
  nowMs: NOW,
  spots: SPOTS,
  wanted: { is: 'soonest' },
  pinned: {},
  ...change,
});
const doorOf = ({ heats }: HeatsPlan, key: string) =>
  (heats.find((heat) => heat.key === key)!.hands.fromMs - NOW) / MIN;

describe('heats on one time line', () => {
  it('one heat: the freezer first, the oven so that both are ready together', () => {
    const { heats } = planHeats([task('a')], frame());
    const [heat] = heats;
    expect(heat!.conflicts).toEqual([]);
    expect((heat!.cold[0]!.fromMs - NOW) / MIN).toBe(0);
    expect((heat!.heat.fromMs - NOW) / MIN).toBe(40);
    expect((heat!.rubberMs - NOW) / MIN).toBe(60 + 2 + 15);
  });
  it('two castings share an oven at one dial; one after the other where the dials differ', () => {
    const together = planHeats([task('a'), task('b')], frame());
    expect([doorOf(together, 'a'), doorOf(together, 'b')].sort((x, y) => x - y)).toEqual([60, 62]);
    const apart = planHeats([task('a'), task('b', { dialC: 140 })], frame());
    expect([doorOf(apart, 'a'), doorOf(apart, 'b')].sort((x, y) => x - y)).toEqual([60, 80]);
  });
  it('from an hour on: the first door then, oven and freezer begun with before; where that is too soon, as soon as can be', () => {
    const at = (minutes: number) =>
      planHeats([task('a'), task('b')], frame({ wanted: { is: 'start', atMs: NOW + minutes * MIN } }));
    expect([doorOf(at(200), 'a'), doorOf(at(200), 'b')].sort((x, y) => x - y)).toEqual([200, 202]);
    expect(at(200).heats.flatMap(({ conflicts }) => conflicts)).toEqual([]);
    expect(Math.min(doorOf(at(30), 'a'), doorOf(at(30), 'b'))).toBe(60);
  });
  it('an oven that does not become hot enough is none; a part alone in the cold needs no oven', () => {
    const cool = SPOTS.map((spot) => ({ ...spot, reachesC: spot.kind === 'oven' ? 90 : null }));
    const { heats } = planHeats([task('a'), task('b', { source: null, soakMs: 0 })], frame({ spots: cool }));
    expect(heats.map(({ key, conflicts }) => [key, conflicts])).toEqual(
      expect.arrayContaining([
        ['a', ['no_place_for_heat']],
        ['b', []],
      ]),
    );
  });
  it('planned back, all is home by the hour that was asked for, and begun with as late as can be', () => {
    const doneByMs = NOW + 180 * MIN;
    const { heats, endMs } = planHeats(
      [task('a'), task('b')],
      frame(doneByMs === null ? {} : { wanted: { is: 'done', atMs: doneByMs } }),
    );
    expect(endMs).toBe(doneByMs);
    expect(Math.min(...heats.flatMap(({ cold }) => cold.map(({ fromMs }) => fromMs)))).toBe(NOW + 116 * MIN);
  });
  it('asked for sooner than the freezer takes, it says so', () =>
    expect(
      planHeats([task('a')], frame({ wanted: { is: 'done', atMs: NOW + 30 * MIN } })).heats[0]!.conflicts,
    ).toContain('begun_before_now'));
  it('what has begun is drawn as it happened; a door that somebody set stands, and says what breaks', () => {
    const begun = task('a', { inMs: NOW - 15 * MIN, cold: [] });
    expect(doorOf(planHeats([begun], frame()), 'a')).toBe(5);
    const out = task('b', { inMs: NOW - 30 * MIN, outMs: NOW - MIN, cold: [] });
    expect(doorOf(planHeats([out], frame()), 'b')).toBe(-1);
    const set = planHeats([begun, task('c', { dialC: 140 })], frame({ pinned: { c: NOW + 22 * MIN } }));
    expect(doorOf(set, 'c')).toBe(22);
    expect(set.heats.find(({ key }) => key === 'c')!.conflicts).toEqual(
      expect.arrayContaining(['dials_differ', 'begun_before_now']),
    );
  });
  it('a freezer that is full, a gun that is not there: said by name', () => {
    const many = task('a', {
      cold: Array.from({ length: 4 }, (_, i) => ({
        key: `${i}`,
        soakMs: MIN,
        sinceMs: null,
        placeKey: null,
      })),
    });
    expect(planHeats([many], frame()).heats[0]!.conflicts).toEqual(['freezer_full']);
    const noGun = frame({ spots: SPOTS.filter(({ kind }) => kind !== 'hot_air') });
    expect(planHeats([task('b', { source: 'gun', cold: [] })], noGun).heats[0]!.conflicts).toEqual([
      'no_place_for_heat',
    ]);
  });
});

const anyTask = (key: string) =>
  fc
    .record({
      soak: fc.integer({ min: 5, max: 40 }),
      cold: fc.integer({ min: 0, max: 2 }),
      coldSoak: fc.integer({ min: 20, max: 70 }),
      hands: fc.integer({ min: 1, max: 6 }),
      dialC: fc.constantFrom(90, 110),
      source: fc.constantFrom('oven' as const, 'gun' as const),
    })
    .map(({ soak, cold, coldSoak, hands, dialC, source }) =>
      task(key, {
        source,
        dialC,
        soakMs: soak * MIN,
        handsMs: hands * MIN,
        cold: Array.from({ length: cold }, (_, i) => ({
          key: `${key}${i}`,
          soakMs: coldSoak * MIN,
          sinceMs: null,
          placeKey: null,
        })),
      }),
    );
const anyTasks = fc
  .integer({ min: 1, max: 5 })
  .chain((count) => fc.tuple(...Array.from({ length: count }, (_, i) => anyTask('abcde'[i]!))));

describe('whatever is planned', () => {
  it('no place ever holds more than it can, no oven has two dials, no hands do two drops, nothing begins before now', () => {
    fc.assert(
      fc.property(anyTasks, fc.boolean(), (tasks, isBack) => {
        const doneByMs = isBack ? NOW + 600 * MIN : null;
        const { heats } = planHeats(
          tasks,
          frame(doneByMs === null ? {} : { wanted: { is: 'done', atMs: doneByMs } }),
        );
        expect(heats.map(({ key }) => key).sort()).toEqual(tasks.map(({ key }) => key).sort());
        for (const [i, heat] of heats.entries()) {
          expect(heat.conflicts).toEqual([]);
          expect(Math.min(heat.heat.fromMs, ...heat.cold.map(({ fromMs }) => fromMs))).toBeGreaterThanOrEqual(
            NOW,
          );
          if (doneByMs !== null) expect(heat.hands.toMs).toBeLessThanOrEqual(doneByMs);
          const others = heats.filter((_, at) => at !== i);
          for (const other of others)
            expect(heat.hands.fromMs >= other.hands.toMs || other.hands.fromMs >= heat.hands.toMs).toBe(true);
          const beside = others.filter(({ placeKey }) => placeKey === heat.placeKey);
          const spot = SPOTS.find(({ key }) => key === heat.placeKey)!;
          expect(
            crowdOf(
              heat.heat,
              beside.map((other) => other.heat),
            ),
          ).toBeLessThanOrEqual(spot.holds);
          const dialOf = (key: string) => tasks.find((each) => each.key === key)!.dialC;
          for (const other of beside)
            if (other.heat.fromMs < heat.heat.toMs && heat.heat.fromMs < other.heat.toMs)
              expect(dialOf(other.key)).toBe(dialOf(heat.key));
          const parts = heats.flatMap(({ cold }) => cold);
          for (const part of heat.cold)
            expect(
              crowdOf(
                part,
                parts.filter((each) => each !== part),
              ),
            ).toBeLessThanOrEqual(3);
        }
      }),
      { numRuns: 150, seed: 411 },
    );
  });

  it('no door on a grid of minutes ends sooner than the proven best', () => {
    const end = (tasks: readonly HeatTask[]) => planHeats(tasks, frame()).endMs;
    /** Every door on the grid for every order: the soonest end there is. */
    const soonest = (tasks: readonly HeatTask[], placed: Placed[]): number => {
      if (tasks.length === 0) return Math.max(...placed.map(({ heat }) => heat.hands.toMs));
      let best = Infinity;
      for (const each of tasks)
        for (let minute = 0; minute <= 160; minute += 1) {
          const tried = placeAt(each, NOW + minute * MIN, placed, SPOTS, NOW);
          if (tried.conflicts.length > 0) continue;
          const rest = tasks.filter((other) => other !== each);
          best = Math.min(best, soonest(rest, [...placed, { task: each, heat: tried.heat }]));
          // Later doors of this one only help where another has to go in before it, which the other orders try.
          break;
        }
      return best;
    };
    fc.assert(
      fc.property(fc.tuple(anyTask('a'), anyTask('b'), anyTask('c')), (tasks) => {
        expect(end(tasks)).toBeLessThanOrEqual(soonest(tasks, []));
      }),
      { numRuns: 60, seed: 7 },
    );
  });

  it('the same facts give the same plan, in whatever order they come', () => {
    fc.assert(
      fc.property(anyTasks, (tasks) => {
        const doors = (list: readonly HeatTask[]) => {
          const plan = planHeats(list, frame());
          return Object.fromEntries(plan.heats.map(({ key, hands }) => [key, hands.fromMs]));
        };
        expect(doors([...tasks].reverse())).toEqual(doors(tasks));
      }),
      { numRuns: 60, seed: 99 },
    );
  });
});
