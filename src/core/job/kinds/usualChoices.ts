import type { Sealant } from '@/core/closing/sealant';
import type { TurnFeel } from '@/core/record/closingVocabulary';

/** Answers that the work of many kinds shares. Common practice, no source. */
type Choice<Key extends string> = { key: Key; name: string; trouble?: string };

/** Turned by hand: what binds is found before anything more goes on. */
export const TURN_CHOICES: readonly Choice<TurnFeel>[] = [
  { key: 'free', name: 'Turns freely' },
  { key: 'light_drag', name: 'An even, light drag' },
  {
    key: 'heavy_drag',
    name: 'Heavy drag',
    trouble:
      'Something binds. Loosen what was done last, find it, and turn it again before anything more goes on.',
  },
  {
    key: 'notchy',
    name: 'Notchy',
    trouble:
      'A bearing was hit, or took the force through its balls: find which, and renew it. It does not run in.',
  },
  {
    key: 'locked',
    name: 'It is locked',
    trouble:
      'Open again what was closed last: a washer has dropped, or a shaft stands on its bearing. Never by the bolts.',
  },
];

/** What lies between two faces. */
export const FILM_CHOICES: readonly Choice<Sealant>[] = [
  { key: 'anaerobic', name: 'Anaerobic, on machined faces' },
  { key: 'semi_drying', name: 'Semi-drying compound' },
  { key: 'gasket_dry', name: 'Gasket, dry' },
  {
    key: 'silicone',
    name: 'Plain silicone',
    trouble:
      'Off again: what is pressed inward comes off and stops an oil way. Anaerobic, or a semi-drying compound.',
  },
];
