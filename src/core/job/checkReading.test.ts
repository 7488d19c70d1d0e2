import { readSlot } from '@/core/record/slots';
import { describe, expect, it } from 'vitest';
import {
  NOW,
  demo,
  seatOf,
  event,
  reading,
  resized,
  withEntries,
  viewJob,
  viewSeat,
} from '../../../tests/support/records';
import { checkReading } from './checkReading';
import { sizesOfSeat } from './checkSize';
import { findSeatMove } from '@/core/walk/nextMove';
import { planSeat } from './planSeat';

describe('measuring', () => {
  const record = demo('Merrow twin');
  const seat = seatOf(record, 'Camshaft');
  it('walks the slots in order, then asks for the way in', () => {
    const values: [string, number][] = [
      ['bore.1.0', 46.97],
      ['bore.1.90', 46.972],
      ['bore.2.0', 46.97],
      ['bore.2.90', 46.971],
      ['outside.0', 46.995],
      ['outside.90', 46.996],
    ];
    let current = withEntries(
      record,
      [],
      [
        event('taken_out', { way: 'fall_out_hot', isSpoilt: false }, { seatId: seat.id }),
        event('cleaned', { what: 'bore' }, { seatId: seat.id }),
        event('dry_fit_noted', { result: 'good' }, { seatId: seat.id }),
        event('new_part_felt', { isGood: true }, { seatId: seat.id }),
      ],
    );
    for (const [slot, value] of values) {
      expect(findSeatMove(viewSeat(current, seat.id, NOW)!, viewJob(current, NOW), 'full')).toMatchObject({
        slot: readSlot(slot),
      });
      current = withEntries(current, [reading(seat.id, slot, value)], []);
    }
    expect(findSeatMove(viewSeat(current, seat.id, NOW)!, viewJob(current, NOW), 'full')?.code).toBe(
      'part_into_freezer',
    );
  });
  it('a casting still warm from washing is provisional, and brought back to 20 °C', () => {
    const warm = withEntries(record, [reading(seat.id, 'bore.1.0', 46.97 * (1 + 21.8e-6 * 18), 0, 38)], []);
    const { fit } = viewSeat(warm, seat.id, NOW)!;
    expect(fit?.warm).toMatchObject({ family: 'bore', metalC: 38 });
    // 46.97 mm × 21.8e-6 / K × 18 K.
    expect(fit?.warm?.biggerMm).toBeCloseTo(0.01843, 5);
    expect(fit?.bore?.meanMm.value).toBeCloseTo(46.97, 6);
  });
  it('the usual fit is enough to go on', () => {
    const usual = withEntries(
      record,
      [],
      [
        event('dry_fit_noted', { result: 'good' }, { seatId: seat.id }),
        event('new_part_felt', { isGood: true }, { seatId: seat.id }),
        event('usual_fit_accepted', {}, { seatId: seat.id }),
      ],
    );
    const seen = viewSeat(usual, seat.id, NOW)!;
    expect(findSeatMove(seen, viewJob(usual, NOW), 'full')?.code).toBe('choose_way_in');
    expect(
      planSeat(seen, { roomC: 20, workpiece: 'bare_casting', usualHeat: 'oven', tools: [], neighbours: [] })
        ?.mildest?.works,
    ).toBe(true);
  });
  it.each([
    ['2.44', 'looks_like_inches'],
    ['61', 'impossible_size'],
    ['nonsense', 'not_a_length'],
    ['', 'empty'],
  ])('“%s” for a 47 mm bore is refused as %s', (typed, code) => {
    const expected = typed === '2.44' ? { ...seat, spec: resized(seat.spec, { outsideMm: 62 }) } : seat;
    const checked = checkReading({
      slot: readSlot('bore.1.0'),
      typed,
      sizes: sizesOfSeat(expected, null),
      units: 'metric',
    });
    expect(checked.ok ? 'ok' : checked.issues[0]!.code).toBe(code);
  });
  it('a depth has no sign, and fits the boss', () => {
    const codes = ['-1', '2.1', '150'].map((typed) => {
      const r = checkReading({
        slot: readSlot('depth.1.0'),
        typed,
        sizes: sizesOfSeat(seat, null),
        units: 'metric',
      });
      return r.ok ? 'ok' : r.issues[0]!.code;
    });
    expect(codes).toEqual(['depth_negative', 'ok', 'impossible_size']);
  });
});
