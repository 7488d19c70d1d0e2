import type { MaterialCode } from '@/core/catalogue/materials';
import { meantWord } from './words';

/** Metals by their names, as people write and shorten them. */
const NAMES: Record<string, MaterialCode> = {
  al: 'alsi9cu3',
  alu: 'alsi9cu3',
  aluminium: 'alsi9cu3',
  aluminum: 'alsi9cu3',
  alloy: 'alsi9cu3',
  6061: 'al6061_t6',
  t6: 'alsi7mg_t6',
  mg: 'az91',
  mag: 'az91',
  magnesium: 'az91',
  az91: 'az91',
  iron: 'grey_iron',
  gjl: 'grey_iron',
  steel: 'mild_steel',
  bronze: 'tin_bronze',
};
/** What a thing is mostly made of. Common practice, no source. */
const THINGS: Record<string, MaterialCode> = {
  case: 'alsi9cu3',
  hub: 'al6061_t6',
  tube: 'mild_steel',
  head: 'mild_steel',
};
/** Goes with a metal and says nothing more. */
const BESIDE = new Set(['cast', 'grey', 'gray', 'light']);

/** The metal that is meant by its name, a finger-slip forgiven. */
export function namedMetal(word: string): MaterialCode | null {
  const name = meantWord(word, Object.keys(NAMES));
  return name ? NAMES[name]! : null;
}

/** Takes the metal out of the words, wherever it stands, by its name or by the thing that is made of it. */
export function takeMetal(words: readonly string[]): { metal: MaterialCode | null; rest: string[] } {
  const at = words.findIndex((word) => namedMetal(word) ?? THINGS[word.toLowerCase()]);
  if (at < 0) return { metal: null, rest: [...words] };
  const isBeside = at > 0 && BESIDE.has(words[at - 1]!.toLowerCase());
  return {
    metal: namedMetal(words[at]!) ?? THINGS[words[at]!.toLowerCase()]!,
    rest: words.filter((_, i) => i !== at && !(isBeside && i === at - 1)),
  };
}
