import { FIRST_BLOWS, type Note } from '@/core/ear/noteChange';

/** Words of the ear: what it hears, and what it does not know. */
export function sayNote({ verdict, changedAt, apart }: Note): { headline: string; reason: string } {
  switch (verdict) {
    case 'listening':
      return {
        headline: apart.length === 0 ? 'Listening' : `Listening: ${apart.length} of ${FIRST_BLOWS}`,
        reason: `The first ${FIRST_BLOWS} blows say how it sounds while it slides. Even blows, a hand’s breadth away.`,
      };
    case 'same':
      return {
        headline: `The same note, ${apart.length} blows`,
        reason: 'It still slides, or it was home before the first blow. Two blows running must differ.',
      };
    case 'changed':
      return {
        headline: `It changed at blow ${changedAt}`,
        reason:
          'Higher or lower says nothing: only the change is evidence. Then a few taps round the race, and look at the gap.',
      };
    case 'cannot_tell':
      return {
        headline: 'Cannot tell',
        reason:
          'The first blows differ too much, or the shop is too loud. Nearer, more even blows; your own ear decides.',
      };
  }
}
