import { asId } from '../../../tests/support/ids';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { NOW } from '../../../tests/support/records';
import { buildDemo, idOf } from '../../../database/demo/demo';
import { rebuild } from '@/core/project/advance';
import { CHECKS, CLEANINGS, FEELS, FINDINGS, ORDER_STATES, PIECES, SIDES, WAIT_REASONS } from './vocabulary';
import { eventSchema, type JobEvent } from './entries';
import type { JobRecord } from './job';
import { parseJobFile, recordOfFile, writeJobFile } from './jobFile';

/** Whatever somebody does in the first half of a job, its file gives the same job back. */
const file = buildDemo(NOW).find(({ job }) => job.machine === 'Quarry 500')!;
const seatIds = file.job.castings.flatMap(({ seats }) => seats.map(({ id }) => id));
const key = fc.constantFrom(...file.job.plan.parts.map((part) => part.key));
const words = (max: number) => fc.string({ maxLength: max }).map((text) => text.trim());
const mm = fc.double({ min: 0.01, max: 190, noNaN: true }).map((value) => Math.round(value * 1000) / 1000);

const doings = fc.oneof(
  fc.record({
    kind: fc.constant('look_noted'),
    body: fc.record({
      check: fc.constantFrom(...CHECKS),
      finding: fc.constantFrom(...FINDINGS),
      decision: fc.constantFrom('renew', 'keep', 'look_again', null),
      note: words(200),
    }),
  }),
  fc.record({
    kind: fc.constant('as_found_noted'),
    body: fc.record(
      {
        depthMm: fc.double({ min: -90, max: 190, noNaN: true }),
        marks: fc.constantFrom('out', 'in', 'none'),
        note: words(200),
      },
      { requiredKeys: [] },
    ),
  }),
  fc.record({
    kind: fc.constant('stack_piece_noted'),
    body: fc.record({
      stackKey: fc.constantFrom(...file.job.plan.stacks.map((stack) => stack.key)),
      pieceId: fc.uuid({ version: 4 }),
      position: fc.integer({ min: 1, max: 40 }),
      what: fc.constantFrom(...PIECES),
      thicknessMm: fc.option(mm),
      notches: fc.integer({ min: 0, max: 12 }),
      side: fc.constantFrom(...SIDES),
      mark: words(40),
      place: words(60),
    }),
  }),
  fc.record({
    kind: fc.constant('kit_counted'),
    body: fc.record({ partKey: key, count: fc.integer({ min: 0, max: 99 }) }),
  }),
  fc.record({
    kind: fc.constant('order_noted'),
    body: fc.record({
      partKey: key,
      state: fc.constantFrom(...ORDER_STATES),
      kitNumber: words(40),
      promisedFor: fc.constantFrom(null, '2026-12-24'),
    }),
  }),
  fc.record({
    kind: fc.constant('weighed'),
    body: fc.record({
      partKey: key,
      feel: fc.constantFrom(...FEELS),
      decision: fc.constantFrom('renew', 'keep'),
    }),
  }),
  fc.record({ kind: fc.constant('cleaned'), body: fc.record({ what: fc.constantFrom(...CLEANINGS) }) }),
  fc.record({
    kind: fc.constant('waiting_noted'),
    body: fc.record({ reason: fc.constantFrom(...WAIT_REASONS), note: words(160) }),
  }),
);

const events = fc
  .array(
    fc.record({
      doing: doings,
      seat: fc.constantFrom(...seatIds),
      minute: fc.integer({ min: 0, max: 600 }),
      id: fc.uuid({ version: 4 }),
    }),
    { maxLength: 12 },
  )
  .map((list) =>
    list.map(
      ({ doing, seat, minute, id }) =>
        ({
          ...doing,
          id: asId(id),
          seatId: seat,
          castingId: null,
          personId: idOf('person iq'),
          at: new Date(NOW + minute * 60_000).toISOString(),
        }) as JobEvent,
    ),
  )
  .filter((list) => new Set(list.map(({ id }) => id)).size === list.length);

describe('the first half in a file', () => {
  it('whatever is entered is a valid entry', () =>
    fc.assert(
      fc.property(events, (list) => {
        for (const event of list) expect(eventSchema.safeParse(event).error?.issues ?? []).toEqual([]);
      }),
      { seed: 17, numRuns: 60 },
    ));

  it('comes back equal, and means the same', { timeout: 60_000 }, () =>
    fc.assert(
      fc.property(events, (list) => {
        const record = recordOfFile({ ...file, events: [...file.events, ...list] });
        const written = writeJobFile(record, new Map());
        const parsed = parseJobFile(JSON.stringify(written));
        if (!parsed.ok) throw new Error(JSON.stringify(parsed.issues));
        expect(parsed.value).toEqual(JSON.parse(JSON.stringify(written)));
        const stateOf = ({ castings, entries }: JobRecord) => rebuild(castings, entries);
        expect(stateOf(recordOfFile(parsed.value))).toEqual(stateOf(record));
      }),
      { seed: 23, numRuns: 25 },
    ),
  );

  it('the order in which entries arrive does not matter: their time does', () =>
    fc.assert(
      fc.property(events, fc.integer({ min: 0, max: 1000 }), (list, seed) => {
        // Two entries of the very same moment have no order of their own.
        const distinct = list.filter((event, i) => list.findIndex(({ at }) => at === event.at) === i);
        const mixed = distinct
          .map((event, i) => ({ event, rank: (i * 7919 + seed) % 101 }))
          .sort((a, b) => a.rank - b.rank)
          .map(({ event }) => event);
        const meaning = (some: readonly JobEvent[]) =>
          rebuild(file.job.castings, { readings: [], events: [...some] });
        expect(meaning(mixed)).toEqual(meaning(distinct));
      }),
      { seed: 31, numRuns: 60 },
    ));
});
