import { asId } from '../../../tests/support/ids';
import { readSlot } from '@/core/record/slots';
import { describe, expect, it } from 'vitest';
import type { MoveCode } from '@/core/job/nextMove';
import { STEPS } from '@/core/record/vocabulary';
import type { Issue } from '@/core/quantity/result';
import { sayIssue } from './issues';
import { acrossWords, sayMove, slotWords, STEP_PATHS, STEP_WORDS } from './moves';
import { CAUTIONS, FIT_WORDS, sayCeiling, WAY_WORDS } from './verdicts';

const MOVES: Record<MoveCode, true> = {
  look_over: true,
  do_access: true,
  note_as_found: true,
  find_hidden: true,
  take_out: true,
  note_stack: true,
  count_kit: true,
  wait_for_part: true,
  compare_part: true,
  part_is_wrong: true,
  clean_seat: true,
  check_remedy: true,
  first_the_other: true,
  find_tool: true,
  put_stack_back: true,
  read_bore: true,
  read_outside: true,
  repair_seat: true,
  choose_way_in: true,
  take_seal_out: true,
  part_into_freezer: true,
  casting_into_heat: true,
  take_out_and_drop: true,
  drop_now: true,
  say_home_or_stuck: true,
  reheat: true,
  drive_it_in: true,
  start_square_pass: true,
  read_depths: true,
  tap_high_side: true,
  read_again: true,
  read_eight: true,
  judge_by_eye: true,
  accept_square: true,
  all_proven: true,
};

describe('the next move in words', () => {
  it.each(Object.keys(MOVES) as MoveCode[])('%s is one sentence in the imperative, with a reason', (code) => {
    const { headline, reason } = sayMove(
      {
        code,
        seatId: asId('s'),
        step: 'measure',
        slot: readSlot('bore.1.0'),
        angleDeg: 275,
        seatName: 'Output shaft',
        name: code === 'find_tool' ? 'driver' : 'Pinion shims',
        check: 'oil',
      },
      'Main bearing',
    );
    expect(headline).toMatch(/^[A-Z].*[.?]$/);
    expect(headline.length).toBeLessThan(75);
    expect(reason).toMatch(/^[A-Z].*\.$/);
    expect(`${headline} ${reason}`).not.toMatch(/undefined|null|NaN/);
  });

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
    ).toBe('The seal left in at Output shaft takes no more than 100\u00a0°C');
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
