import { makeEvent } from '@/core/record/makeEvent';
import { describe, expect, it } from 'vitest';
import { eventBodies, eventSchema, type EventKind, type JobEvent } from '@/core/record/entries';
import { sayEvent } from './events';

const ID = '01900000-0000-7000-8000-000000000001';
/** One body of each kind of event, as a browser would send it. */
const BODIES: Record<EventKind, Record<string, unknown>> = {
  reading_struck: { readingId: ID, reason: '' },
  reading_moved: { readingId: ID, slot: 'bore.1.90' },
  usual_fit_accepted: {},
  way_in_chosen: { way: 'heat_chill', housingC: 90, ringC: -18, formulaVersion: '1' },
  caution_acknowledged: { caution: 'hot_metal' },
  seal_taken_out: {},
  laid_out: { item: 'gloves' },
  part_into_freezer: { freezerC: -18, place: null },
  part_cold_read: { celsius: -14.5 },
  casting_into_heat: { source: 'oven', sourceC: 110, castingC: 20, place: null },
  casting_heat_felt: { by: 'stick', celsius: 90, isAtLeast: true },
  casting_rest_noted: { on: 'bare_steel' },
  casting_stuff_noted: { what: 'paint', isThere: true, apartMm: 30 },
  casting_out: {},
  let_go: {},
  home: {},
  stuck: { depthMm: 6.5 },
  race_into_heat: { source: 'plate', sourceC: 100, does: 'on' },
  race_heat_read: { celsius: 92 },
  race_out_of_heat: {},
  shaft_into_freezer: { freezerC: -18 },
  race_grabbed: {},
  rescue_noted: { step: 'backed_out' },
  square_pass_started: { pass: 1, sense: 'sunk', circleMm: 30 },
  square_accepted: { pass: 1, overruled: false },
  off_shaft: { way: 'split_puller', isSpoilt: false },
  onto_shaft: { way: 'warm' },
  squared_by_eye: { signs: ['even_gap', 'note_changed'] },
  note_heard: { verdict: 'changed', blows: 9, changedAt: 7, middleHz: { first: 1900, last: 1200 } },
  retaining_ring_out: {},
  retaining_ring_in: { isAllRound: true, isClearOfPassage: true },
  retaining_ring_refused: {},
  joint_set: { torqueNm: 12 },
  bolt_tightened: { bolt: 3, pass: 2 },
  bolt_noted: { bolt: 3, what: 'stands_out' },
  turn_felt: { pass: 1, feel: 'light_drag' },
  joint_loosened: {},
  refilled: { what: 'engine_oil', amount: '0.8 l' },
  tools_counted: { missing: '' },
  estimate_noted: { minutes: 240, cost: 180 },
  spent_noted: { minutes: 265 },
  hand_over_signed: { as: 'workshop', name: 'Ida Quill' },
  job_handed_over: {},
  job_opened_again: { why: 'It leaks at the crank.', isApart: true, tasks: ['turn'], floats: [], stacks: [] },
  seat_opened_again: {},
  shims_chosen: { floatKey: 'crank_room', leftMm: [0.2], rightMm: [] },
  float_accepted: { floatKey: 'crank_room', by: 'hand', because: 'as it was' },
  contact_noted: { floatKey: 'pinion_backlash', where: 'middle' },
  depth_target_set: { from: 'number', depthMm: 2.4 },
  seal_fitted: { outside: 'dry', driver: 'bigger_driver' },
  seal_kind_noted: { lips: 'with_dust_lip', inside: 'oil', outside: 'dirt' },
  seal_way_told: { springToward: 'inside', by: 'ribs' },
  seal_tried: { bed: 'right', lip: 'too_loose' },
  seal_failed: { how: 'cocked', of: 'own' },
  seal_felt: { isEven: false },
  lip_checked: { isFolded: true },
  collar_noted: { state: 'turned_round' },
  seat_finding: { what: 'scored_bed' },
  new_part_felt: { isGood: true },
  stack_bagged: { stackKey: 'pinion_shims' },
  stack_put_back: { stackKey: 'pinion_shims' },
  looked_over: { decision: 'renew' },
  task_done: { key: 'spacer_in', choice: 'not_here' },
  task_ticked: { key: 'lubrication', item: 'dowels' },
  seat_first: { isOn: true },
  sum_kept: {
    path: 'thermal_fit/housing_temperature',
    query: 'ring_temperature_C=-18',
    title: 'How hot must the casting be?',
    answer: '104 °C',
    given: [{ label: 'Bearing', shown: '−18 °C' }],
  },
  note_written: { about: 'step_strip', text: 'leaned to the left' },
  fastener_noted: { key: 'case_bolts', state: 'rusted' },
  event_retimed: { eventId: ID, at: '2026-11-01T10:00:00.000Z' },
  event_withdrawn: { eventId: ID },
  step_skipped: { step: 'look', reason: 'done_before' },
  waiting_noted: { reason: 'parts', note: 'seals' },
  waiting_over: {},
  job_put_away: {},
  seat_removed: {},
  machine_noted: { make: 'Ostrel', year: 2016 },
  look_noted: { check: 'oil', finding: 'bad', decision: 'renew', note: 'milky' },
  rock_test_noted: { rimPlayMm: 0.5, rimRadiusMm: 250, spanMm: 80 },
  weighed: { partKey: 'a', feel: 'fair', decision: 'keep' },
  price_noted: { partKey: 'a', each: 12 },
  labour_noted: { minutes: 90, ratePerHour: 60 },
  access_done: { key: 'wheel_out' },
  as_found_noted: { depthMm: -1.7, marks: 'out' },
  hidden_found: { key: 'o_ring', isThere: true },
  taken_out: { way: 'fall_out_hot', isSpoilt: false },
  photograph_withdrawn: { photographId: ID },
  stack_piece_noted: {
    stackKey: 'pinion_shims',
    pieceId: ID,
    position: 1,
    what: 'shim',
    thicknessMm: 0.3,
    notches: 2,
    side: 'either',
    mark: '',
    place: '',
  },
  stack_piece_put_back: {
    stackKey: 'pinion_shims',
    pieceId: ID,
    thicknessMm: null,
    side: 'either',
    position: 1,
  },
  part_inspected: { key: 'forks', finding: 'good', valueMm: 4.7 },
  kit_counted: { partKey: 'a', count: 2 },
  part_origin_noted: { partKey: 'a', origin: 'pattern' },
  conversion_noted: { partKey: 'a', what: 'ball_to_roller', note: '' },
  dry_fit_noted: { result: 'good' },
  old_number_noted: { designation: '6204' },
  compare_overruled: { reason: 'compared_by_eye' },
  order_noted: { partKey: 'a', state: 'promised', kitNumber: 'K1', promisedFor: '2026-12-01' },
  cleaned: { what: 'oilways' },
  remedy_chosen: { remedy: 'sleeve' },
  remedy_checked: { isGood: false },
  tool_sorted: { need: 'driver', how: 'borrow' },
};
const eventOf = (kind: EventKind): JobEvent =>
  makeEvent({
    id: ID,
    seatId: null,
    castingId: null,
    personId: ID,
    kind,
    body: BODIES[kind],
    at: '2026-11-01T10:00:00.000Z',
  } as Parameters<typeof makeEvent>[0]);

describe('what happened, in words', () => {
  it('every kind of event that the record knows has a body here', () =>
    expect(Object.keys(BODIES).sort()).toEqual(Object.keys(eventBodies).sort()));
  it.each(Object.keys(BODIES) as EventKind[])('%s is a valid entry, and one plain phrase', (kind) => {
    expect(eventSchema.safeParse(eventOf(kind)).success).toBe(true);
    const words = sayEvent(eventOf(kind), 'metric');
    expect(words).toMatch(/^[A-Z0-9a-z]/);
    expect(words.length).toBeGreaterThan(3);
    expect(words).not.toMatch(/undefined|null|NaN|\[object|_/);
  });
  it('standing out and sunk are told apart, in the person’s units', () => {
    expect(sayEvent(eventOf('as_found_noted'), 'metric')).toMatch(/1\.70\smm proud, marks out/);
    expect(
      sayEvent({ ...eventOf('as_found_noted'), body: { depthMm: 4.953 } } as JobEvent, 'imperial'),
    ).toMatch(/deep/);
    expect(
      sayEvent({ ...eventOf('as_found_noted'), body: { depthMm: 4.953 } } as JobEvent, 'imperial'),
    ).toMatch(/0\.195/);
  });
  it.each([
    ['order_noted', { partKey: 'a', state: 'lost', kitNumber: '', promisedFor: null }],
    ['order_noted', { partKey: 'a', state: 'ordered', kitNumber: '', promisedFor: 'soon' }],
    ['kit_counted', { partKey: 'Main Bearing', count: 1 }],
    ['kit_counted', { partKey: 'a', count: -1 }],
    ['stack_piece_noted', { ...BODIES.stack_piece_noted, thicknessMm: 0 }],
    ['machine_noted', { year: 1066 }],
    ['as_found_noted', { depthMm: 1e9 }],
    ['look_noted', { ...BODIES.look_noted, check: 'taste' }],
    ['step_skipped', { step: 'look' }],
    ['home', { extra: 1 }],
  ] as [EventKind, unknown][])('%s with %j is refused at the door', (kind, body) =>
    expect(eventSchema.safeParse({ ...eventOf(kind), body }).success).toBe(false),
  );
});
