import { describe, expect, it } from 'vitest';
import { offer } from '@/core/walk/here';
import { SHAFT_OFF_WAYS, SHAFT_ON_WAYS } from '@/core/record/vocabulary';
import { SHAFT_OBJECTION_WORDS, SHAFT_OFF_WORDS, SHAFT_ON_WORDS, SHAFT_VERDICT_WORDS } from './shafts';
import { sayOffer } from './offers';

describe('words of seats on shafts', () => {
  it('name each way on its button, short enough for a glove, and say how it is done', () => {
    const said = [
      ...SHAFT_OFF_WAYS.map(
        (key) => [sayOffer(offer('off_shaft', [], { key })), SHAFT_OFF_WORDS[key].how] as const,
      ),
      ...SHAFT_ON_WAYS.map(
        (key) => [sayOffer(offer('onto_shaft', [], { key })), SHAFT_ON_WORDS[key].how] as const,
      ),
    ];
    for (const [short, how] of said) {
      expect(short.length).toBeGreaterThan(2);
      expect(short.length).toBeLessThanOrEqual(16);
      expect(how).toMatch(/^[A-Z].*\.$/);
    }
    expect(new Set(SHAFT_OFF_WAYS.map((way) => SHAFT_OFF_WORDS[way].name)).size).toBe(SHAFT_OFF_WAYS.length);
  });
  it('a verdict is a headline with its meaning; an objection goes on from a name', () => {
    for (const { word, meaning } of Object.values(SHAFT_VERDICT_WORDS))
      expect([word, meaning].join(' ')).toMatch(/^[A-Z][^.]* [A-Z].*\.$/);
    for (const words of Object.values(SHAFT_OBJECTION_WORDS)) expect(words).toMatch(/^[a-z][^.]*$/);
  });
});
