import { THRESHOLDS } from '@/core/heat/mildest';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { JOB_KINDS } from '@/core/job/kinds/allKinds';
import { boreSpecSchema } from '@/core/record/seatSpec';
import { planRemoval } from './removalPlan';
import type { RemovalInput } from './removal';

/** Properties that hold for every seat of every kind, and when its geometry is changed. */
const seats = JOB_KINDS.flatMap(({ castings }) =>
  castings.flatMap(({ material, seats: list }) => list.map((seat) => ({ seat, material }))),
);
const anySeat = fc.constantFrom(...seats);
const plan = ({ seat, material }: (typeof seats)[number], more: Partial<RemovalInput> = {}) =>
  planRemoval({
    spec: seat.spec,
    material,
    interferenceMm: { value: 0.02, u: 0.004 },
    neighbours: [],
    leftIn: [],
    hasHidden: false,
    isShaftInPlace: false,
    workpiece: 'bare_casting',
    rules: THRESHOLDS,
    forceN: 3000,
    isBehindTaken: false,
    isPressJob: false,
    ...more,
  });

describe('ways out, for every seat of every kind', () => {
  it('each way is either allowed or forbidden with a reason, never both, never twice', () => {
    for (const each of seats) {
      const { ways, forbidden } = plan(each);
      const all = [...ways, ...forbidden].map(({ way }) => way);
      expect(new Set(all).size, each.seat.name).toBe(all.length);
      for (const { against } of ways) expect(against).toEqual([]);
      for (const { against, way } of forbidden)
        expect(against.length, `${each.seat.name} ${way}`).toBeGreaterThan(0);
    }
  });
  it('there is always a way left, or it is said why each is none', () => {
    for (const each of seats) {
      const { ways, forbidden } = plan(each);
      expect(ways.length + forbidden.length, each.seat.name).toBeGreaterThan(1);
    }
  });
  it('with the shaft in place nothing is pushed, pulled through the bore or drifted', () => {
    for (const each of seats)
      expect(
        plan(each, { isShaftInPlace: true })
          .ways.map(({ way }) => way)
          .filter((way) =>
            [
              'push_from_behind',
              'push_through',
              'slide_hammer',
              'bridge_puller',
              'drift_by_quarters',
            ].includes(way),
          ),
        each.seat.name,
      ).toEqual([]);
  });
  it('a face that may not carry never carries a bridge puller', () => {
    for (const { seat, material } of seats)
      expect(
        plan({
          material,
          seat: { ...seat, spec: { ...seat.spec, housing: { ...seat.spec.housing, faceCarries: false } } },
        }).ways.some(({ way }) => way === 'bridge_puller'),
        seat.name,
      ).toBe(false);
  });
  it('the tighter it sits, the hotter it lets go', () =>
    fc.assert(
      fc.property(
        anySeat,
        fc.double({ min: 0, max: 0.03, noNaN: true }),
        fc.double({ min: 0.001, max: 0.03, noNaN: true }),
        (each, tight, more) => {
          const heatOf = (value: number) =>
            [
              ...plan(each, { interferenceMm: { value, u: 0 } }).ways,
              ...plan(each, { interferenceMm: { value, u: 0 } }).forbidden,
            ].find(({ way }) => way === 'fall_out_hot')?.heatC ?? null;
          const [before, after] = [heatOf(tight), heatOf(tight + more)];
          if (before !== null && after !== null) expect(after).toBeGreaterThan(before);
        },
      ),
      { seed: 5, numRuns: 200 },
    ));
  it('a wider hole through the shoulder never takes a way from behind away', () =>
    fc.assert(
      fc.property(
        anySeat,
        fc.double({ min: 0, max: 0.99, noNaN: true }),
        fc.double({ min: 0, max: 0.99, noNaN: true }),
        (each, a, b) => {
          const [small, wide] = [Math.min(a, b), Math.max(a, b)].map((share) => {
            const spec = {
              ...each.seat.spec,
              housing: {
                ...each.seat.spec.housing,
                isThrough: false,
                shoulderBoreMm: share * each.seat.spec.part.outsideMm,
              },
            };
            return plan({ ...each, seat: { ...each.seat, spec } }).ways.map(({ way }) => way);
          }) as [string[], string[]];
          for (const way of ['push_from_behind', 'slide_hammer', 'drift_by_quarters'])
            if (small.includes(way)) expect(wide).toContain(way);
        },
      ),
      { seed: 6, numRuns: 200 },
    ));
  it('a neighbour that lets go is named at the heat, and only then', () =>
    fc.assert(
      fc.property(anySeat, fc.double({ min: 0, max: 0.2, noNaN: true }), (each, theirs) => {
        const found = plan(each, {
          neighbours: [{ seatName: 'Other', diameterMm: 30, interferenceMm: { value: theirs, u: 0 } }],
        });
        const hot = [...found.ways, ...found.forbidden].find(({ way }) => way === 'fall_out_hot');
        for (const way of [...found.ways, ...found.forbidden])
          if (way.heatC === null) expect(way.alsoLetGo).toEqual([]);
        if (hot?.heatC && theirs === 0) expect(hot.alsoLetGo).toEqual(['Other']);
      }),
      { seed: 7, numRuns: 100 },
    ));
  it('every seat that a kind draws is a valid seat', () => {
    for (const { seat } of seats)
      expect(boreSpecSchema.safeParse(seat.spec).error?.issues ?? [], seat.name).toEqual([]);
  });
});
