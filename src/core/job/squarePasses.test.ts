import { passesOf } from './squarePasses';
import { describe, expect, it } from 'vitest';
import { NOW, demo, seatOf, event, reading, withEntries, viewJob } from '../../../tests/support/records';
import { findSeatMove } from '@/core/walk/nextMove';
import { judgePassDepth } from './depthJudgement';

describe('squaring up', () => {
  const record = demo('Ostrel 250');
  const seat = seatOf(record, 'Right main bearing');
  const readRound = (depths: number[], u?: number, foundMm?: number) => {
    const started = event(
      'square_pass_started',
      { pass: 1, sense: 'sunk', circleMm: 67 },
      { seatId: seat.id },
      3,
    );
    const angles = [0, 90, 180, 270, 45, 135, 225, 315];
    const known = withEntries(
      record,
      depths.map((mm, i) => reading(seat.id, `depth.1.${angles[i]}`, mm, 4 + i)),
      [
        event(
          'way_in_chosen',
          { way: 'drive', housingC: 20, ringC: 20, formulaVersion: '1' },
          { seatId: seat.id },
        ),
        event('home', {}, { seatId: seat.id }, 2),
        ...(foundMm === undefined
          ? []
          : [event('as_found_noted', { depthMm: foundMm }, { seatId: seat.id })]),
        started,
      ],
    );
    const instruments = known.instruments.map((each) => (u ? { ...each, u } : each));
    const job = viewJob({ ...known, instruments }, NOW + 60_000);
    const seen = job.seats.find((each) => each.seat.id === seat.id)!;
    return {
      move: findSeatMove(seen, job, 'quick')?.code,
      result: passesOf(seen)[0]!.result!,
      depth: judgePassDepth(seen, passesOf(seen)[0]!)!,
    };
  };

  it('72 mm read at four places by hand: the floor lies under two minutes, and it is square', () =>
    expect(readRound([2.2, 2.205, 2.2, 2.2]).move).toBe('accept_square'));
  it('with a coarser gauge four can not tell and eight would; coarser still, the eye decides', () => {
    expect(readRound([2.2, 2.205, 2.2, 2.2], 0.009).move).toBe('read_eight');
    expect(readRound([2.2, 2.205, 2.2, 2.2, 2.2, 2.2, 2.2, 2.2], 0.009).move).toBe('accept_square');
    expect(readRound([2.2, 2.205, 2.2, 2.2], 0.03).move).toBe('judge_by_eye');
  });
  it('a reading by hand carries the placing’s doubt of 0.008 mm beside the gauge’s own (common practice, no source)', () => {
    // u 0.006 and 0.008 make 0.010; 2.4477 · 2 · 0.010 · √(2/4), from the reading circle of 67 to the race’s 72.
    expect(readRound([2.2, 2.2, 2.2, 2.2]).result.noiseFloorMm).toBeCloseTo(0.03462 * (72 / 67), 4);
  });

  it('square is not there: a part that surely stands off where the old one stood is brought to its depth', () => {
    const flat = [2.2, 2.2, 2.2, 2.2];
    expect(readRound(flat, undefined, 2.2)).toMatchObject({
      move: 'accept_square',
      depth: { verdict: 'there' },
    });
    expect(readRound(flat, undefined, 2.6)).toMatchObject({
      move: 'bring_to_depth',
      depth: { verdict: 'short' },
    });
    // Its shoulder can not be passed: deeper than it was read before is no fault of this reading.
    expect(readRound(flat, undefined, 1.8).depth.verdict).toBe('there');
  });
  it('a depth on the edge of its band is not told, nor is one that is only drawn a reason to drive on', () => {
    // ± 0.10 as found (common practice, no source): 0.098 short with a doubt of some 0.01.
    expect(readRound([2.2, 2.2, 2.2, 2.2], undefined, 2.298)).toMatchObject({
      move: 'accept_square',
      depth: { verdict: 'cannot_tell', from: 'as_found' },
    });
    const drawn = readRound([0.2, 0.2, 0.2, 0.2]);
    expect(drawn.depth).toMatchObject({ from: 'drawn', verdict: 'short' });
    expect(drawn.move).toBe('accept_square');
  });
});
