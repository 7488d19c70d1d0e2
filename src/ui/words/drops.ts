import type { DropResult } from '@/core/after/drops';
import { ENOUGH_HEATS, type Fitted } from '@/core/after/fitShop';

/** What came of the drops, in words. */

export const OUTCOME_WORDS: Record<DropResult['outcome'], string> = {
  by_itself: 'home by itself',
  with_taps: 'home with taps',
  drawn_in: 'drawn in',
  home: 'home',
  stuck: 'stuck',
};

/** How far a figure may be trusted, and whether it is used. */
export function sayTrust(fitted: Fitted | null, isOn: boolean): string {
  if (!fitted) return 'no two heats have told it yet';
  const { heats, isEnough } = fitted;
  if (heats < ENOUGH_HEATS) return `${heats} of ${ENOUGH_HEATS} heats: nothing is claimed yet`;
  if (!isEnough) return `${heats} heats, and still vaguer than the usual guess: not used`;
  return isOn ? `${heats} heats: used in every plan and run` : `${heats} heats: switched off`;
}
