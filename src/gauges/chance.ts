/** A number 0 … 1 that belongs to a text (FNV-1a hash, then scrambled). */
export function chanceOf(text: string): number {
  let hash = 2166136261;
  for (const character of text) hash = Math.imul(hash ^ character.codePointAt(0)!, 16777619);
  hash = Math.imul(hash ^ (hash >>> 15), 2246822507);
  hash = Math.imul(hash ^ (hash >>> 13), 3266489909);
  return ((hash ^ (hash >>> 16)) >>> 0) / 4294967296;
}

/** From −1 to 1, by the same: what lies either way. */
export const eitherWay = (text: string): number => 2 * chanceOf(text) - 1;
