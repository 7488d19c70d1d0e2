import { describe, expect, it } from 'vitest';
import { bearingSeat } from '@/core/job/kinds/seats';
import { pusherFor, thinLipInsideMm } from './driver';
import { planPush } from './pushPlan';

const around = { bossOutsideMm: 60, bossHeightMm: 40, depthToShoulderMm: 15.5, shoulderBoreMm: 38 };
const cup = bearingSeat('Cup', [0, 0], 'HK2220', { ...around, shoulderBoreMm: 20, isThrough: true }).spec;
const race = bearingSeat('Race', [0, 0], '32005 X', around).spec;

describe('a cold push', () => {
  it('to a shoulder: as far as the shoulder, looked at three times on the way', () => {
    const plan = planPush(race, { forceN: { low: 800, high: 2400 }, targetDepthMm: null, tools: [] });
    expect(plan).toMatchObject({ strokeMm: 15.5, stopsMm: [4, 8, 12], driverMarkMm: null });
    // M12 × 1.75, unmarked: 15.5 mm are 8.9 turns.
    expect(plan.rod!.turns).toBeCloseTo(15.5 / 1.75, 6);
    expect(plan.rod!.torqueNm.high / plan.rod!.torqueNm.low).toBeCloseTo(3, 6);
  });
  it('to a depth: the part’s width further, with a line on the driver that deep from the face that pushes', () => {
    const plan = planPush(cup, { forceN: null, targetDepthMm: 2, tools: [] });
    expect(plan).toMatchObject({ strokeMm: 22, driverMarkMm: 2, rod: null });
  });
});

describe('a pusher to be turned', () => {
  const part = (spec: typeof race) => ({
    ...spec.part,
    type: spec.part.type as 'tapered_roller',
    depthToShoulderMm: spec.housing.depthToShoulderMm,
  });
  it('steps onto a taper race’s thin lip, not into the cone’s bore', () => {
    const pusher = pusherFor(part(race), 10);
    expect(pusher.ok && pusher.value.spigotMm).toBeCloseTo(thinLipInsideMm(race.part) - 0.1, 1);
    expect(pusher.ok && pusher.value.spigotMm).toBeGreaterThan(race.part.boreMm + 10);
    expect(pusher.ok && pusher.value.flangeMm).toBeLessThan(race.part.outsideMm);
  });
  it('for an inner race is a sleeve over the shaft', () => {
    const ball = bearingSeat('Ball', [0, 0], '6204', { ...around, depthToShoulderMm: 15 }).spec;
    const pusher = pusherFor(part(ball), 10, 'inner');
    expect(pusher.ok && pusher.value).toMatchObject({ holeMm: 20.5, spigotLengthMm: 0, relief: null });
    expect(pusher.ok && pusher.value.flangeMm).toBeLessThan(33);
  });
});
