import { describe, expect, it } from 'vitest';
import { NOW, demo, seatOf, event, reading, withEntries, viewJob } from '../../../tests/support/records';
import { findSeatMove } from '@/core/walk/nextMove';

describe('squaring up', () => {
  const record = demo('Ostrel 250');
  const seat = seatOf(record, 'Right main bearing');
  const readRound = (depths: number[], u?: number) => {
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
        started,
      ],
    );
    const instruments = known.instruments.map((each) => (u ? { ...each, u } : each));
    const job = viewJob({ ...known, instruments }, NOW + 60_000);
    const seen = job.seats.find((each) => each.seat.id === seat.id)!;
    return { move: findSeatMove(seen, job, 'quick')?.code, result: seen.passes[0]!.result! };
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
});
