import { findBearingsBySize, type SizeDifference } from '@/core/catalogue/bearings/catalogue';
import { parseBearing } from '@/core/catalogue/bearings/designation';
import type { BearingRow } from '@/core/catalogue/bearings/row';
import { findSealsBySize } from '@/core/catalogue/seals';
import type { Units } from '@/core/quantity/format';
import { readLengths, splitSizes, splitWords } from '@/core/ask/words';
import { SEAL_MATERIALS, type BorePart } from '@/core/record/fittedPart';
import type { StockItem } from '@/core/tools/stock';
import { labelOf, type Sizes } from './partLabel';

export type BorePartType = BorePart['type'];
/** A part that could go onto a seat. `apart`: listed minus typed, mm, of what does not agree. */
export type PartChoice = { part: BorePart; apart: Partial<Sizes>; fromStock?: number };

/** How far a size may be from a listed one to be offered, mm: a wrong variant is a millimetre off. Common practice, no source. */
const OFFERED_WITHIN_MM = 1.1;
const SAME_MM = 0.05;
const MOST = 8;

type Row = Pick<
  BearingRow,
  'designation' | 'type' | 'boreMm' | 'outsideMm' | 'widthMm' | 'chamferMm' | 'cupWidthMm'
>;

/** A bearing of the tables as what is pressed into a bore: of a taper, its outer race. Null for what is not pressed in. */
export function borePartOf(
  { designation, type, boreMm, outsideMm, widthMm, chamferMm, cupWidthMm }: Row,
  closure: 'open' | 'shielded' | 'sealed' = 'open',
): BorePart | null {
  const sizes = { designation, boreMm, outsideMm, widthMm, chamferMm };
  switch (type) {
    case 'tapered_roller':
      return { ...sizes, type, widthMm: cupWidthMm ?? widthMm };
    case 'deep_groove':
    case 'cylindrical_roller':
    case 'drawn_cup':
    case 'needle_rings':
      return { ...sizes, type, closure, cage: 'steel' };
    default:
      return null;
  }
}

/** A part by its sizes and its sort alone; the label follows from them. */
export function partOfSizes(type: BorePartType, sizes: Sizes, material?: string): BorePart {
  const plain = { ...sizes, chamferMm: type === 'seal' ? 0.3 : Math.min(1, sizes.widthMm / 10) };
  const rubber = SEAL_MATERIALS.find((each) => each === material) ?? 'nbr';
  const unlabelled =
    type === 'seal'
      ? { ...plain, type, material: rubber }
      : type === 'bush'
        ? { ...plain, type, material: 'tin_bronze' as const }
        : type === 'tapered_roller'
          ? { ...plain, type }
          : { ...plain, type, closure: 'open' as const, cage: 'steel' as const };
  const part = { ...unlabelled, designation: '–' } as BorePart;
  return { ...part, designation: labelOf(part) };
}

const apartOf = ({ boreMm, outsideMm, widthMm }: SizeDifference): Partial<Sizes> =>
  Object.fromEntries(
    Object.entries({ boreMm, outsideMm, widthMm }).filter(
      ([, mm]) => mm !== undefined && Math.abs(mm) > SAME_MM,
    ),
  );

const isSeal = (words: readonly string[]) => words.some((word) => /^seals?$/i.test(word));
const isBush = (words: readonly string[]) => words.some((word) => /^bush(?:es)?$/i.test(word));
const SORT_WORDS = /^(?:seals?|bush(?:es)?|bearings?|nbr|acm|fkm)$/i;

/** Bore (or shaft), outside and width, as measured; null where these are no three sizes of one part. */
function sizesIn(words: readonly string[], units: Units): Sizes | null {
  const texts = splitSizes(words.filter((word) => !SORT_WORDS.test(word)));
  const lengths = texts && readLengths(texts, units);
  if (lengths?.length !== 3) return null;
  const [boreMm, outsideMm, widthMm] = lengths as [number, number, number];
  const isPart = boreMm >= 3 && outsideMm > boreMm && outsideMm <= 300 && widthMm >= 2 && widthMm <= 80;
  return isPart ? { boreMm, outsideMm, widthMm } : null;
}

function bySizes(sizes: Sizes, words: readonly string[], before: BorePartType): PartChoice[] {
  const bearings = findBearingsBySize(sizes, OFFERED_WITHIN_MM, MOST).flatMap((near): PartChoice[] => {
    const part = borePartOf(near.bearing);
    return part ? [{ part, apart: apartOf(near) }] : [];
  });
  const asSeal = { shaftMm: sizes.boreMm, housingMm: sizes.outsideMm, widthMm: sizes.widthMm };
  const material = words.find((word) => (SEAL_MATERIALS as readonly string[]).includes(word.toLowerCase()));
  const seals = findSealsBySize(asSeal, OFFERED_WITHIN_MM).map(({ size }): PartChoice => {
    const listed = { boreMm: size.shaftMm, outsideMm: size.housingMm, widthMm: size.widthMm };
    const apart = Object.fromEntries(
      Object.entries(listed)
        .map(([key, mm]) => [key, mm - sizes[key as keyof Sizes]] as const)
        .filter(([, mm]) => Math.abs(mm) > SAME_MM),
    );
    return { part: partOfSizes('seal', listed, material?.toLowerCase()), apart };
  });
  const type = isSeal(words) ? 'seal' : isBush(words) ? 'bush' : before;
  const own: PartChoice = { part: partOfSizes(type, sizes, material?.toLowerCase()), apart: {} };
  const listed = isSeal(words)
    ? seals
    : isBush(words)
      ? []
      : before === 'seal'
        ? [...seals, ...bearings]
        : [...bearings, ...seals];
  const isListed = listed.some(({ part, apart }) => part.type === type && Object.keys(apart).length === 0);
  return [...listed, ...(isListed ? [] : [own])].slice(0, MOST);
}

/**
 * What a person may mean who types this for a seat: a number, or three sizes as measured, with or without `seal` or `bush`; nearest first,
 * a size of its own last. Empty where it is neither.
 * @param before what sits there now: sizes of their own are of the same sort
 */
export function partChoices(typed: string, units: Units, before: BorePartType): PartChoice[] {
  const words = splitWords(typed);
  const parsed = parseBearing(typed);
  if (parsed.ok) {
    const part = borePartOf(parsed.value, parsed.value.closure);
    return part ? [{ part, apart: {} }] : [];
  }
  const sizes = sizesIn(words, units);
  return sizes ? bySizes(sizes, words, before) : [];
}

/** What lies in stock and could go onto a seat: bearings, bushes and seals whose sizes are known. */
export function partsInStock(stock: readonly StockItem[]): PartChoice[] {
  return stock.flatMap(({ name, sort, insideMm, outsideMm, widthMm, count }): PartChoice[] => {
    if (count < 1 || (sort !== 'bearing' && sort !== 'seal' && sort !== 'bush')) return [];
    const parsed = sort === 'bearing' ? parseBearing(name) : null;
    const listed = parsed?.ok ? borePartOf(parsed.value, parsed.value.closure) : null;
    if (listed) return [{ part: listed, apart: {}, fromStock: count }];
    if (insideMm === null || outsideMm === null || widthMm === null) return [];
    const type = sort === 'bearing' ? 'deep_groove' : sort;
    const part = partOfSizes(type, { boreMm: insideMm, outsideMm, widthMm });
    return [{ part: { ...part, designation: name.slice(0, 40) }, apart: {}, fromStock: count }];
  });
}
