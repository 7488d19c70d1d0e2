import { describe, expect, it } from 'vitest';
import type { JobEvent } from '@/core/record/entries';
import { demo, seatOf, event, reading } from '../../../tests/support/records';
import { timedEvents, currentReadings } from './ledger';

describe('status of readings', () => {
  const record = demo('Merrow twin');
  const seat = seatOf(record, 'Camshaft');
  const [first, second] = [reading(seat.id, 'bore.1.0', 46.98, 0), reading(seat.id, 'bore.1.0', 46.99, 5)];
  const statusOf = (events: JobEvent[]) =>
    currentReadings({ readings: [second, first], events }, { seatId: seat.id }).map(
      ({ value, slot, status: s }) => [value, slot, s],
    );

  it('the newest of a slot counts, the older stays on record', () =>
    expect(statusOf([])).toEqual([
      [46.98, 'bore.1.0', 'superseded'],
      [46.99, 'bore.1.0', 'counts'],
    ]));
  it('striking out the newest lets the older count again', () =>
    expect(
      statusOf([event('reading_struck', { readingId: second.id, reason: '' }, { seatId: seat.id })]),
    ).toEqual([
      [46.98, 'bore.1.0', 'counts'],
      [46.99, 'bore.1.0', 'struck'],
    ]));
  it('a strike that was taken back is as if it had not been, and stays on record', () => {
    const strike = event('reading_struck', { readingId: second.id, reason: '' }, { seatId: seat.id });
    const undo = event('event_withdrawn', { eventId: strike.id }, { seatId: seat.id }, 2);
    expect(statusOf([strike, undo])[1]).toEqual([46.99, 'bore.1.0', 'counts']);
    expect(timedEvents([strike, undo]).map(({ kind, isWithdrawn }) => [kind, isWithdrawn])).toEqual([
      ['reading_struck', true],
      ['event_withdrawn', false],
    ]);
  });
  it('a moved reading counts where it belongs', () =>
    expect(
      statusOf([event('reading_moved', { readingId: second.id, slot: 'bore.2.90' }, { seatId: seat.id })]),
    ).toEqual([
      [46.98, 'bore.1.0', 'counts'],
      [46.99, 'bore.2.90', 'counts'],
    ]));
});
