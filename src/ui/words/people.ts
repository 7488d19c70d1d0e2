import type { Units } from '@/core/quantity/format';

/** What a person may read and type in. */
export const UNIT_CHOICES: readonly { units: Units; words: string }[] = [
  { units: 'metric', words: 'mm, °C' },
  { units: 'metric_um', words: 'mm, fits in µm' },
  { units: 'imperial', words: 'inch, thou, °F' },
];
