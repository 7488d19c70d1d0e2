import type { WalkStyle } from '@/core/record/vocabulary';

/** Tells the server in which walk to say the next move, so that the headline does not change under a finger that is quick. */
export const WALK_COOKIE = 'urn-key-walk';
const YEAR_S = 365 * 24 * 3600;

export const keepWalkHere = (walk: WalkStyle) => {
  document.cookie = `${WALK_COOKIE}=${walk}; path=/; max-age=${YEAR_S}; samesite=lax`;
};
