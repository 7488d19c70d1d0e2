import { describe, expect, it } from 'vitest';
import { buildDemo, idOf, TOOLS } from '../../../database/demo/demo';
import { describeJob, stackCodesOf, stacksOf } from '@/core/board/benchLine';
import { bagCode, stackCode } from '@/core/board/bagCode';
import type { EventBody, EventKind, JobEvent } from '@/core/record/entries';
import { recordOfFile } from '@/core/record/jobFile';
import type { JobRecord } from '@/core/record/job';
import { findBlocks, seatsBefore } from './blocks';
import { findNextMove, findSeatMove, isJobMove } from './nextMove';
import { viewJob } from './seatView';
import { replayWork, seatWorkOf } from './work';

const NOW = Date.parse('2026-11-01T10:00:00Z');
const files = buildDemo(NOW);
const demo = (machine: string): JobRecord => ({
  ...recordOfFile(files.find(({ job }) => job.machine === machine)!),
  tools: TOOLS,
});
const seatOf = (record: JobRecord, name: string) =>
  record.castings.flatMap(({ seats }) => seats).find((seat) => seat.name === name)!;
let count = 0;
const event = <K extends EventKind>(kind: K, body: EventBody<K>, seatId: string | null = null): JobEvent => {
  count += 1;
  return {
    id: idOf(`work test ${count}`),
    kind,
    body,
    seatId,
    castingId: null,
    personId: idOf('person iq'),
    at: new Date(NOW + count * 1000).toISOString(),
  } as JobEvent;
};
const withEvents = (record: JobRecord, ...events: JobEvent[]): JobRecord => ({
  ...record,
  entries: { ...record.entries, events: [...record.entries.events, ...events] },
});
const work = (...events: JobEvent[]) => replayWork({ readings: [], events });

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
    const done = work(
      event('as_found_noted', { depthMm: -1.7 }, seatId),
      event('as_found_noted', { marks: 'out', spacerLeftMm: 18.4 }, seatId),
    );
    expect(seatWorkOf(done, seatId).asFound).toEqual({ depthMm: -1.7, marks: 'out', spacerLeftMm: 18.4 });
    expect(seatWorkOf(done, idOf('another')).asFound).toBeNull();
  });
  it.each([
    [
      'step_skipped',
      { step: 'look', reason: 'done_before' },
      (w: ReturnType<typeof work>) => w.skipped.has('look'),
    ],
    ['waiting_noted', { reason: 'parts', note: '' }, (w) => w.waiting !== null],
    ['job_put_away', {}, (w) => w.putAway !== null],
    ['access_done', { key: 'wheel_out' }, (w) => w.accessDone.has('wheel_out')],
    [
      'look_noted',
      { check: 'oil', finding: 'bad', decision: null, note: '' },
      (w) => w.looks.get('oil')?.finding === 'bad',
    ],
    ['hidden_found', { key: 'o_ring', isThere: false }, (w) => w.hidden.get('o_ring') === false],
    ['kit_counted', { partKey: 'p', count: 2 }, (w) => w.counted.get('p') === 2],
    ['part_origin_noted', { partKey: 'p', origin: 'pattern' }, (w) => w.origins.get('p') === 'pattern'],
    [
      'conversion_noted',
      { partKey: 'p', what: 'ball_to_roller', note: '' },
      (w) => w.conversions.get('p')?.what === 'ball_to_roller',
    ],
    ['photograph_withdrawn', { photographId: idOf('x') }, (w) => w.withdrawnPhotographs.has(idOf('x'))],
    [
      'part_inspected',
      { key: 'fork', finding: 'bad', valueMm: 4.4 },
      (w) => w.inspected.get('fork')?.valueMm === 4.4,
    ],
    ['price_noted', { partKey: 'p', each: 12 }, (w) => w.prices.get('p') === 12],
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
      work(event('stack_piece_noted', piece), event('stack_piece_noted', { ...piece, thicknessMm: 0.32 }))
        .stacks.get('s')!
        .pieces.map(({ thicknessMm }) => thicknessMm),
    ).toEqual([0.32]);
  });
  it('waiting is over when it is said, and orders keep their history', () => {
    expect(
      work(event('waiting_noted', { reason: 'parts', note: '' }), event('waiting_over', {})).waiting,
    ).toBeNull();
    const order = (state: EventBody<'order_noted'>['state']) =>
      event('order_noted', { partKey: 'p', state, kitNumber: 'K', promisedFor: null });
    expect(
      work(order('ordered'), order('wrong'), order('ordered'))
        .orders.get('p')!
        .map(({ state }) => state),
    ).toEqual(['ordered', 'wrong', 'ordered']);
  });
  it('a repair chosen anew has to be proven anew', () => {
    const seatId = idOf('a seat');
    const done = work(
      event('remedy_chosen', { remedy: 'sleeve' }, seatId),
      event('remedy_checked', { isGood: true }, seatId),
      event('remedy_chosen', { remedy: 'solder_tinning' }, seatId),
    );
    expect(seatWorkOf(done, seatId).remedy).toMatchObject({ remedy: 'solder_tinning', isGood: null });
  });
});

describe('what stands in the way', () => {
  const gearbox = demo('Pelling 90, gearbox');
  const spun = seatOf(gearbox, 'Middle shaft');
  const blocksOf = (record: JobRecord, seatId: string) => {
    const job = viewJob(record, NOW);
    return findBlocks(
      job.seats.find(({ seat }) => seat.id === seatId)!,
      job,
    ).map(({ code }) => code);
  };
  const moveOf = (record: JobRecord, seatId: string) => {
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
    const chosen = withEvents(gearbox, event('remedy_chosen', { remedy: 'retaining_compound' }, spun.id));
    expect(blocksOf(chosen, spun.id)).toContain('remedy_not_checked');
    expect(moveOf(chosen, spun.id)).toBe('check_remedy');
    const proven = withEvents(chosen, event('remedy_checked', { isGood: true }, spun.id));
    // What is left is the old seal beside it, which the heat run asks for.
    expect(blocksOf(proven, spun.id)).toEqual(['seal_left_in']);
    expect(moveOf(proven, spun.id)).toBe('choose_way_in');
    expect(moveOf(withEvents(chosen, event('remedy_checked', { isGood: false }, spun.id)), spun.id)).toBe(
      'repair_seat',
    );
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
    expect(moveOf(arrived, slip.id)).toBe('clean_seat');
    expect(blocksOf(arrived, slip.id)).not.toContain('part_missing');
  });
  it('a part that fits one mate only, until somebody says why it is right', () => {
    const hub = demo('Ostrel 250, rear hub');
    const discSide = seatOf(hub, 'Disc side');
    expect(blocksOf(hub, discSide.id)).toContain('part_wrong');
    expect(
      blocksOf(
        withEvents(hub, event('compare_overruled', { reason: 'compared_by_eye' }, discSide.id)),
        discSide.id,
      ),
    ).not.toContain('part_wrong');
  });
  it('the inner seat before the outer, and a seal behind before its bearing', () => {
    const drive = demo('Bolver 570, front drive');
    const job = viewJob(drive, NOW);
    const pinion = job.seats.find(({ seat }) => seat.name === 'Pinion bearing')!;
    expect(seatsBefore(pinion, job).map(({ seat }) => seat.name)).toEqual(['Pinion pilot needle']);
    const home = withEvents(drive, event('home', {}, seatOf(drive, 'Pinion pilot needle').id));
    expect(blocksOf(home, pinion.seat.id)).not.toContain('other_seat_first');
  });
  it('a driver that no wall has, once a way in is chosen; an answer clears it', () => {
    const harrow = demo('Harrow 1200');
    const left = seatOf(harrow, 'Left main');
    const planned = withEvents(
      { ...harrow, tools: TOOLS.filter(({ sort }) => sort !== 'driver' && sort !== 'socket') },
      event('way_in_chosen', { way: 'heat', housingC: 90, ringC: 20, formulaVersion: 't' }, left.id),
    );
    expect(blocksOf(planned, left.id)).toEqual(['tool_missing']);
    expect(moveOf(planned, left.id)).toBe('find_tool');
    expect(
      blocksOf(withEvents(planned, event('tool_sorted', { need: 'driver', how: 'make' }, left.id)), left.id),
    ).toEqual([]);
    // An empty wall asks for nothing: it was never filled in.
    expect(blocksOf({ ...planned, tools: [] }, left.id)).toEqual([]);
  });
});

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
    expect(findNextMove(viewJob(skipped, NOW), 'full').code).toBe('read_bore');
  });
  it('a move of the whole job is told from one of a seat', () => {
    expect(isJobMove(findNextMove(viewJob(fresh, NOW), 'full'))).toBe(true);
    expect(isJobMove(findNextMove(viewJob(fresh, NOW), 'quick'))).toBe(false);
  });
  it('a seat taken off the map is not walked to, and its blocks are gone', () => {
    const gone = seatOf(fresh, 'Upper race').id;
    const job = viewJob(withEvents(fresh, event('seat_removed', {}, gone)), NOW);
    expect(job.seats.map(({ seat }) => seat.id)).not.toContain(gone);
    expect(
      seatsBefore(
        job.seats.find(({ seat }) => seat.name === 'Lower race')!,
        job,
      ),
    ).toEqual([]);
  });
  it('with everything proven, a stack that is still in its bag is what is left', () => {
    const moorland = demo('Moorland 350');
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

describe('the bench', () => {
  it('says what each job waits for, and drops what was put away', () => {
    expect(describeJob(demo('Tarn 220'), NOW)!.waiting).toEqual({ reason: 'parts', note: 'main bearings' });
    expect(describeJob(withEvents(demo('Tarn 220'), event('job_put_away', {})), NOW)).toBeNull();
  });
  it('a finished job is done; one with a seat open is not', () => {
    expect(describeJob(demo('Moorland 350'), NOW)!.isDone).toBe(true);
    expect(describeJob(demo('Harrow 1200'), NOW)!.isDone).toBe(false);
  });
  it('no two bags share a code: jobs and stacks of a whole year', () => {
    const codes = Array.from({ length: 3000 }, (_, n) => [
      bagCode(n),
      ...Array.from({ length: 6 }, (__, i) => stackCode(n, i)),
    ]).flat();
    expect(new Set(codes).size).toBe(codes.length);
    for (const code of codes.slice(0, 200)) expect(code).toMatch(/^[ACDEFGHJKLMNPQRTUVWXY34679]{4}$/);
  });
  it('stacks go by their plan, empty ones too, each with its code', () => {
    const record = demo('Bolver 570');
    expect(
      stacksOf(record, replayWork(record.entries)).map(({ name, pieces }) => [name, pieces.length]),
    ).toEqual([
      ['Pinion shims', 2],
      ['Ring-gear shims', 1],
    ]);
    expect(stackCodesOf(record)).toHaveLength(2);
  });
});
