import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { idOf } from '../../../database/demo/demo';
import { demo, NOW } from '../../../tests/support/records';
import type { Entries, JobEvent, Reading } from '@/core/record/entries';
import { advance, rebuild, type Entry } from './advance';
import { freshState, type JobState } from './jobState';

/**
 * Whatever is entered, in whatever order it arrives: the state that was advanced by one entry at a time is the state that the whole record
 * gives. A history that once failed stays below by its name.
 */
const { castings } = demo('Ostrel 250');
const seats = castings.flatMap((casting) =>
  casting.seats.map(({ id }) => ({ seatId: id, castingId: casting.id })),
);

type Doing = { id: number; atS: number; seat: number; of: number; what: number };
const SLOTS = ['bore.1.0', 'bore.1.90', 'outside.0', 'depth.1.0'];

/** One entry of a history; `of` points at an earlier one for what corrects. */
function entryOf({ id, atS, seat, of, what }: Doing): Entry {
  const { seatId, castingId } = seats[seat % 3]!;
  const at = new Date(NOW + atS * 1000).toISOString();
  const common = { id: idOf(`entry ${id}`), personId: idOf('person iq') };
  const target = idOf(`entry ${of}`);
  const read = (slot: string, owner: Partial<Reading>): Entry => ({
    type: 'reading',
    entry: {
      ...common,
      seatId: null,
      castingId: null,
      ...owner,
      slot,
      typed: String(id),
      value: id,
      metalC: 20,
      instrumentId: idOf('by hand'),
      takenAt: at,
    },
  });
  const happen = (kind: JobEvent['kind'], body: object, isOfCasting = false): Entry => ({
    type: 'event',
    entry: {
      ...common,
      kind,
      body,
      at,
      seatId: isOfCasting ? null : seatId,
      castingId: isOfCasting ? castingId : null,
    } as JobEvent,
  });
  const makes: (() => Entry)[] = [
    () => read(SLOTS[of % SLOTS.length]!, { seatId }),
    () => read('temperature.casting', { castingId }),
    () => happen('reading_struck', { readingId: target, reason: '' }),
    () => happen('reading_moved', { readingId: target, slot: SLOTS[of % SLOTS.length]! }),
    () => happen('event_withdrawn', { eventId: target }),
    () => happen('event_retimed', { eventId: target, at: new Date(NOW + of * 700).toISOString() }),
    () => happen('as_found_noted', { depthMm: id }),
    () => happen('let_go', {}),
    () => happen('stuck', { depthMm: 1 }),
    () => happen('home', {}),
    () => happen('part_into_freezer', { freezerC: -18, place: null }),
    () => happen('casting_into_heat', { source: 'oven', sourceC: 90, castingC: 20, place: null }, true),
    () => happen('casting_rest_noted', { on: 'bare_steel' }, true),
    () => happen('casting_out', {}, true),
    () => happen('remedy_chosen', { remedy: 'sleeve' }),
    () => happen('remedy_checked', { isGood: true }),
    () => happen('order_noted', { partKey: 'p', state: 'ordered', kitNumber: '', promisedFor: null }),
    () => happen('step_skipped', { step: 'look', reason: 'done_before' }),
  ];
  return makes[what % makes.length]!();
}

const recordOf = (entries: readonly Entry[]): Entries => ({
  readings: entries.flatMap((each) => (each.type === 'reading' ? [each.entry] : [])),
  events: entries.flatMap((each) => (each.type === 'event' ? [each.entry] : [])),
});

/** As a server does: advanced, and made anew from the whole record only where `advance` says so. */
function advanced(history: readonly Entry[]): { state: JobState; timesAnew: number } {
  let state = freshState();
  let timesAnew = 0;
  history.forEach((entry, i) => {
    const next = advance(state, castings, entry);
    if (!next) timesAnew += 1;
    state = next ?? rebuild(castings, recordOf(history.slice(0, i + 1)));
  });
  return { state, timesAnew };
}

const doing = fc.record({
  atS: fc.integer({ min: 0, max: 40 }),
  seat: fc.nat(2),
  of: fc.nat(30),
  what: fc.nat(17),
});
const histories = fc
  .array(doing, { maxLength: 30 })
  .map((list) => list.map((each, id) => entryOf({ ...each, id })));

const expectSame = (history: readonly Entry[]): void => {
  expect(advanced(history).state).toEqual(rebuild(castings, recordOf(history)));
};

describe('a state advanced by one entry at a time', () => {
  it('is the state that the whole record gives, for random histories', { timeout: 60_000 }, () =>
    fc.assert(fc.property(histories, expectSame), { numRuns: 1500 }),
  );

  it('is plain data: written down and read again, it goes on the same', () =>
    fc.assert(
      fc.property(histories, (history) => {
        const { state } = advanced(history);
        expect(JSON.parse(JSON.stringify(state))).toEqual(state);
      }),
      { numRuns: 100 },
    ));

  it('needs the whole record for undo, a new time, and what comes late; not for what is done in its turn', () => {
    const inTurn = Array.from({ length: 400 }, (_, id) =>
      entryOf({ id, atS: id, seat: id, of: id, what: [0, 1, 6, 10, 11, 13, 9, 14, 15, 16][id % 10]! }),
    );
    expect(advanced(inTurn).timesAnew).toBe(0);
    const undo = entryOf({ id: 400, atS: 400, seat: 0, of: 6, what: 4 });
    expect(advance(advanced(inTurn).state, castings, undo)).toBeNull();
    const late = entryOf({ id: 401, atS: 1, seat: 0, of: 0, what: 6 });
    expect(advance(advanced(inTurn).state, castings, late)).toBeNull();
  });

  it('does not grow with what was read: 5 000 readings in the same slots', () => {
    const read = (n: number) =>
      Array.from({ length: n }, (_, id) => entryOf({ id, atS: id, seat: id, of: id, what: 0 }));
    const bytes = (n: number) => JSON.stringify(rebuild(castings, recordOf(read(n)))).length;
    expect(bytes(5000)).toBeLessThan(bytes(100) * 1.1);
  });
});

describe('histories that once failed, or could', () => {
  it.each<[string, Omit<Doing, 'id'>[]]>([
    [
      'a strike that came before its reading',
      [
        { atS: 5, seat: 0, of: 1, what: 2 },
        { atS: 1, seat: 0, of: 0, what: 0 },
      ],
    ],
    [
      'a move of a reading that was struck',
      [
        { atS: 0, seat: 0, of: 0, what: 0 },
        { atS: 1, seat: 0, of: 0, what: 2 },
        { atS: 2, seat: 0, of: 0, what: 3 },
      ],
    ],
    [
      'the only reading of its slot, moved away',
      [
        { atS: 0, seat: 0, of: 0, what: 0 },
        { atS: 1, seat: 0, of: 0, what: 0 },
        { atS: 2, seat: 0, of: 1, what: 3 },
        { atS: 3, seat: 0, of: 0, what: 3 },
      ],
    ],
    [
      'a strike where a third reading lies behind',
      [
        { atS: 0, seat: 0, of: 0, what: 0 },
        { atS: 1, seat: 0, of: 0, what: 0 },
        { atS: 2, seat: 0, of: 0, what: 0 },
        { atS: 3, seat: 0, of: 2, what: 2 },
      ],
    ],
    [
      'a new heat after the part was let go',
      [
        { atS: 0, seat: 0, of: 0, what: 7 },
        { atS: 1, seat: 0, of: 0, what: 11 },
      ],
    ],
    [
      'an undo of what has not come yet',
      [
        { atS: 5, seat: 0, of: 1, what: 4 },
        { atS: 1, seat: 0, of: 0, what: 9 },
      ],
    ],
    [
      'two of the same moment: the one that came later has the last word',
      [
        { atS: 3, seat: 0, of: 0, what: 8 },
        { atS: 3, seat: 0, of: 0, what: 9 },
        { atS: 3, seat: 0, of: 0, what: 0 },
        { atS: 3, seat: 0, of: 0, what: 0 },
      ],
    ],
  ])('%s', (_name, doings) => expectSame(doings.map((each, id) => entryOf({ ...each, id }))));
});
