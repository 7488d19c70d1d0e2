import { describe, expect, it } from 'vitest';
import { idOf } from '../../../database/demo/demo';
import { NOW, demo, seatOf, event, withEvents, viewJob } from '../../../tests/support/records';
import { seatsBefore } from '@/core/job/precedence';
import { findNextMove } from './nextMove';

describe('the walk of a job', () => {
  const fresh = demo('Ostrel 250, frame');
  it('a step that is left out is not asked for', () => {
    expect(findNextMove(viewJob(fresh, NOW), 'full').code).toBe('look_over');
    const skipped = withEvents(
      fresh,
      event('step_skipped', { step: 'look', reason: 'done_before' }),
      event('step_skipped', { step: 'strip', reason: 'not_on_this_machine' }),
      event('step_skipped', { step: 'stacks', reason: 'not_on_this_machine' }),
    );
    expect(findNextMove(viewJob(skipped, NOW), 'full').code).toBe('clean');
  });
  it('a seat taken off the map is not walked to, and its blocks are gone', () => {
    const gone = seatOf(fresh, 'Upper race').id;
    const job = viewJob(withEvents(fresh, event('seat_removed', {}, { seatId: gone })), NOW);
    expect(job.seats.map(({ seat }) => seat.id)).not.toContain(gone);
    expect(
      seatsBefore(
        job.seats.find(({ seat }) => seat.name === 'Lower race')!,
        job,
      ),
    ).toEqual([]);
  });
  it('with everything proven, a stack that is still in its bag is what is left', () => {
    const whole = demo('Moorland 350');
    const moorland = {
      ...whole,
      entries: {
        ...whole.entries,
        events: whole.entries.events.filter(
          ({ kind }) => kind !== 'stack_put_back' && kind !== 'stack_bagged',
        ),
      },
    };
    expect(findNextMove(viewJob(moorland, NOW), 'full').code).toBe('all_proven');
    const piece = {
      stackKey: moorland.plan.stacks[0]!.key,
      pieceId: idOf('left over'),
      position: 1,
      what: 'shim' as const,
      thicknessMm: 0.2,
      notches: 0,
      side: 'either' as const,
      mark: '',
      place: '',
    };
    const bagged = withEvents(moorland, event('stack_piece_noted', piece));
    expect(findNextMove(viewJob(bagged, NOW), 'full')).toMatchObject({
      code: 'put_stack_back',
      step: 'stacks',
    });
    const { stackKey, pieceId, position, side } = piece;
    expect(
      findNextMove(
        viewJob(
          withEvents(
            bagged,
            event('stack_piece_put_back', { stackKey, pieceId, position, side, thicknessMm: null }),
          ),
          NOW,
        ),
        'full',
      ).code,
    ).toBe('all_proven');
  });
  it('an instrument past its day marks the seat that it measured, and only that one', () => {
    const marked = viewJob(demo('Bolver 570, swing arm'), NOW).seats.filter(
      ({ overdue }) => overdue.length > 0,
    );
    expect(marked.map(({ seat }) => seat.name)).toEqual(['Left inner bush']);
  });
});
