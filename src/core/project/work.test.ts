import type { SeatId } from '@/core/record/ids';
import { describe, expect, it } from 'vitest';
import type { EventBody, EventKind, JobEvent } from '@/core/record/entries';
import { idOf } from '../../../database/demo/demo';
import { event } from '../../../tests/support/records';
import { rebuild } from './advance';
import { FRESH_SEAT } from './jobState';

const stateAfter = (...events: JobEvent[]) => rebuild([], { readings: [], events });
const work = (...events: JobEvent[]) => stateAfter(...events).work;
const seatAfter = (seatId: SeatId, ...events: JobEvent[]) =>
  (stateAfter(...events).seats[seatId] ?? FRESH_SEAT).history;

describe('what has been done, from its events', () => {
  it('the machine is noted field by field; the last word on each counts', () => {
    expect(
      work(
        event('machine_noted', { make: 'Bolver', hours: 10 }),
        event('machine_noted', { hours: 12, year: 2018 }),
      ).machine,
    ).toEqual({ make: 'Bolver', hours: 12, year: 2018 });
  });
  it('how a seat was found is added to, not replaced', () => {
    const seatId = idOf('a seat');
    const done = [
      event('as_found_noted', { depthMm: -1.7 }, { seatId }),
      event('as_found_noted', { marks: 'out', spacerLeftMm: 18.4 }, { seatId }),
    ];
    expect(seatAfter(seatId, ...done).asFound).toEqual({ depthMm: -1.7, marks: 'out', spacerLeftMm: 18.4 });
    expect(seatAfter(idOf('another'), ...done).asFound).toBeNull();
  });
  it.each([
    [
      'step_skipped',
      { step: 'look', reason: 'done_before' },
      (w: ReturnType<typeof work>) => w.skipped.look !== undefined,
    ],
    ['waiting_noted', { reason: 'parts', note: '' }, (w) => w.waiting !== null],
    ['job_put_away', {}, (w) => w.putAway !== null],
    ['access_done', { key: 'wheel_out' }, (w) => w.accessDone.includes('wheel_out')],
    [
      'look_noted',
      { check: 'oil', finding: 'bad', decision: null, note: '' },
      (w) => w.looks.oil?.finding === 'bad',
    ],
    ['hidden_found', { key: 'o_ring', isThere: false }, (w) => w.hidden.o_ring === false],
    ['kit_counted', { partKey: 'p', count: 2 }, (w) => w.counted.p === 2],
    ['part_origin_noted', { partKey: 'p', origin: 'pattern' }, (w) => w.origins.p === 'pattern'],
    [
      'conversion_noted',
      { partKey: 'p', what: 'ball_to_roller', note: '' },
      (w) => w.conversions.p?.what === 'ball_to_roller',
    ],
    ['photograph_withdrawn', { photographId: idOf('x') }, (w) => w.withdrawnPhotographs.includes(idOf('x'))],
    [
      'part_inspected',
      { key: 'fork', finding: 'bad', valueMm: 4.4 },
      (w) => w.inspected.fork?.valueMm === 4.4,
    ],
    ['price_noted', { partKey: 'p', each: 12 }, (w) => w.prices.p === 12],
  ] as [EventKind, EventBody<EventKind>, (w: ReturnType<typeof work>) => boolean][])(
    '%s counts, and taken back it is as if it had not been',
    (kind, body, holds) => {
      const one = event(kind, body);
      expect(holds(work(one))).toBe(true);
      expect(holds(work(one, event('event_withdrawn', { eventId: one.id })))).toBe(false);
    },
  );
  it('a piece noted again under its id is corrected, not doubled', () => {
    const piece = {
      stackKey: 's',
      pieceId: idOf('piece'),
      position: 1,
      what: 'shim' as const,
      thicknessMm: 0.3,
      notches: 1,
      side: 'either' as const,
      mark: '',
      place: '',
    };
    expect(
      work(
        event('stack_piece_noted', piece),
        event('stack_piece_noted', { ...piece, thicknessMm: 0.32 }),
      ).stacks.s!.pieces.map(({ thicknessMm }) => thicknessMm),
    ).toEqual([0.32]);
  });
  it('waiting is over when it is said, and orders keep their history', () => {
    expect(
      work(event('waiting_noted', { reason: 'parts', note: '' }), event('waiting_over', {})).waiting,
    ).toBeNull();
    const order = (state: EventBody<'order_noted'>['state']) =>
      event('order_noted', { partKey: 'p', state, kitNumber: 'K', promisedFor: null });
    expect(
      work(order('ordered'), order('wrong'), order('ordered')).orders.p!.map(({ state }) => state),
    ).toEqual(['ordered', 'wrong', 'ordered']);
  });
  it('a repair chosen anew has to be proven anew', () => {
    const seatId = idOf('a seat');
    const done = seatAfter(
      seatId,
      event('remedy_chosen', { remedy: 'sleeve' }, { seatId }),
      event('remedy_checked', { isGood: true }, { seatId }),
      event('remedy_chosen', { remedy: 'solder_tinning' }, { seatId }),
    );
    expect(done.remedy).toMatchObject({ remedy: 'solder_tinning', isGood: null });
  });
});
