import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { demo, NOW, seatOf, viewJob, withEntries, event } from '../../../tests/support/records';
import { LANES, leadOf } from '@/core/heat/lanes';
import { ceilingsSeen } from '@/core/heat/ceilings';
import { isDrop } from '@/core/heat/waySorts';
import { TRIAL_RANGE, type WayTrial } from '@/core/heat/wayTrial';
import { RESTS } from '@/core/record/vocabulary';
import { courseOfWay } from './courseOfWay';
import { planLanes, type LaneInput } from './planLanes';
import { surroundingsOf, usualTrial, wayInProblem } from './planSeat';

const inputOf = (machine: string, seatName: string, change: Partial<WayTrial> = {}): LaneInput => {
  const job = viewJob(demo(machine), NOW);
  const view = job.seats.find(({ seat }) => seat.name === seatName)!;
  return {
    view,
    surroundings: surroundingsOf(view, job),
    isStopSet: false,
    trial: { ...usualTrial(view), ...change },
  };
};
const laneOf = (input: LaneInput, code: (typeof LANES)[number]) =>
  planLanes(input)!.lanes.find(({ lane }) => lane === code)!;

describe('the lanes of a seat', () => {
  it('hold every way once for each source of heat that it has a lane for', () => {
    const ways = planLanes(inputOf('Ostrel 250', 'Main bearing'))!.lanes.flatMap((lane) =>
      lane.ways.map(({ way, heatedBy }) => `${way} ${heatedBy}`),
    );
    expect(new Set(ways).size).toBe(ways.length);
    expect(ways).toEqual(expect.arrayContaining(['warm_draw oven', 'heat oven', 'heat gun', 'draw_in null']));
  });

  it('a heat that is tried moves the lanes and leaves the proposal', () => {
    const planned = planLanes(inputOf('Ostrel 250', 'Main bearing'))!;
    const tried = planLanes(inputOf('Ostrel 250', 'Main bearing', { housingC: 85 }))!;
    expect(tried.usual.mildest).toEqual(planned.usual.mildest);
    expect(tried.lanes.flatMap(({ ways }) => ways.filter(({ heatedBy }) => heatedBy !== null))).toSatisfy(
      (ways: { housingC: number }[]) => ways.every(({ housingC }) => housingC === 85),
    );
    // 85 °C in place of 70: 15 K of 21.8 per million on 72 mm.
    const [before, after] = [planned, tried].map(
      ({ lanes }) => lanes.find(({ lane }) => lane === 'heated_chilled')!.ways[0]!.clearanceMm.value,
    );
    expect(after! - before!).toBeCloseTo((85 - 70) * 21.8e-6 * 71.95, 3);
  });

  it('whatever is tried: no way works that breaks a limit, falls without a stop, or is not sure for as long as it is carried', () => {
    const trials = fc.record({
      housingC: fc.option(fc.integer(TRIAL_RANGE.housingC)),
      freezerC: fc.integer(TRIAL_RANGE.freezerC),
      carryS: fc.integer(TRIAL_RANGE.carryS),
      wantedMm: fc.double({ min: 0.005, max: 0.15, noNaN: true }),
      rest: fc.constantFrom(...RESTS),
    });
    const seats = [
      ['Ostrel 250', 'Main bearing'],
      ['Quarry 500', 'Second-shaft needle, closed end'],
      ['Ostrel 250, frame', 'Upper race'],
    ] as const;
    fc.assert(
      fc.property(fc.constantFrom(...seats), trials, ([machine, seatName], trial) => {
        const input = inputOf(machine, seatName, trial);
        for (const { ways } of planLanes(input)!.lanes)
          for (const way of ways.filter(({ works }) => works)) {
            const heatedBy = way.heatedBy ?? input.surroundings.usualHeat;
            const problem = wayInProblem(input.view, input.surroundings, heatedBy, false, input.trial)!;
            const heat = { castingC: way.housingC, settlingC: way.settlingC };
            for (const { spareK } of ceilingsSeen(problem.ceilings, heat))
              expect(spareK).toBeGreaterThanOrEqual(0);
            if (!isDrop(way.way)) continue;
            expect(problem.hasStop).toBe(true);
            expect(way.sureSeconds ?? Infinity).toBeGreaterThanOrEqual(trial.carryS);
          }
      }),
      { numRuns: 60, seed: 20261130 },
    );
  });

  it('the same facts give the same plan', () => {
    const input = inputOf('Fenwold 7', 'Main bearing', { carryS: 25, rest: 'vise' });
    expect(planLanes(input)).toEqual(planLanes(structuredClone(input)));
  });

  it('a longer walk, a bench that draws heat and a warmer freezer each leave less', () => {
    const clear = (change: Partial<WayTrial>) =>
      laneOf(inputOf('Ostrel 250', 'Main bearing', { housingC: 85, ...change }), 'heated_chilled').ways[0]!;
    const usual = clear({});
    expect(clear({ carryS: 60 }).clearanceMm.value).toBeLessThan(usual.clearanceMm.value);
    expect(clear({ freezerC: 0 }).clearanceMm.value).toBeLessThan(usual.clearanceMm.value);
    expect(clear({ rest: 'bare_steel' }).sureSeconds!).toBeLessThan(usual.sureSeconds! / 2);
    expect(clear({ wantedMm: 0.072 }).chance).toBeLessThan(usual.chance);
  });

  it('a lane shows the proposed way, else the first that works, else the first', () => {
    const { lanes, usual } = planLanes(inputOf('Ostrel 250', 'Main bearing'))!;
    const lead = (code: string) =>
      leadOf(
        lanes.find(({ lane }) => lane === code)!,
        usual.mildest,
      ).way;
    expect([lead('heated_chilled'), lead('cold'), lead('chilled')]).toEqual([
      'heat_chill',
      'drive',
      'chill_press',
    ]);
  });
});

describe('what is on the casting', () => {
  const record = demo('Ostrel 250');
  const [main, clutch] = ['Main bearing', 'Clutch shaft'].map((name) => seatOf(record, name));
  const limits = (seatId: string, heatedBy: 'oven' | 'gun', apartMm: number) => {
    const castingId = record.castings.find(({ seats }) => seats.includes(main!))!.id;
    const noted = event(
      'casting_stuff_noted',
      { what: 'paint', isThere: true, apartMm },
      { seatId: main!.id, castingId },
      0,
    );
    const job = viewJob(withEntries(record, [], [noted]), NOW);
    const view = job.seats.find(({ seat }) => seat.id === seatId)!;
    return wayInProblem(view, surroundingsOf(view, job), heatedBy, false, usualTrial(view))!.ceilings.find(
      ({ what }) => what === 'paint',
    )!;
  };
  it('takes all of an oven’s heat, and less of hot air the farther it is', () => {
    expect(limits(main!.id, 'oven', 40)).toMatchObject({ sees: 'casting', limitC: 120 });
    expect(limits(main!.id, 'oven', 40).share).toBeUndefined();
    expect(limits(main!.id, 'gun', 0).share).toBeCloseTo(1, 6);
    expect(limits(main!.id, 'gun', 80).share!).toBeLessThan(limits(main!.id, 'gun', 15).share!);
  });
  it('noted beside one boss, it is at least so far from another as the bosses are apart, less that', () =>
    expect(limits(clutch!.id, 'gun', 15).share!).toBeLessThan(limits(main!.id, 'gun', 0).share!));
});

describe('the course of a way', () => {
  const course = (change: Partial<WayTrial> = {}) => {
    const input = inputOf('Ostrel 250', 'Main bearing', change);
    return courseOfWay(input, leadOf(laneOf(input, 'heated_chilled'), null))!;
  };
  it('boss and web along the radius end the window within a fifth of the lump', () => {
    const { likelyUntilS, radial, sureUntilS } = course();
    expect(Math.abs(radial!.likelyUntilS! - likelyUntilS!) / likelyUntilS!).toBeLessThan(0.06);
    expect(sureUntilS!).toBeLessThan(Math.min(likelyUntilS!, radial!.likelyUntilS!));
  });
  it('both begin at the same temperatures', () => {
    const { moments, radial } = course();
    expect(radial!.moments[0]!.bossC).toBeCloseTo(moments[0]!.housingC, 6);
    expect(radial!.moments[0]!.ringC).toBeCloseTo(moments[0]!.ringC, 6);
  });
  it('hot air on the boss falls faster than an oven’s casting from the same heat', () => {
    const input = inputOf('Ostrel 250', 'Main bearing', { housingC: 95 });
    const [oven, air] = (['heated_chilled', 'hot_air'] as const).map((code) =>
      courseOfWay(input, laneOf(input, code).ways[0]!)!,
    );
    expect(air!.likelyUntilS!).toBeLessThan(oven!.likelyUntilS!);
    expect(air!.radial!.likelyUntilS!).toBeLessThan(oven!.radial!.likelyUntilS!);
  });
});
