import { project } from '@/core/project/project';
import { slotText } from '@/core/record/slots';
import { describe, expect, it } from 'vitest';
import { NOW } from '../../../../tests/support/records';
import { idOf } from '../../../../database/demo/demo';
import { jobHeadSchema, type JobRecord } from '@/core/record/job';
import type { JobEvent, Reading } from '@/core/record/entries';
import { findNextMove, type Move } from '../nextMove';
import { viewJob, type JobView } from '../seatView';
import { findBlocks } from '../blocks';
import { copyHead, ownNumbers, withoutSeats } from '../copyJob';
import { JOB_KINDS } from './allKinds';
import { startJob } from './jobKind';

let count = 0;
const makeId = () => idOf(`kinds test ${(count += 1)}`);
const HAND = {
  id: idOf('by hand'),
  name: 'By hand',
  kind: 'by_hand' as const,
  resolution: 0.01,
  u: 0.006,
  isSimulated: false,
};
const start = (kind: (typeof JOB_KINDS)[number]): JobRecord => ({
  ...startJob(kind, { number: 1, machine: 'Test', roomC: 20, openedAt: new Date(NOW).toISOString(), makeId }),
  entries: { readings: [], events: [] },
  people: [],
  instruments: [HAND],
  photographs: [],
  tools: [],
});

/** Does what the next move asks, as a person would, and says what was done. */
function obey(record: JobRecord, { work }: JobView, move: Move): JobRecord {
  const at = new Date(
    NOW + record.entries.events.length * 1000 + record.entries.readings.length * 1000,
  ).toISOString();
  const base = { id: makeId(), seatId: move.seatId, castingId: null, personId: idOf('person iq') };
  const happen = (event: Pick<JobEvent, 'kind' | 'body'>) => ({
    ...record,
    entries: { ...record.entries, events: [...record.entries.events, { ...base, ...event, at } as JobEvent] },
  });
  const seat = record.castings.flatMap(({ seats }) => seats).find(({ id }) => id === move.seatId)!;
  const read = (slot: string, value: number) => ({
    ...record,
    entries: {
      ...record.entries,
      readings: [
        ...record.entries.readings,
        {
          ...base,
          slot,
          typed: String(value),
          value,
          instrumentId: HAND.id,
          metalC: 20,
          takenAt: at,
        } satisfies Reading,
      ],
    },
  });
  const { plan } = record;
  const keyNamed = (list: readonly { key: string; name: string }[]) =>
    list.find(({ name }) => name === move.name)!.key;
  switch (move.code) {
    case 'look_over':
      return happen({
        kind: 'look_noted',
        body: { check: move.check!, finding: 'bad', decision: 'renew', note: '' },
      });
    case 'do_access':
      return happen({
        kind: 'access_done',
        body: { key: keyNamed(plan.access.filter(({ key }) => !work.accessDone.includes(key))) },
      });
    case 'note_stack':
      return happen({
        kind: 'stack_piece_noted',
        body: {
          stackKey: keyNamed(plan.stacks),
          pieceId: makeId(),
          position: 1,
          what: 'shim',
          thicknessMm: 0.3,
          notches: 2,
          side: 'either',
          mark: '',
          place: '',
        },
      });
    case 'note_as_found':
      return happen({ kind: 'as_found_noted', body: { depthMm: 1 } });
    case 'find_hidden':
      return happen({ kind: 'hidden_found', body: { key: keyNamed(plan.hidden), isThere: true } });
    case 'take_out':
      return happen({ kind: 'taken_out', body: { way: 'fall_out_hot', isSpoilt: false } });
    case 'count_kit':
      return happen({
        kind: 'kit_counted',
        body: {
          partKey: plan.parts.find(({ key, name }) => name === move.name && !(key in work.counted))!.key,
          count: 1,
        },
      });
    case 'clean_seat':
      return happen({ kind: 'cleaned', body: { what: 'bore' } });
    case 'compare_part':
      return happen({ kind: 'compare_overruled', body: { reason: 'same_number_as_old' } });
    case 'read_bore':
      return read(slotText(move.slot!), seat.spec.part.outsideMm - 0.018);
    case 'read_outside':
      return read(slotText(move.slot!), seat.spec.part.outsideMm - 0.006);
    default:
      throw new Error(`not in the first half: ${move.code}`);
  }
}

/** Obeys until every seat is measured; gives the moves in their order. */
function walk(kind: (typeof JOB_KINDS)[number], style: 'quick' | 'full') {
  let record = start(kind);
  const done: Move[] = [];
  for (let i = 0; i < 400; i += 1) {
    const job = viewJob(project(record), NOW);
    if (job.seats.every(({ isMeasured }) => isMeasured)) return { record, done };
    const move = findNextMove(job, style);
    done.push(move);
    record = obeyOrFit(record, job, move);
  }
  throw new Error(`${kind.kind} never gets measured`);
}

/** A seat that is measured is fitted at once, so that the walk goes on to the next. */
function obeyOrFit(record: JobRecord, job: JobView, move: Move): JobRecord {
  const fitted = [
    'choose_way_in',
    'drive_it_in',
    'first_the_other',
    'say_home_or_stuck',
    'start_square_pass',
    'take_seal_out',
    'repair_seat',
  ];
  if (!fitted.includes(move.code)) return obey(record, job, move);
  const at = new Date(NOW + record.entries.events.length * 1000).toISOString();
  const event = (kind: string, body: unknown) =>
    ({
      id: makeId(),
      seatId: move.seatId,
      castingId: null,
      personId: idOf('person iq'),
      kind,
      body,
      at,
    }) as JobEvent;
  return {
    ...record,
    entries: {
      ...record.entries,
      events: [
        ...record.entries.events,
        event('home', {}),
        event('square_pass_started', { pass: 1, sense: 'sunk', circleMm: 30 }),
        event('square_accepted', { pass: 1, overruled: true }),
      ],
    },
  };
}

describe('thirteen job kinds, one with two variants', () => {
  it('are all there, each once', () => expect(new Set(JOB_KINDS.map(({ kind }) => kind)).size).toBe(14));

  it.each(JOB_KINDS.map((kind) => [kind.name, kind] as const))(
    '%s is whole: valid, with parts, steps and cautions that point somewhere',
    (_, kind) => {
      const { entries: _e, people: _p, instruments: _i, photographs: _ph, tools: _t, ...head } = start(kind);
      expect(jobHeadSchema.safeParse(head).error?.issues ?? []).toEqual([]);
      const ids = head.castings.flatMap(({ seats }) => seats.map(({ id }) => id));
      for (const { seatId } of head.plan.parts) if (seatId) expect(ids).toContain(seatId);
      for (const id of ids) expect(head.plan.parts.some(({ seatId }) => seatId === id)).toBe(true);
      for (const { first, then } of head.plan.order)
        expect(ids).toEqual(expect.arrayContaining([first, then]));
      for (const list of [
        head.plan.parts,
        head.plan.stacks,
        head.plan.access,
        head.plan.hidden,
        head.plan.inspect,
        head.plan.fasteners,
      ])
        expect(new Set(list.map(({ key }) => key)).size).toBe(list.length);
      expect(head.plan.special.length).toBeGreaterThan(0);
      expect(head.plan.checks.length).toBeGreaterThan(0);
    },
  );

  it.each(JOB_KINDS.map((kind) => [kind.name, kind] as const))(
    '%s: the full walk looks, strips, bags and counts before it measures, and gets measured',
    { timeout: 30_000 },
    (_, kind) => {
      const { done, record } = walk(kind, 'full');
      const codes = done.map(({ code }) => code);
      const first = (code: Move['code']) => codes.indexOf(code);
      expect(codes[0]).toBe('look_over');
      expect(first('note_as_found')).toBeLessThan(first('take_out'));
      expect(first('take_out')).toBeLessThan(first('read_bore'));
      expect(first('count_kit')).toBeLessThan(first('read_bore'));
      for (const { name } of record.plan.stacks)
        expect(done.some((move) => move.code === 'note_stack' && move.name === name)).toBe(true);
      for (const { name } of record.plan.hidden.filter(({ under }) => under))
        expect(done.some((move) => move.code === 'find_hidden' && move.name === name)).toBe(true);
      for (const { name } of record.plan.access)
        expect(done.some((move) => move.code === 'do_access' && move.name === name)).toBe(true);
    },
  );

  it.each(JOB_KINDS.map((kind) => [kind.name, kind] as const))(
    '%s: the quick walk goes straight to the gauge',
    (_, kind) => expect(walk(kind, 'quick').done[0]!.code).toBe('read_bore'),
  );

  it('what is hidden is looked for before its part goes out', () => {
    const { done } = walk(
      JOB_KINDS.find(({ kind }) => kind === 'final_drive')!,
      'full',
    );
    const pinion = done
      .filter(({ seatId }) => seatId === done.find(({ code }) => code === 'find_hidden')!.seatId)
      .map(({ code }) => code);
    expect(pinion.lastIndexOf('find_hidden')).toBeLessThan(pinion.indexOf('take_out'));
    expect(pinion.filter((code) => code === 'find_hidden')).toHaveLength(2);
  });
});

describe('a seal behind a bearing', () => {
  const record = start(JOB_KINDS.find(({ kind }) => kind === 'final_drive')!);
  it('blocks the bearing until it is in', () => {
    const job = viewJob(project(record), NOW);
    const cover = job.seats.find(({ seat }) => seat.name === 'Cover bearing')!;
    expect(findBlocks(cover, job)).toContainEqual({
      code: 'other_seat_first',
      name: 'Cover seal, behind its bearing',
    });
  });
});

describe('same as last', () => {
  const head = start(JOB_KINDS.find(({ kind }) => kind === 'final_drive')!);
  const copy = copyHead(head, { number: 2, machine: 'Other', openedAt: new Date(NOW).toISOString(), makeId });
  it('has the same castings, seats and plan under new ids', () => {
    const strip = (value: unknown) =>
      JSON.parse(JSON.stringify(value).replace(/"[0-9a-f-]{36}"/g, '"id"')) as unknown;
    expect(strip(copy.castings)).toEqual(strip(head.castings));
    expect(strip(copy.plan)).toEqual(strip(head.plan));
    const ids = new Set(
      head.castings.flatMap((casting) => [casting.id, ...casting.seats.map(({ id }) => id)]),
    );
    for (const { seatId } of copy.plan.parts) expect(seatId === null || !ids.has(seatId)).toBe(true);
  });
  it('leaves out what was taken off the map, also in the plan', () => {
    const gone = head.castings[0]!.seats[1]!.id;
    const left = withoutSeats(head, [gone]);
    expect(JSON.stringify(left)).not.toContain(gone);
  });
  it('keeps the machine’s own numbers, not the day’s', () => {
    expect(ownNumbers({ make: 'Bolver', hours: 960, complaint: 'whines', frameNumber: 'B1' })).toEqual({
      make: 'Bolver',
      frameNumber: 'B1',
    });
    expect(ownNumbers({ hours: 1 })).toBeNull();
  });
});
