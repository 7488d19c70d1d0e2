import type { CastingStuff } from '@/core/record/vocabulary';

/** What else may be on a casting that heat spoils. */
export const CASTING_STUFF_WORDS: Record<CastingStuff, string> = {
  plastic_slider: 'Plastic slider',
  paint: 'Paint',
  powder_coat: 'Powder coat',
  adhesive: 'Glue or threadlocker',
};
