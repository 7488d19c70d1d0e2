import { isConverging, passesOf } from './squarePasses';
import { describe, expect, it } from 'vitest';
import { stillWarm } from '@/core/board/heatItems';
import { buildDemo } from '../../../database/demo/demo';
import { NOW, demo, summaryOf, view, viewJob } from '../../../tests/support/records';
import { findSeatMove } from '@/core/walk/nextMove';

describe('the demo’s seats', () => {
  it.each([
    ['Ostrel 250', 'Main bearing', 'measured', 'part_into_freezer'],
    ['Ostrel 250', 'Clutch shaft', 'planned', 'take_out'],
    ['Ostrel 250', 'Output shaft', 'trouble', 'repair_seat'],
    ['Ostrel 250', 'Shift drum', 'home', 'tap_high_side'],
    ['Ostrel 250', 'Pump shaft', 'proven', undefined],
    ['Ostrel 250', 'Right main bearing', 'as_found', 'compare_part'],
    ['Fenwold 7', 'Main bearing', 'hot', 'take_out_and_drop'],
    ['Ostrel 250, rear hub', 'Disc side', 'trouble', 'part_is_wrong'],
    ['Pelling 90', 'Drive side', 'planned', 'casting_into_heat'],
  ])('%s, %s: %s, next %s', (machine, name, state, move) => {
    const seen = view(demo(machine), name);
    expect([seen.seatState, findSeatMove(seen, viewJob(demo(machine), NOW), 'quick')?.code]).toEqual([
      state,
      move,
    ]);
  });
  it('a bearing of the next series is caught as too tight before any force', () =>
    expect(view(demo('Ostrel 250, rear hub'), 'Disc side').fit?.judgement).toEqual({
      verdict: 'too_tight',
      severity: 'fault',
    }));
  it('part and seat each keep their state: a cold bearing does not hide a planned seat', () =>
    expect(view(demo('Ostrel 250'), 'Clutch shaft')).toMatchObject({
      seatState: 'planned',
      partState: 'cold',
    }));
  it('passes of the cocked one converge', () =>
    expect(isConverging(passesOf(view(demo('Ostrel 250'), 'Shift drum')))).toBe(true));
  it('the bench shows trouble before heat before cold', () =>
    expect(
      buildDemo(NOW)
        .slice(0, 5)
        .map(({ job }) => summaryOf(demo(job.machine), NOW).bench.headline.state),
    ).toEqual(['trouble', 'hot', 'measured', 'planned', 'as_found']));
  it('what is hot or cold has its clock and its owner', () => {
    const items = stillWarm(
      buildDemo(NOW).flatMap(({ job }) => summaryOf(demo(job.machine), NOW).heat),
      NOW,
    );
    expect(items.map(({ kind, name }) => [kind, name])).toEqual([
      ['in_heat', 'clutch side'],
      ['cold', 'Main bearing'],
      ['cold', 'Clutch shaft'],
    ]);
    expect(
      items.every(
        ({ personId, readyMs, sinceMs }) => personId !== '' && readyMs !== null && readyMs > sinceMs,
      ),
    ).toBe(true);
  });
});
