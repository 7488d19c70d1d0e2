import { describe, expect, it } from 'vitest';
import {
  BORE,
  MATES,
  OUTSIDE,
  chosen,
  disc,
  fresh,
  happen,
  hub,
  known,
  order,
  pass,
  read,
  sprocket,
  type Fact,
} from '../../../tests/support/knownHub';
import { NOW, viewJob } from '../../../tests/support/records';
import type { WalkStyle } from '@/core/record/vocabulary';
import type { SeatId } from '@/core/record/ids';
import type { MoveCode } from './move';
import { findNextMove, findSeatMove } from './nextMove';

const out = (seatId: SeatId) => happen('taken_out', { way: 'hook_or_lever', isSpoilt: true }, { seatId });
const seals = fresh.castings[0]!.seats.filter(({ spec }) => spec.kind === 'seal_in_bore');
const spacer = fresh.plan.hidden[0]!.key;
/** All beside the disc side’s bearing is out already. */
const BESIDE: Fact[] = [
  ...seals.map(({ id }) => out(id)),
  out(sprocket.id),
  happen('hidden_found', { key: spacer, isThere: true }, {}),
];
const OUT: Fact[] = [happen('as_found_noted', { depthMm: 4 }), out(disc.id)];
const CLEAN: Fact[] = [...OUT, happen('cleaned', { what: 'bore' })];
const TRIED: Fact[] = [...CLEAN, happen('dry_fit_noted', { result: 'good' })];
const READY: Fact[] = [...TRIED, happen('new_part_felt', { isGood: true }), happen('usual_fit_accepted', {})];
const HEATED: Fact[] = [
  ...READY,
  chosen('heat_chill'),
  happen('part_into_freezer', { freezerC: -18, place: null }),
];
const inHeat = (source: 'oven' | 'gun') =>
  happen('casting_into_heat', { source, sourceC: 90, castingC: 20, place: null }, hub);
const HOME: Fact[] = [...READY, chosen('drive'), happen('let_go', {}), happen('home', {})];

/** The engine by tables: what is known of a wheel hub’s first seat, and what it says is next there. */
const ROWS: readonly (readonly [string, Fact[], WalkStyle, MoveCode])[] = [
  ['nothing, in a hurry: it has a shoulder, so its depth is known', [], 'quick', 'take_out'],
  ['nothing, in full', [], 'full', 'note_as_found'],
  ['how it stands', [happen('as_found_noted', { depthMm: 4 })], 'full', 'take_out'],
  ['it is out', OUT, 'full', 'clean'],
  ['it is out, in a hurry', OUT, 'quick', 'clean'],
  ['it is out and clean', CLEAN, 'full', 'compare_part'],
  ['it is out and clean, in a hurry: a small kit in one go', CLEAN, 'quick', 'check_new_parts'],
  ['tried on its mates', TRIED, 'full', 'feel_new'],
  ['turned and listened to', [...TRIED, happen('new_part_felt', { isGood: true })], 'full', 'measure'],
  [
    'in a hurry a light fit is not measured, nor asked for its way',
    [...TRIED, happen('new_part_felt', { isGood: true })],
    'quick',
    'push_it_in',
  ],
  [
    'stripping is left out',
    [happen('step_skipped', { step: 'strip', reason: 'done_before' }, {})],
    'full',
    'clean',
  ],
  ['one bore reading: stripping is past', [read({ 'bore.1.0': 39.982 })], 'full', 'compare_part'],
  ['bore and outside, its shaft not compared', [read({ ...BORE, ...OUTSIDE })], 'full', 'compare_part'],
  [
    'both mates',
    [read({ ...BORE, ...OUTSIDE, ...MATES }), happen('new_part_felt', { isGood: true })],
    'full',
    'choose_way_in',
  ],
  [
    'overruled with a reason',
    [
      read({ ...BORE, ...OUTSIDE }),
      happen('compare_overruled', { reason: 'mate_not_here' }),
      happen('new_part_felt', { isGood: true }),
    ],
    'full',
    'choose_way_in',
  ],
  [
    'a millimetre too big',
    [read({ ...BORE, 'outside.0': 40.994, 'outside.90': 40.994 })],
    'full',
    'part_is_wrong',
  ],
  [
    'bored too big for its shaft',
    [read({ ...BORE, ...OUTSIDE, 'journal.0': 16.99, 'inside.0': 17.9 })],
    'quick',
    'part_is_wrong',
  ],
  [
    'numbers right, and it will not go',
    [read({ ...BORE, ...OUTSIDE, ...MATES }), happen('dry_fit_noted', { result: 'will_not_go' })],
    'full',
    'part_is_wrong',
  ],
  [
    'numbers right, and loose in the hand',
    [read({ ...BORE, ...OUTSIDE, ...MATES }), happen('dry_fit_noted', { result: 'loose' })],
    'full',
    'part_is_wrong',
  ],
  [
    'a spun seat',
    [
      read({
        'bore.1.0': 40.06,
        'bore.1.90': 40.07,
        'bore.2.0': 40.06,
        'bore.2.90': 40.07,
        ...OUTSIDE,
        ...MATES,
      }),
    ],
    'full',
    'repair_seat',
  ],
  ['ordered: out and clean all the same', [order('ordered')], 'full', 'note_as_found'],
  ['ordered, and all else done', [...CLEAN, order('ordered')], 'quick', 'wait_for_part'],
  ['came wrong', [...CLEAN, order('wrong')], 'quick', 'wait_for_part'],
  ['arrived', [...CLEAN, order('ordered'), order('arrived')], 'quick', 'check_new_parts'],
  ['not needed after all', [...CLEAN, order('ordered'), order('cancelled')], 'quick', 'check_new_parts'],
  ['ready', READY, 'full', 'choose_way_in'],
  ['driven in cold is chosen', [...READY, chosen('drive')], 'full', 'push_it_in'],
  ['chill is chosen', [...READY, chosen('chill')], 'full', 'part_into_freezer'],
  [
    'and it is cold',
    [...READY, chosen('chill'), happen('part_into_freezer', { freezerC: -18, place: null })],
    'full',
    'drop_now',
  ],
  ['heat is chosen', HEATED, 'full', 'casting_into_heat'],
  ['and it is in the oven', [...HEATED, inHeat('oven')], 'full', 'take_out_and_drop'],
  ['hot air is on the boss', [...HEATED, inHeat('gun')], 'full', 'take_out_and_drop'],
  ['out of the oven', [...HEATED, inHeat('oven'), happen('casting_out', {}, hub)], 'full', 'drop_now'],
  ['let go', [...READY, chosen('drive'), happen('let_go', {})], 'full', 'say_home_or_stuck'],
  [
    'cocked and cold: back out, not back to the heat',
    [...READY, chosen('drive'), happen('let_go', {}), happen('stuck', { depthMm: 3 })],
    'full',
    'back_it_out',
  ],
  [
    'another way is another try',
    [...READY, chosen('drive'), happen('let_go', {}), happen('stuck', { depthMm: 3 }), chosen('draw_in')],
    'full',
    'push_it_in',
  ],
  [
    'grabbed hot',
    [
      ...HEATED,
      inHeat('oven'),
      happen('casting_out', {}, hub),
      happen('let_go', {}),
      happen('stuck', { depthMm: 3 }),
    ],
    'full',
    'reheat',
  ],
  ['home', HOME, 'full', 'start_square_pass'],
  ['two readings round it', [...HOME, pass(9, 9.01)], 'full', 'read_depths'],
  // Two minutes of arc across a small race are less than a gauge held by hand can see: nothing to tap, the eye decides.
  ['no lean seen', [...HOME, pass(9, 9.01, 9, 9)], 'full', 'judge_by_eye'],
  ['cocked', [...HOME, pass(9, 9.2, 9.4, 9.2)], 'full', 'tap_high_side'],
  ['readings in no plane', [...HOME, pass(9, 9.4, 9, 9.4)], 'full', 'read_again'],
];

const seatMove = (facts: readonly Fact[], walk: WalkStyle, seatId = disc.id) => {
  const job = viewJob(known(...facts), NOW + 600_000);
  return findSeatMove(
    job.seats.find(({ seat }) => seat.id === seatId)!,
    job,
    walk,
  );
};

describe('the next move of one seat', () => {
  it.each(ROWS)('%s', (_, facts, walk, code) =>
    expect(seatMove([...BESIDE, ...facts], walk)?.code).toBe(code),
  );
  it('proven: none', () =>
    expect(
      seatMove([...BESIDE, ...HOME, happen('square_accepted', { pass: 1, overruled: true })], 'full'),
    ).toBeNull());
  it('by the eye, in one tap: proven too', () =>
    expect(
      seatMove([...BESIDE, ...HOME, happen('squared_by_eye', { signs: ['even_gap'] })], 'full'),
    ).toBeNull());
  it('the seal before the bearing that it covers, whichever seat is looked at', () =>
    expect(seatMove([], 'quick')).toMatchObject({ code: 'take_out', seatIds: seals.map(({ id }) => id) }));
  it('the spacer goes between: the second bearing waits for the first, and for the spacer', () => {
    const planned = [
      ...BESIDE,
      ...OUT,
      happen('usual_fit_accepted', {}, { seatId: sprocket.id }),
      happen('cleaned', { what: 'bore' }, { seatId: sprocket.id }),
      happen(
        'way_in_chosen',
        { way: 'drive', housingC: 20, ringC: 20, formulaVersion: 't' },
        { seatId: sprocket.id },
      ),
    ];
    const move = (...facts: Fact[]) => seatMove([...planned, ...facts], 'quick', sprocket.id)!;
    expect(move().seatIds).toEqual([disc.id]);
    expect(move(...CLEAN, ...READY, chosen('drive'), happen('home', {}))).toMatchObject({
      code: 'do_task',
      items: [{ key: 'spacer_in' }],
    });
    expect(
      move(
        ...CLEAN,
        ...READY,
        chosen('drive'),
        happen('home', {}),
        happen('task_done', { key: 'spacer_in' }, {}),
      ),
    ).toMatchObject({
      code: 'push_it_in',
      why: { seat: 'Disc side', reason: 'spacer_between' },
    });
  });
});

describe('the next move of the job', () => {
  const SKIP_LOOK = happen('step_skipped', { step: 'look', reason: 'done_before' }, {});
  const whole: readonly (readonly [string, Fact[], WalkStyle, MoveCode])[] = [
    ['nothing known, full', [], 'full', 'look_over'],
    ['nothing known, taught', [], 'taught', 'look_over'],
    ['nothing known, quick', [], 'quick', 'look_over'],
    ['all looked over at once', [happen('looked_over', { decision: 'renew' }, {})], 'quick', 'do_access'],
    ['looking left out', [SKIP_LOOK], 'full', 'do_access'],
    [
      'got at it',
      [SKIP_LOOK, ...fresh.plan.access.map(({ key }) => happen('access_done', { key }, {}))],
      'full',
      'note_stack',
    ],
    [
      'hot metal before everything',
      [...HEATED, inHeat('oven'), happen('casting_out', {}, hub)],
      'full',
      'drop_now',
    ],
    [
      'a seat that can go on before one that waits',
      [...BESIDE, ...CLEAN, order('ordered')],
      'quick',
      'clean',
    ],
  ];
  it.each(whole)('%s', (_, facts, walk, code) =>
    expect(findNextMove(viewJob(known(...facts), NOW + 30_000), walk).code).toBe(code),
  );
  it('a seat that a person wants finished first has its moves first, with what they wait for', () => {
    const facts = [...BESIDE, ...CLEAN, happen('seat_first', { isOn: true })];
    const move = (...more: Fact[]) => findNextMove(viewJob(known(...facts, ...more), NOW + 600_000), 'full');
    expect(move()).toMatchObject({ code: 'compare_part', seatId: disc.id });
    expect(move(happen('seat_first', { isOn: false })).code).toBe('clean');
  });
  it('the kit is counted once all is out, but not what is still on its way', () => {
    const ids = fresh.castings.flatMap(({ seats: list }) => list.map(({ id }) => id));
    const allClean = ids.flatMap((seatId) => [out(seatId), happen('cleaned', { what: 'bore' }, { seatId })]);
    const move = (...facts: Fact[]) =>
      findNextMove(
        viewJob(
          known(...allClean, happen('hidden_found', { key: spacer, isThere: true }, {}), ...facts),
          NOW + 600_000,
        ),
        'full',
      );
    const names = (...facts: Fact[]) => move(...facts).items.map(({ name }) => name);
    const discPart = fresh.plan.parts.find(({ seatId }) => seatId === disc.id)!;
    expect(move().code).toBe('count_kit');
    expect(names()).toContain(discPart.name);
    expect(names(order('promised'))).not.toContain(discPart.name);
    expect(names(order('promised'), order('arrived'))).toContain(discPart.name);
    const onTheirWay = fresh.plan.parts.map(({ key }) =>
      happen('order_noted', { partKey: key, state: 'ordered', kitNumber: '', promisedFor: null }, {}),
    );
    expect(move(...onTheirWay).code).not.toBe('count_kit');
  });
  it('never names a step that is not in the walk, nor a seat that is not in the job', () => {
    const ids = fresh.castings.flatMap(({ seats }) => seats.map(({ id }) => id));
    for (const [, facts, walk] of [...ROWS, ...whole]) {
      const move = findNextMove(viewJob(known(...facts), NOW + 600_000), walk);
      if (move.seatId !== null) expect(ids).toContain(move.seatId);
      expect(move.step).toMatch(/^(look|strip|stacks|parts|measure|way_in|heat_run|square|work|record)$/);
    }
  });
});
