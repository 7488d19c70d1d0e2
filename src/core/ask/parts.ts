import { findBearingsBySize, type SizeDifference } from '@/core/catalogue/bearings/catalogue';
import { parseBearing } from '@/core/catalogue/bearings/designation';
import type { MaterialCode, SealMaterial } from '@/core/catalogue/materials';
import { findRetainingRing, type RingStandard } from '@/core/catalogue/retainingRings';
import { isStandardSeal } from '@/core/catalogue/seals';
import type { Units } from '@/core/quantity/format';
import { parseDecimal } from '@/core/quantity/parseLength';
import { parseTemperature } from '@/core/quantity/parseTemperature';
import type { AskAnswer } from './answer';
import { solvedSum } from './solvedSum';
import { takeMetal } from './metals';
import { quickSeat, type QuickPart } from './quickSeat';
import { readLengths, splitSizes, withoutFillers } from './words';

const USUAL_METAL: MaterialCode = 'alsi9cu3';

/** Hotter or colder is no casting that somebody asks about, °C. */
const CASTING_C = [30, 400] as const;

/** What stands beside a part: the metal around it, how hot that is, how many there are. */
function takeBeside(words: readonly string[]) {
  const { metal, rest } = takeMetal(withoutFillers(words));
  const temperatures = rest.map((word) =>
    /^\d+(?:[.,]\d+)?°?[cf]$/i.test(word) ? parseTemperature(word, 'C') : null,
  );
  const at = temperatures.findIndex(
    (read) => read?.ok && read.value.celsius >= CASTING_C[0] && read.value.celsius <= CASTING_C[1],
  );
  const read = temperatures[at];
  const isCount = (word: string, i: number) => i === 0 && rest.length > 1 && /^\d{1,2}[x×]$/.test(word);
  return {
    metal: metal ?? USUAL_METAL,
    housingC: read?.ok ? read.value.celsius : null,
    rest: rest.filter((word, i) => i !== at && !isCount(word, i)),
  };
}

export function askDesignation(words: readonly string[]): AskAnswer | null {
  const { metal, housingC, rest } = takeBeside(words);
  const parsed = parseBearing(rest.join(' '));
  if (!parsed.ok) return null;
  const { designation, boreMm, outsideMm, widthMm, chamferMm, type, closure, features } = parsed.value;
  const part = { designation, boreMm, outsideMm, widthMm, chamferMm, type, closure };
  return {
    answer: 'bearing',
    part,
    meaning: features.map(({ code, meaning }) => `${code}: ${meaning}`).join('; '),
    seat: quickSeat(part, metal),
    note: null,
    housingC,
  };
}

/** How far a measured size may be from a listed one to be called that bearing, mm. Common practice, no source. */
const SAME_WITHIN_MM = 0.15;

type Sizes = { boreMm: number; outsideMm: number; widthMm: number | null };

/** Bore, outside and width, or bore and outside in either order; null when they make no part. */
function readSizes(words: readonly string[], units: Units): Sizes | null {
  const texts = splitSizes(words);
  const lengths = texts && readLengths(texts, units);
  if (!lengths) return null;
  // Two bare numbers may be anything; an x between them makes sizes of them.
  if (lengths.length === 2 && !/[x×*]|\bby\b/i.test(words.join(' '))) return null;
  const [boreMm = 0, outsideMm = 0] = lengths.length === 2 ? [...lengths].sort((a, b) => a - b) : lengths;
  const widthMm = lengths[2] ?? null;
  const isPart = boreMm >= 3 && outsideMm > boreMm && outsideMm <= 250 && (widthMm === null || widthMm > 1);
  return isPart ? { boreMm, outsideMm, widthMm } : null;
}

const SIZE_NAMES = { boreMm: 'bore', outsideMm: 'outside', widthMm: 'width' } as const;
const SIZE_KEYS = Object.keys(SIZE_NAMES) as (keyof Sizes)[];

/** What does not match of the nearest bearing in the tables. */
const sayDifferences = (near: SizeDifference): string =>
  SIZE_KEYS.filter((key) => Math.abs(near[key] ?? 0) > SAME_WITHIN_MM)
    .map(
      (key) =>
        `${SIZE_NAMES[key]} ${Math.abs(near[key]!).toFixed(2)} mm ${near[key]! > 0 ? 'bigger' : 'smaller'}`,
    )
    .join(', ');

/** The widths that the tables have for a bore and an outside. */
function askWidth({ boreMm, outsideMm }: Sizes): AskAnswer {
  const have = findBearingsBySize({ boreMm, outsideMm }, SAME_WITHIN_MM);
  return {
    answer: 'sizes',
    boreMm,
    outsideMm,
    widthMm: null,
    seat: null,
    note:
      have.length > 0
        ? `${have.map(({ bearing }) => `${bearing.designation} (${bearing.widthMm} mm wide)`).join(', ')} have these: type the width too`
        : 'no table has these: type the width too',
  };
}

export function askSizes(words: readonly string[], units: Units): AskAnswer | null {
  const { metal, housingC, rest } = takeBeside(words);
  const sizes = readSizes(rest, units);
  if (!sizes) return null;
  const { boreMm, outsideMm, widthMm } = sizes;
  if (widthMm === null) return askWidth(sizes);
  const near = findBearingsBySize({ boreMm, outsideMm, widthMm }, 1.1)[0];
  if (near && SIZE_KEYS.every((key) => Math.abs(near[key]!) <= SAME_WITHIN_MM)) {
    const part: QuickPart = { ...near.bearing, closure: 'open' };
    const { designation } = part;
    const note = `${designation} has these sizes`;
    return { answer: 'bearing', part, meaning: designation, seat: quickSeat(part, metal), note, housingC };
  }
  const part: QuickPart = {
    designation: `${boreMm}×${outsideMm}×${widthMm}`,
    boreMm,
    outsideMm,
    widthMm,
    chamferMm: 1,
    type: 'deep_groove',
    closure: 'open',
  };
  const note = near
    ? `in no table; nearest ${near.bearing.designation}: ${sayDifferences(near)}. Wrong variant?`
    : 'in no table: a size of its own';
  return { answer: 'sizes', boreMm, outsideMm, widthMm, seat: quickSeat(part, metal), note };
}

const RUBBERS: readonly string[] = ['nbr', 'acm', 'fkm'] satisfies SealMaterial[];
const isRubber = (word: string): word is SealMaterial => RUBBERS.includes(word);

/** `seal 30x47x7 nbr 9000rpm`, or three sizes that are a seal’s and no bearing’s. */
export function askSeal(words: readonly string[], units: Units): AskAnswer | null {
  const lower = words.map((word) => word.toLowerCase());
  const isSaid = lower.some((word) => word === 'seal' || word === 'seals');
  const rpmAt = lower.findIndex((word, i) => /^\d+rpm$/.test(word) || lower[i + 1] === 'rpm');
  const rpm = rpmAt < 0 ? null : parseInt(lower[rpmAt]!, 10);
  const material = lower.find(isRubber) ?? null;
  const rest = lower.filter(
    (word, i) => i !== rpmAt && word !== 'rpm' && !isRubber(word) && !word.startsWith('seal'),
  );
  const sizes = readSizes(rest, units);
  if (sizes?.widthMm == null) return null;
  const { boreMm: shaftMm, outsideMm, widthMm } = sizes;
  const isInTables = isStandardSeal({ shaftMm, housingMm: outsideMm, widthMm });
  const isBearing =
    findBearingsBySize(sizes as Required<Sizes> & { widthMm: number }, SAME_WITHIN_MM).length > 0;
  const isCalledBearing = lower.some((word) => /^bearings?$/.test(word));
  if (!isSaid && (!isInTables || isBearing || isCalledBearing)) return null;
  const solved =
    rpm === null
      ? solvedSum('rings_seals', {
          kind: 'rotary_seal',
          shaft_mm: shaftMm,
          housing_mm: outsideMm,
          width_mm: widthMm,
        })
      : solvedSum('lip_speed', { shaft_mm: shaftMm, rpm, material: material ?? 'nbr' });
  return solved && { answer: 'seal', shaftMm, outsideMm, widthMm, material, rpm, isInTables, ...solved };
}

const RING_WORDS = new Set(['ring', 'circlip', 'clip', 'retaining', 'snap', 'internal', 'external']);
const STANDARDS: readonly RingStandard[] = ['DIN472', 'DIN471'];

/** `circlip 25`: on a shaft and in a bore, for the number does not say which. */
export function askRing(words: readonly string[]): AskAnswer | null {
  const numbers = words.filter((word) => !RING_WORDS.has(word.toLowerCase()));
  const nominalMm = numbers.length === 1 ? parseDecimal(numbers[0]!.replace(/mm$/i, '')) : null;
  if (nominalMm === null || words.length < 2) return null;
  const rings = STANDARDS.flatMap((standard) => {
    const ring = findRetainingRing(standard, nominalMm);
    return ring ? [{ standard, ring }] : [];
  });
  return rings.length > 0 ? { answer: 'retaining_ring', nominalMm, rings } : null;
}

/** Letters that open the numbers of bearings, and numbers of four digits and more. From memory. */
const LIKE_A_PART =
  /^(?:(?:rna[ov]?|nkis?|nkx?|nao?|nup?|nj|nf|hk|bk|axk|rs?|jl?m?|lm?|hm|ba|sce|ge|si|sa)\s?\d|\d{4,6}(?:$|[\s/-]))/i;

/** Written like a part’s number, with no table that has it: no guess is made. */
export function askUnknownPart(words: readonly string[]): AskAnswer | null {
  const typed = takeBeside(words).rest.join(' ');
  return LIKE_A_PART.test(typed) ? { answer: 'not_in_tables', typed } : null;
}
