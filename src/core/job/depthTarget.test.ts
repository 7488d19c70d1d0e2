import { depthOf } from './depthTarget';
import { freshJob } from '../../../tests/support/freshJob';
import { describe, expect, it } from 'vitest';
import type { EventBody } from '@/core/record/entries';
import { SWING_ARM } from '@/core/job/kinds/swingArm';
import { demo, event, reading, seatOf, view, withEntries } from '../../../tests/support/records';
import { judgePassDepth, overshootOf } from './depthJudgement';

const NEEDLE = 'Left outer needle';

describe('how deep a part goes, by what says so (common practice, no source)', () => {
  const record = freshJob(SWING_ARM);
  const seat = seatOf(record, NEEDLE);
  const at = { seatId: seat.id };
  type Said = EventBody<'depth_target_set'>;
  const depthWhen = (said: Said | null, readings: Parameters<typeof withEntries>[1] = [], foundMm?: number) =>
    depthOf(
      view(
        withEntries(record, readings, [
          ...(foundMm === undefined ? [] : [event('as_found_noted', { depthMm: foundMm }, at)]),
          ...(said ? [event('depth_target_set', said, at, 1)] : []),
        ]),
        NEEDLE,
      ),
    );

  it('nobody said it: as it was found, else as it is drawn, and that is known to be a guess', () => {
    expect(depthWhen(null).target).toMatchObject({ from: 'drawn', toleranceMm: 0.25 });
    expect(depthWhen(null, [], 3.1).target).toMatchObject({ from: 'as_found', depthMm: 3.1 });
  });
  it('a number, flush, and how near is near enough', () => {
    expect(depthWhen({ from: 'number', depthMm: 4.2, withinMm: 0.05 }).target).toMatchObject({
      depthMm: 4.2,
      toleranceMm: 0.05,
    });
    expect(depthWhen({ from: 'flush' }).target.depthMm).toBe(0);
  });
  it('a collar’s step is copied; until it is read, it is missing', () => {
    expect(depthWhen({ from: 'mating_step' }).target.missing).toBe('step');
    expect(depthWhen({ from: 'mating_step' }, [reading(seat.id, 'step.0', 5.06)]).target).toMatchObject({
      depthMm: 5.06,
      missing: null,
    });
  });
  it('a washer laid over it lies on the casting: the part stands out less than it is thick', () => {
    const { target } = depthWhen({ from: 'washer' }, [reading(seat.id, 'washer.0', 1.6)]);
    expect(target.depthMm + target.toleranceMm).toBeLessThan(0);
    // Proud, and below the washer's own face in any case.
    expect(-(target.depthMm - target.toleranceMm)).toBeLessThan(1.6);
  });
  it('straightedge and gasket under the gauge are taken off, and their doubt stays (JCGM 100, 5.1.2)', () => {
    const { reachedMm, overMm } = depthWhen({ from: 'flush' }, [
      reading(seat.id, 'straightedge.0', 6),
      reading(seat.id, 'gasket.0', 0.4),
      reading(seat.id, 'sunk.0', 9.1),
    ]);
    expect(overMm.value).toBeCloseTo(6.4, 9);
    expect(reachedMm!.value).toBeCloseTo(2.7, 9);
    expect(reachedMm!.u).toBeGreaterThan(overMm.u);
  });
  it('sunk and standing out point opposite ways: the newer of the two counts', () => {
    const out = reading(seat.id, 'stands_out.0', 4, 10);
    const sunk = reading(seat.id, 'sunk.0', 1.5, 20);
    expect(depthWhen(null, [out]).reachedMm!.value).toBe(-4);
    expect(depthWhen(null, [out, sunk]).reachedMm!.value).toBe(1.5);
  });
});

describe('too deep, by seat', () => {
  it('to a collar’s step in a through bore it does no harm; to a number it counts', () => {
    const record = freshJob(SWING_ARM);
    const seat = seatOf(record, NEEDLE);
    const said = (body: EventBody<'depth_target_set'>) =>
      view(
        withEntries(
          record,
          [reading(seat.id, 'step.0', 5)],
          [event('depth_target_set', body, { seatId: seat.id })],
        ),
        NEEDLE,
      );
    const judged = (body: EventBody<'depth_target_set'>) =>
      judgePassDepth(said(body), {
        result: { misread: null, plane: { meanDepthMm: 5.6, uMeanMm: 0.01 } } as never,
      })!.verdict;
    expect(overshootOf(said({ from: 'mating_step' })).sense).toBe('harmless');
    expect(judged({ from: 'mating_step' })).toBe('there');
    expect(overshootOf(said({ from: 'number', depthMm: 5 })).sense).toBe('comes_back');
    expect(judged({ from: 'number', depthMm: 5 })).toBe('too_deep');
  });
  it('a shoulder can’t be passed', () =>
    expect(overshootOf(view(demo('Ostrel 250'), 'Right main bearing')).sense).toBe('stopped'));
});
