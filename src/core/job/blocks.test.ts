import type { SeatId } from '@/core/record/ids';
import { describe, expect, it } from 'vitest';
import type { JobRecord } from '@/core/record/job';
import { TOOLS } from '../../../database/demo/demo';
import { NOW, demo, seatOf, event, withEvents, viewJob } from '../../../tests/support/records';
import { findBlocks } from './blocks';
import { seatsBefore } from './precedence';
import { findSeatMove } from '@/core/walk/nextMove';

describe('what stands in the way', () => {
  const gearbox = demo('Pelling 90, gearbox');
  const spun = seatOf(gearbox, 'Middle shaft');
  const blocksOf = (record: JobRecord, seatId: SeatId) => {
    const job = viewJob(record, NOW);
    return findBlocks(
      job.seats.find(({ seat }) => seat.id === seatId)!,
      job,
    ).map(({ code }) => code);
  };
  const moveOf = (record: JobRecord, seatId: SeatId) => {
    const job = viewJob(record, NOW);
    return findSeatMove(
      job.seats.find(({ seat }) => seat.id === seatId)!,
      job,
      'full',
    )?.code;
  };

  it('a spun seat, until its repair is chosen and proven', () => {
    expect(blocksOf(gearbox, spun.id)).toContain('seat_slack');
    expect(moveOf(gearbox, spun.id)).toBe('repair_seat');
    const chosen = withEvents(
      gearbox,
      event('remedy_chosen', { remedy: 'retaining_compound' }, { seatId: spun.id }),
    );
    expect(blocksOf(chosen, spun.id)).toContain('remedy_not_checked');
    expect(moveOf(chosen, spun.id)).toBe('check_remedy');
    const proven = withEvents(chosen, event('remedy_checked', { isGood: true }, { seatId: spun.id }));
    expect(blocksOf(proven, spun.id)).toEqual([]);
    const felt = withEvents(proven, event('new_part_felt', { isGood: true }, { seatId: spun.id }));
    expect(moveOf(felt, spun.id)).toBe('choose_way_in');
    expect(
      moveOf(withEvents(chosen, event('remedy_checked', { isGood: false }, { seatId: spun.id })), spun.id),
    ).toBe('repair_seat');
  });
  it('a part that is on its way, until it arrives', () => {
    const tarn = demo('Tarn 220');
    const slip = seatOf(tarn, 'Slip-side main');
    expect(moveOf(tarn, slip.id)).toBe('wait_for_part');
    const arrived = withEvents(
      tarn,
      event('order_noted', {
        partKey: tarn.plan.parts.find(({ seatId }) => seatId === slip.id)!.key,
        state: 'arrived',
        kitNumber: 'KB-7742',
        promisedFor: null,
      }),
    );
    expect(moveOf(arrived, slip.id)).toBe('compare_part');
    expect(blocksOf(arrived, slip.id)).not.toContain('part_missing');
  });
  it('a part that fits one mate only, until somebody says why it is right', () => {
    const hub = demo('Ostrel 250, rear hub');
    const discSide = seatOf(hub, 'Disc side');
    expect(blocksOf(hub, discSide.id)).toContain('part_wrong');
    expect(
      blocksOf(
        withEvents(hub, event('compare_overruled', { reason: 'compared_by_eye' }, { seatId: discSide.id })),
        discSide.id,
      ),
    ).not.toContain('part_wrong');
  });
  it('the inner seat before the outer, and a seal behind before its bearing', () => {
    const drive = demo('Bolver 570, front drive');
    const job = viewJob(drive, NOW);
    const pinion = job.seats.find(({ seat }) => seat.name === 'Pinion bearing')!;
    expect(seatsBefore(pinion, job).map(({ view }) => view.seat.name)).toEqual(['Pinion pilot needle']);
    const home = withEvents(drive, event('home', {}, { seatId: seatOf(drive, 'Pinion pilot needle').id }));
    expect(blocksOf(home, pinion.seat.id)).not.toContain('other_seat_first');
  });
  it('a driver that no wall has, once a way in is chosen; an answer clears it', () => {
    const harrow = demo('Harrow 1200');
    const left = seatOf(harrow, 'Left main');
    const planned = withEvents(
      { ...harrow, tools: TOOLS.filter(({ sort }) => sort !== 'driver' && sort !== 'socket') },
      event(
        'way_in_chosen',
        { way: 'heat', housingC: 90, ringC: 20, formulaVersion: 't' },
        { seatId: left.id },
      ),
    );
    expect(blocksOf(planned, left.id)).toEqual(['tool_missing']);
    expect(moveOf(planned, left.id)).toBe('find_tool');
    expect(
      blocksOf(
        withEvents(planned, event('tool_sorted', { need: 'driver', how: 'make' }, { seatId: left.id })),
        left.id,
      ),
    ).toEqual([]);
    // An empty wall asks for nothing: it was never filled in.
    expect(blocksOf({ ...planned, tools: [] }, left.id)).toEqual([]);
  });
});
