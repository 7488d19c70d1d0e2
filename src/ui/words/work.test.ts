import { describe, expect, it } from 'vitest';
import { OBJECTION_WORDS, REMOVAL_WORDS, REMEDY_WORDS, TOOL_NEED_WORDS, WEIGH_WORDS } from '@/ui/words/work';

/** Words that stand beside a thing which can hurt or be ruined must say so. */
describe('words of the first half', () => {
  it('the dangerous ways out carry their caution', () => {
    expect(REMOVAL_WORDS.fall_out_hot.how).toMatch(/Gloves/);
    expect(REMOVAL_WORDS.drift_by_quarters.how).toMatch(/Unhardened/);
    expect(REMOVAL_WORDS.screw_and_slide_hammer.how).toMatch(/Stop at the break-through/);
    expect(REMOVAL_WORDS.push_through.how).toMatch(/Catch what falls/);
  });
  it('every objection is a reason in lower case, to follow a colon', () => {
    for (const words of Object.values(OBJECTION_WORDS)) expect(words).toMatch(/^[a-z].*[^.]$/);
  });
  it('every repair says how it is proven', () => {
    for (const { name, check } of Object.values(REMEDY_WORDS)) {
      expect(name).toMatch(/^[A-Z]/);
      expect(check).toMatch(/\.$/);
    }
  });
  it('no table of words leaves one empty', () => {
    for (const words of [...Object.values(TOOL_NEED_WORDS), ...Object.values(WEIGH_WORDS)])
      expect(words.trim().length).toBeGreaterThan(3);
  });
});
