import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { LANES, leadOf, type Lane } from '@/core/heat/lanes';
import { planLanes } from '@/core/job/planLanes';
import { surroundingsOf, usualTrial } from '@/core/job/planSeat';
import { demo, NOW, viewJob } from '../../../tests/support/records';
import { buildLaneAxis } from './buildLaneAxis';

const job = viewJob(demo('Ostrel 250'), NOW);
const view = job.seats[0]!;
const { lanes, usual } = planLanes({
  view,
  surroundings: surroundingsOf(view, job),
  isStopSet: false,
  trial: usualTrial(view),
})!;
const shown = (lane: Lane) => leadOf(lane, usual.mildest);

describe('the axis of the lanes', () => {
  const axis = buildLaneAxis(lanes, shown, usual.wantedMm, 0.001);
  it('has every lane, with its clearance within its band', () => {
    expect(Object.keys(axis.bars)).toEqual([...LANES]);
    for (const { low, middle, high } of Object.values(axis.bars)) {
      expect(low).toBeLessThan(middle);
      expect(middle).toBeLessThan(high);
    }
  });
  it('sets tight left of nothing and clear right of it, in proportion', () => {
    const [first, last] = [axis.ticks[0]!, axis.ticks.at(-1)!];
    const mmOf = (share: number) =>
      first.mm + ((share - first.share) / (last.share - first.share)) * (last.mm - first.mm);
    for (const lane of lanes)
      expect(mmOf(axis.bars[lane.lane].middle)).toBeCloseTo(shown(lane).clearanceMm.value, 9);
    expect(axis.bars.cold.middle).toBeLessThan(axis.zeroShare);
    expect(axis.bars.heated.low).toBeGreaterThan(axis.zeroShare);
  });
  it('has round ticks, three to eight, and nothing outside of them, whatever the clearances', () => {
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: -3, max: 1, noNaN: true }), { minLength: 6, maxLength: 6 }),
        fc.double({ min: 0.0005, max: 0.05, noNaN: true }),
        fc.constantFrom(0.001, 0.0254),
        (values, u, perUnit) => {
          const moved = lanes.map((lane, i) => ({
            ...lane,
            ways: lane.ways.map((way) => ({ ...way, clearanceMm: { value: values[i]!, u } })),
          }));
          const { ticks, bars } = buildLaneAxis(moved, shown, 0.03, perUnit);
          expect(ticks.length).toBeGreaterThanOrEqual(3);
          expect(ticks.length).toBeLessThanOrEqual(8);
          for (const { low, high } of Object.values(bars)) {
            expect(low).toBeGreaterThanOrEqual(-1e-9);
            expect(high).toBeLessThanOrEqual(1 + 1e-9);
          }
        },
      ),
      { seed: 11 },
    );
  });
});
