import { asId } from '../../../tests/support/ids';
import { readSlot } from '@/core/record/slots';
import { describe, expect, it } from 'vitest';
import type { Move, MoveCode } from '@/core/walk/move';
import { STEPS } from '@/core/record/vocabulary';
import type { Issue } from '@/core/quantity/result';
import { sayIssue } from './issues';
import { acrossWords, slotWords } from './slots';
import { sayMove } from './moves';
import { STEP_PATHS, STEP_WORDS } from './steps';
import { CAUTIONS, FIT_WORDS, sayCeiling, WAY_WORDS } from './verdicts';

const CODES: Record<MoveCode, true> = {
  look_over: true,
  do_access: true,
  do_task: true,
  note_stack: true,
  note_as_found: true,
  take_out: true,
  ring_out: true,
  find_hidden: true,
  clean: true,
  count_kit: true,
  inspect: true,
  check_new_parts: true,
  compare_part: true,
  feel_new: true,
  wait_for_part: true,
  part_is_wrong: true,
  check_remedy: true,
  repair_seat: true,
  measure: true,
  part_into_freezer: true,
  choose_way_in: true,
  find_tool: true,
  casting_into_heat: true,
  take_out_and_drop: true,
  drop_now: true,
  say_home_or_stuck: true,
  reheat: true,
  free_it: true,
  back_it_out: true,
  look_at_bore: true,
  push_it_in: true,
  start_square_pass: true,
  read_depths: true,
  tap_high_side: true,
  read_again: true,
  read_eight: true,
  judge_by_eye: true,
  bring_to_depth: true,
  accept_square: true,
  set_depth: true,
  ring_in: true,
  bring_home: true,
  seal_in: true,
  seal_proof: true,
  put_stack_back: true,
  all_proven: true,
  handed_over: true,
};

const item = (name: string, act: Move['items'][number]['act'], key: string | null = null) => ({
  id: name,
  act,
  name,
  key,
  seatId: key ? null : asId('s'),
});
const move = (code: MoveCode): Move => ({
  code,
  stage: 'in',
  step: 'measure',
  seatId: asId('s'),
  seatIds: [asId('s')],
  castingId: null,
  castingName: null,
  id: code,
  cautions: [],
  items: code === 'look_over' ? [item('oil', 'look', 'oil')] : [item('Output shaft', 'clean')],
  slot: readSlot('bore.1.0'),
  angleDeg: 275,
  reason: 'Because.',
  ...(code === 'find_tool' && { tool: 'driver' }),
  ...((code === 'all_proven' || code === 'handed_over') && { items: [] }),
});

describe('the next move in words', () => {
  it.each(Object.keys(CODES) as MoveCode[])('%s is one sentence in the imperative, with a reason', (code) => {
    const { headline, reason } = sayMove(move(code));
    expect(headline).toMatch(/^[A-Z].*[.?!]$/);
    expect(headline.length).toBeLessThan(75);
    expect(reason).toMatch(/^[A-Z].*\.$/);
    expect(`${headline} ${reason}`).not.toMatch(/undefined|null|NaN/);
  });
  it('several seats are named; many are counted, with their casting', () => {
    const say = (...names: string[]) =>
      sayMove({
        ...move('take_out'),
        castingName: 'Left half',
        items: names.map((name) => item(name, 'part_out')),
      }).headline;
    expect(say('Left needle')).toBe('Out: left needle.');
    expect(say('Left needle', 'Right needle')).toBe('Out: left needle and right needle.');
    expect(say('Needle, open end', 'Bush')).toBe('Out: needle, open end; bush.');
    expect(say('One', 'Two', 'Three', 'Four')).toBe('Out: four seats of the left half.');
  });
  it('what is written in capitals stays so inside of a sentence', () =>
    expect(
      sayMove({ ...move('find_hidden'), items: [item('O-ring under it', 'hidden', 'o')] }).headline,
    ).toBe('Find it: O-ring under it.'));

  it('places read as people say them, and never like a time of day', () => {
    expect(slotWords(readSlot('bore.1.0'))).toBe('12–6, near the mouth');
    expect(slotWords(readSlot('bore.2.90'))).toBe('3–9, near the shoulder');
    expect(slotWords(readSlot('outside.90'))).toBe('bearing, a quarter turn on');
    expect(slotWords(readSlot('depth.2.285'))).toBe('at between 9 and 10 o’clock');
    expect(acrossWords(60)).toBe('2–8');
    expect(slotWords(readSlot('depth.1.290'))).not.toMatch(/\d:\d\d/);
  });

  it('every step has a word and a path of its own', () => {
    expect(new Set(STEPS.map((step) => STEP_WORDS[step])).size).toBe(STEPS.length);
    expect(new Set(STEPS.map((step) => STEP_PATHS[step])).size).toBe(STEPS.length);
  });
});

describe('what is wrong, in words', () => {
  const issue = (code: string, more: Partial<Issue> = {}): Issue => ({
    code,
    field: 'bore.1.0',
    given: 2.44,
    min: 59,
    max: 65,
    ...more,
  });

  it.each([
    ['looks_like_inches', /in inches it would fit 59\.00–65\.00\u00a0mm/],
    ['looks_like_mm', /meant in mm/],
    ['looks_like_thou', /thousandths/],
    ['impossible_size', /2\.44\u00a0mm cannot be here: 59\.00 to 65\.00/],
    ['not_a_length', /no size/],
    ['unknown_unit', /no unit here/],
    ['empty', /Type a number/],
    ['depth_negative', /sunk or stands out/],
    ['other_version', /version/],
    ['too_large', /too large/],
    ['no_space_for_ring', /retaining ring/],
  ])('%s', (code, words) => expect(sayIssue(issue(code))).toMatch(words));

  it('speaks of sizes and temperatures in the person’s units', () => {
    expect(
      sayIssue({ code: 'impossible_size', field: '', given: 12.7, min: 25.4, max: 50.8 }, 'imperial'),
    ).toBe('0.5000\u00a0in cannot be here: 1.0000 to 2.0000\u00a0in would.');
    expect(
      sayIssue({ code: 'impossible_temperature', field: '', given: 350, min: -60, max: 300 }, 'imperial'),
    ).toBe('−76\u00a0°F to 572\u00a0°F is possible here.');
  });

  it('says something also for a code that it does not know', () =>
    expect(sayIssue(issue('brand_new_code'))).toBe('bore.1.0: brand new code'));
});

describe('verdicts', () => {
  it('each has a word and a meaning', () => {
    for (const { word, meaning } of Object.values(FIT_WORDS)) {
      expect(word.length).toBeGreaterThan(4);
      expect(meaning).toMatch(/\.$/);
    }
  });
  it('a ceiling names what is weakest, where, and how much it takes', () => {
    expect(
      sayCeiling({ what: 'seal_left_in', sees: 'casting', limitC: 100, seatName: 'Output shaft' }, 'metric'),
    ).toBe('The old seal at Output shaft takes no more than 100\u00a0°C');
    expect(sayCeiling({ what: 'bearing_cage', sees: 'settling', limitC: 120 }, 'imperial')).toBe(
      'The plastic cage takes no more than 248\u00a0°F',
    );
  });
  it('peening is never offered, and the manual comes first', () => {
    const everything = JSON.stringify([FIT_WORDS, WAY_WORDS, CAUTIONS]);
    expect(everything).toContain('no punch marks');
    expect(CAUTIONS.manual_first).toMatch(/manual.*local rules.*licensed practice/);
    expect(CAUTIONS.magnesium).toMatch(/never water/);
  });
});
