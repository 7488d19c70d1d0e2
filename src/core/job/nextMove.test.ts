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
import type { JobRecord } from '@/core/record/job';
import type { WalkStyle } from '@/core/record/vocabulary';
import { findNextMove, findSeatMove, type MoveCode } from './nextMove';

/** The engine by tables: what is known of a wheel hub’s first seat, and what it says is next. */
const ROWS: readonly (readonly [string, Fact[], WalkStyle, MoveCode])[] = [
  ['nothing, in a hurry', [], 'quick', 'read_bore'],
  ['nothing, in full', [], 'full', 'note_as_found'],
  ['how it stands', [happen('as_found_noted', { depthMm: 4 })], 'full', 'take_out'],
  [
    'it is out',
    [
      happen('as_found_noted', { depthMm: 4 }),
      happen('taken_out', { way: 'drift_by_quarters', isSpoilt: true }),
    ],
    'full',
    'clean_seat',
  ],
  [
    'it is out and clean',
    [happen('taken_out', { way: 'drift_by_quarters', isSpoilt: true }), happen('cleaned', { what: 'bore' })],
    'full',
    'read_bore',
  ],
  [
    'it is out, in a hurry',
    [happen('taken_out', { way: 'drift_by_quarters', isSpoilt: true })],
    'quick',
    'read_bore',
  ],
  [
    'stripping is left out',
    [happen('step_skipped', { step: 'strip', reason: 'done_before' }, {})],
    'full',
    'read_bore',
  ],
  ['one bore reading: stripping is past', [read({ 'bore.1.0': 39.982 })], 'full', 'read_bore'],
  ['the whole bore', [read(BORE)], 'full', 'read_outside'],
  ['bore and outside, its shaft not compared', [read({ ...BORE, ...OUTSIDE })], 'full', 'compare_part'],
  ['both mates', [read({ ...BORE, ...OUTSIDE, ...MATES })], 'full', 'choose_way_in'],
  [
    'overruled with a reason',
    [read({ ...BORE, ...OUTSIDE }), happen('compare_overruled', { reason: 'mate_not_here' })],
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
  ['ordered', [order('ordered')], 'full', 'note_as_found'],
  ['ordered, in a hurry', [order('ordered')], 'quick', 'wait_for_part'],
  ['came wrong, in a hurry', [order('wrong')], 'quick', 'wait_for_part'],
  ['arrived', [order('ordered'), order('arrived')], 'quick', 'read_bore'],
  ['not needed after all', [order('ordered'), order('cancelled')], 'quick', 'read_bore'],
  [
    'usual fit, parts left out',
    [happen('usual_fit_accepted', {}), happen('step_skipped', { step: 'parts', reason: 'not_worth_it' }, {})],
    'full',
    'choose_way_in',
  ],
  ['driven in cold is chosen', [happen('usual_fit_accepted', {}), chosen('drive')], 'full', 'drive_it_in'],
  ['chill is chosen', [happen('usual_fit_accepted', {}), chosen('chill')], 'full', 'part_into_freezer'],
  [
    'and it is cold',
    [
      happen('usual_fit_accepted', {}),
      chosen('chill'),
      happen('part_into_freezer', { freezerC: -18, place: null }),
    ],
    'full',
    'drop_now',
  ],
  ['heat is chosen', [happen('usual_fit_accepted', {}), chosen('heat')], 'full', 'casting_into_heat'],
  [
    'and it is in the oven',
    [
      happen('usual_fit_accepted', {}),
      chosen('heat'),
      happen('casting_into_heat', { source: 'oven', sourceC: 90, castingC: 20, place: null }, hub),
    ],
    'full',
    'take_out_and_drop',
  ],
  [
    'hot air is on the boss',
    [
      happen('usual_fit_accepted', {}),
      chosen('heat'),
      happen('casting_into_heat', { source: 'gun', sourceC: 120, castingC: 20, place: null }, hub),
    ],
    'full',
    'take_out_and_drop',
  ],
  ['let go', [chosen('drive'), happen('let_go', {})], 'full', 'say_home_or_stuck'],
  ['stuck', [chosen('drive'), happen('let_go', {}), happen('stuck', { depthMm: 3 })], 'full', 'reheat'],
  ['home', [chosen('drive'), happen('home', {})], 'full', 'start_square_pass'],
  ['two readings round it', [chosen('drive'), happen('home', {}), pass(9, 9.01)], 'full', 'read_depths'],
  // Two minutes of arc across a small race are less than a gauge held by hand can see: nothing to tap, the eye decides.
  ['no lean seen', [chosen('drive'), happen('home', {}), pass(9, 9.01, 9, 9)], 'full', 'judge_by_eye'],
  ['cocked', [chosen('drive'), happen('home', {}), pass(9, 9.2, 9.4, 9.2)], 'full', 'tap_high_side'],
  ['readings in no plane', [chosen('drive'), happen('home', {}), pass(9, 9.4, 9, 9.4)], 'full', 'read_again'],
];

describe('the next move of one seat', () => {
  it.each(ROWS)('%s', (_, facts, walk, code) => {
    const job = viewJob(known(...facts), NOW + 600_000);
    expect(
      findSeatMove(
        job.seats.find(({ seat }) => seat.id === disc.id)!,
        job,
        walk,
      )?.code,
    ).toBe(code);
  });
  it('proven: none', () => {
    const job = viewJob(
      known(happen('home', {}), happen('square_accepted', { pass: 1, overruled: true })),
      NOW,
    );
    expect(findSeatMove(job.seats[0]!, job, 'full')).toBeNull();
  });
  it('the spacer goes between: the second bearing waits for the first', () => {
    const planned = known(
      happen('usual_fit_accepted', {}, { seatId: sprocket.id }),
      happen(
        'way_in_chosen',
        { way: 'drive', housingC: 20, ringC: 20, formulaVersion: 't' },
        { seatId: sprocket.id },
      ),
    );
    const moveOf = (record: JobRecord) => {
      const job = viewJob(record, NOW);
      return findSeatMove(
        job.seats.find(({ seat }) => seat.id === sprocket.id)!,
        job,
        'full',
      );
    };
    expect(moveOf(planned)).toMatchObject({ code: 'first_the_other', seatName: 'Disc side' });
    expect(moveOf(happen('home', {})(planned))!.code).toBe('drive_it_in');
  });
});

describe('the next move of the job', () => {
  const whole: readonly (readonly [string, Fact[], WalkStyle, MoveCode])[] = [
    ['nothing known', [], 'full', 'look_over'],
    ['nothing known, taught', [], 'taught', 'look_over'],
    ['nothing known, quick', [], 'quick', 'read_bore'],
    [
      'all looked over',
      fresh.plan.checks.map((check) =>
        happen('look_noted', { check, finding: 'good', decision: null, note: '' }, {}),
      ),
      'full',
      'do_access',
    ],
    [
      'looking left out',
      [happen('step_skipped', { step: 'look', reason: 'done_before' }, {})],
      'full',
      'do_access',
    ],
    [
      'got at it',
      [
        happen('step_skipped', { step: 'look', reason: 'done_before' }, {}),
        ...fresh.plan.access.map(({ key }) => happen('access_done', { key }, {})),
      ],
      'full',
      'note_stack',
    ],
    [
      'hot metal before everything',
      [
        happen('usual_fit_accepted', {}),
        chosen('heat'),
        happen('casting_into_heat', { source: 'oven', sourceC: 90, castingC: 20, place: null }, hub),
        happen('casting_out', {}, hub),
      ],
      'full',
      'drop_now',
    ],
    [
      'a seat that can go on before one that waits',
      [order('ordered'), happen('step_skipped', { step: 'look', reason: 'done_before' }, {})],
      'quick',
      'read_bore',
    ],
  ];
  it.each(whole)('%s', (_, facts, walk, code) =>
    expect(findNextMove(viewJob(known(...facts), NOW + 30_000), walk).code).toBe(code),
  );
  it('the kit is counted once all is out, but not what is still on its way', () => {
    const allOut = fresh.castings.flatMap(({ seats }) =>
      seats.map(({ id }) =>
        happen('taken_out', { way: 'drift_by_quarters', isSpoilt: true }, { seatId: id }),
      ),
    );
    const move = (...facts: Fact[]) =>
      findNextMove(
        viewJob(
          known(
            ...allOut,
            happen('step_skipped', { step: 'stacks', reason: 'done_before' }, {}),
            happen('step_skipped', { step: 'look', reason: 'done_before' }, {}),
            ...facts,
          ),
          NOW + 600_000,
        ),
        'full',
      );
    const discPart = fresh.plan.parts.find(({ seatId }) => seatId === disc.id)!;
    expect(move()).toMatchObject({ code: 'count_kit', name: fresh.plan.parts[0]!.name });
    expect(fresh.plan.parts[0]).toEqual(discPart);
    expect(move(order('promised'))).toMatchObject({ code: 'count_kit', name: fresh.plan.parts[1]!.name });
    expect(move(order('promised'), order('arrived')).name).toBe(discPart.name);
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
      expect(move.step).toMatch(/^(look|strip|stacks|parts|measure|way_in|heat_run|square|record)$/);
    }
  });
});
