import type { Units } from '@/core/quantity/format';
import { parseDecimal, parseLength } from '@/core/quantity/parseLength';

/**
 * What was typed, taken apart as people write it: `25x62x17`, `ø25 by ø62 by 17`, `25/62/17`, `6305,al`, `1 x 2 1/2 x 5/8` all come out
 * as words.
 */

/** Says nothing by itself. */
const FILLERS = new Set([
  'how',
  'hot',
  'warm',
  'heat',
  'freezer',
  'cold',
  'bearing',
  'bearings',
  'in',
  'the',
  'for',
  'a',
  'an',
  'of',
]);

/** Marks that belong to drawings and questions, not to the numbers. */
const plain = (typed: string) =>
  typed
    .replace(/[ø⌀Ø]\s*/g, ' ')
    .replace(/[?!]+/g, ' ')
    .replace(/[“”″]/g, '"')
    .trim();

/** Words by blanks and commas; a comma between digits is a decimal sign, unless three numbers are strung by it. */
export function splitWords(typed: string): string[] {
  const text = plain(typed);
  const strung = /^\d+(?:\.\d+)?,\d+(?:\.\d+)?,\d+(?:\.\d+)?(?=\s|$)/.test(text)
    ? text.replace(/^(\S+)/, (numbers) => numbers.replaceAll(',', ' '))
    : text;
  return strung.split(/(?:\s|,(?!\d)|(?<!\d),)+/).filter(Boolean);
}

export const withoutFillers = (words: readonly string[]) =>
  words.filter((word) => !FILLERS.has(word.toLowerCase()));

/** A size: a fraction with or without its whole, or a decimal, and its unit. */
const SIZE = String.raw`(?:\d+[\s-]+\d+\/\d+|\d+\/\d+|\d*[.,]?\d+)\s*(?:mm|in(?:ch(?:es)?)?|")?`;
const BETWEEN = String.raw`(?:\s*(?:[x×*]|\bby\b)\s*|\s+)`;
const STRUNG = new RegExp(`^(${SIZE})${BETWEEN}(${SIZE})(?:${BETWEEN}(${SIZE}))?$`, 'i');

/** `25/62/17`: three whole sizes strung by slashes are no fraction. */
const SLASHED = /^(\d+(?:\.\d+)?)\/(\d+(?:\.\d+)?)\/(\d+(?:\.\d+)?)$/;

/** Two or three sizes as people string them; null when they are none. */
export function splitSizes(words: readonly string[]): string[] | null {
  const text = words.join(' ');
  const match = SLASHED.exec(text) ?? STRUNG.exec(text);
  return match
    ? match
        .slice(1)
        .filter((size) => size !== undefined)
        .map((size) => size.trim())
    : null;
}

/** A fraction makes inches of the bare numbers beside it; so do the small figures of people who read inches. */
export function readLengths(texts: readonly string[], units: Units): number[] | null {
  const areInches =
    texts.some((text) => text.includes('/')) ||
    (units === 'imperial' && texts.some((text) => (parseDecimal(text) ?? 99) < 6));
  const lengths = texts.map((text) => parseLength(text, areInches ? 'in' : 'mm'));
  const read = lengths.flatMap((length) => (length.ok ? [length.value.mm] : []));
  return read.length === texts.length ? read : null;
}

/** Letters to insert, drop, change or swap with a neighbour (optimal string alignment). */
function slips(a: string, b: string): number {
  const rows = [Array.from({ length: b.length + 1 }, (_, j) => j)];
  for (let i = 1; i <= a.length; i += 1) {
    rows[i] = [i];
    for (let j = 1; j <= b.length; j += 1) {
      const cost = a[i - 1] === b[j - 1] ? 0 : 1;
      const isSwap = i > 1 && j > 1 && a[i - 1] === b[j - 2] && a[i - 2] === b[j - 1];
      rows[i]![j] = Math.min(
        rows[i - 1]![j]! + 1,
        rows[i]![j - 1]! + 1,
        rows[i - 1]![j - 1]! + cost,
        isSwap ? rows[i - 2]![j - 2]! + 1 : Infinity,
      );
    }
  }
  return rows[a.length]![b.length]!;
}

/** The known word that a finger slipped on: one slip from five letters on, two from nine on. @returns null when there is none, or two */
export function meantWord(typed: string, known: readonly string[]): string | null {
  const word = typed.toLowerCase();
  if (known.includes(word)) return word;
  const most = word.length >= 9 ? 2 : word.length >= 5 ? 1 : 0;
  if (most === 0) return null;
  const near = known.filter(
    (each) => Math.abs(each.length - word.length) <= most && slips(word, each) <= most,
  );
  return near.length === 1 ? near[0]! : null;
}
