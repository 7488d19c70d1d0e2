import type { JobId } from '@/core/record/ids';
import { findBearingsBySize, type SizeDifference } from '@/core/catalogue/bearings/catalogue';
import { parseBearing } from '@/core/catalogue/bearings/designation';
import type { MaterialCode } from '@/core/catalogue/materials';
import { parseThread, STRENGTH_CLASSES, type StrengthClass } from '@/core/catalogue/threads';
import { isBagCode } from '@/core/board/bagCode';
import type { Units } from '@/core/quantity/format';
import { parseDecimal, parseLength } from '@/core/quantity/parseLength';
import { parseQuantity } from '@/core/quantity/quantities';
import { usualInputs } from '@/core/sums/address';
import { describeSum, findSum, solveSum, SUMS, type Solved } from '@/core/sums/allSums';
import { findByWords } from '@/core/sums/findByWords';
import { sumPath, type SumDescription } from '@/core/sums/sum';
import { quickSeat, type QuickPart, type QuickSeat } from './quickSeat';

/**
 * The ask line: a few characters, and the answer in place. It reads a designation with a metal (`6306 al`), three sizes
 * (`25 62 17`), a thread and a torque (`m10 rod 20nm`), a bag code, a job kind, or the words of a sum.
 */
export type AskContext = {
  units: Units;
  jobs: readonly {
    jobId: JobId;
    code: string;
    stackCodes?: readonly string[];
    machine: string;
    number: number;
  }[];
  kinds: readonly { kind: string; name: string; keywords: string }[];
};

export type AskAnswer =
  | { kind: 'seat'; seat: QuickSeat; note: string | null }
  | { kind: 'part'; part: QuickPart; meaning: string }
  | { kind: 'sum'; sum: SumDescription; inputs: Record<string, unknown>; solved: Solved }
  | { kind: 'job'; jobId: JobId; machine: string; number: number; code: string }
  | { kind: 'job_kind'; jobKind: string; name: string }
  /** Several kinds that the word fits. */
  | { kind: 'job_kinds'; kinds: { jobKind: string; name: string }[] }
  /** A part that did not go where it should: what to do. */
  | { kind: 'help'; topic: HelpTopic }
  | { kind: 'sums'; sums: SumDescription[] };

export type HelpTopic = 'stuck' | 'cocked';
/** What people type when it happens. */
const HELP_WORDS: Record<string, HelpTopic> = {
  stuck: 'stuck',
  grabbed: 'stuck',
  jammed: 'stuck',
  'half way': 'stuck',
  cocked: 'cocked',
  crooked: 'cocked',
  tilted: 'cocked',
};
const askHelp = (text: string): AskAnswer | null => {
  const topic =
    HELP_WORDS[
      text
        .toLowerCase()
        .replace(/[^a-z ]/g, '')
        .trim()
    ];
  return topic ? { kind: 'help', topic } : null;
};

/** Metals as people shorten them. */
const METAL_WORDS: Record<string, MaterialCode> = {
  al: 'alsi9cu3',
  alu: 'alsi9cu3',
  aluminium: 'alsi9cu3',
  aluminum: 'alsi9cu3',
  alloy: 'alsi9cu3',
  case: 'alsi9cu3',
  hub: 'al6061_t6',
  t6: 'alsi7mg_t6',
  mg: 'az91',
  mag: 'az91',
  magnesium: 'az91',
  az91: 'az91',
  iron: 'grey_iron',
  steel: 'mild_steel',
  tube: 'mild_steel',
  head: 'mild_steel',
  bronze: 'tin_bronze',
};
const USUAL_METAL: MaterialCode = 'alsi9cu3';

function takeMetal(words: readonly string[]): { metal: MaterialCode; rest: string } {
  const last = words.at(-1)?.toLowerCase() ?? '';
  const metal = words.length > 1 ? METAL_WORDS[last] : undefined;
  return { metal: metal ?? USUAL_METAL, rest: (metal ? words.slice(0, -1) : words).join(' ') };
}

const asAnswer = (part: QuickPart, metal: MaterialCode, meaning: string, note: string | null): AskAnswer => {
  const seat = quickSeat(part, metal);
  return seat ? { kind: 'seat', seat, note } : { kind: 'part', part, meaning };
};

function askDesignation(words: readonly string[]): AskAnswer | null {
  const { metal, rest } = takeMetal(words);
  const parsed = parseBearing(rest);
  if (!parsed.ok) return null;
  const { designation, boreMm, outsideMm, widthMm, chamferMm, type, closure, features } = parsed.value;
  return asAnswer(
    { designation, boreMm, outsideMm, widthMm, chamferMm, type, closure },
    metal,
    features.map(({ code, meaning }) => `${code}: ${meaning}`).join('; '),
    null,
  );
}

/** How far a measured size may be from a listed one to be called that bearing, mm. Common practice, no source. */
const SAME_WITHIN_MM = 0.15;

type Sizes = { boreMm: number; outsideMm: number; widthMm: number };

/** Three sizes as people type them; null when they make no part. Small figures of inch people are inches. */
function readSizes(text: string, units: Units): Sizes | null {
  const parts = text.split(/[\sx×*]+/i).filter(Boolean);
  if (parts.length !== 3) return null;
  const bare = units === 'imperial' && parts.some((part) => (parseDecimal(part) ?? 99) < 6) ? 'in' : 'mm';
  const sizes = parts.map((part) => parseLength(part, bare));
  const [boreMm = 0, outsideMm = 0, widthMm = 0] = sizes.map((size) => (size.ok ? size.value.mm : 0));
  const isPart = boreMm >= 3 && outsideMm > boreMm && widthMm > 1 && outsideMm <= 250;
  return isPart ? { boreMm, outsideMm, widthMm } : null;
}

const SIZE_NAMES = { boreMm: 'bore', outsideMm: 'outside', widthMm: 'width' } as const;
const SIZE_KEYS = Object.keys(SIZE_NAMES) as (keyof Sizes)[];

/** What does not match of the nearest bearing in the tables. */
const sayDifferences = (near: SizeDifference): string =>
  SIZE_KEYS.filter((key) => Math.abs(near[key]!) > SAME_WITHIN_MM)
    .map(
      (key) =>
        `${SIZE_NAMES[key]} ${Math.abs(near[key]!).toFixed(2)} mm ${near[key]! > 0 ? 'bigger' : 'smaller'}`,
    )
    .join(', ');

function askSizes(words: readonly string[], units: Units): AskAnswer | null {
  const { metal, rest } = takeMetal(words);
  const sizes = readSizes(rest, units);
  if (!sizes) return null;
  const near = findBearingsBySize(sizes, 1.1)[0];
  if (near && SIZE_KEYS.every((key) => Math.abs(near[key]!) <= SAME_WITHIN_MM)) {
    const { bearing } = near;
    const said = `${bearing.designation} has these sizes`;
    return asAnswer({ ...bearing, closure: 'open' }, metal, bearing.designation, said);
  }
  const custom: QuickPart = {
    designation: `${sizes.boreMm}×${sizes.outsideMm}×${sizes.widthMm}`,
    ...sizes,
    chamferMm: 1,
    type: 'deep_groove',
    closure: 'open',
  };
  const said = near
    ? `in no table; nearest ${near.bearing.designation}: ${sayDifferences(near)}. Wrong variant?`
    : 'in no table: a size of its own';
  return asAnswer(custom, metal, '', said);
}

const solved = (path: string, changes: Record<string, unknown>): AskAnswer | null => {
  const sum = findSum(path);
  if (!sum) return null;
  const inputs = { ...usualInputs(sum.fields), ...changes };
  const answer = solveSum(sum, inputs);
  return answer.ok ? { kind: 'sum', sum: describeSum(sum), inputs, solved: answer.value } : null;
};

/** Across the flats a nut is about 1.6 d wide; its face bears at about 1.35 d. From memory. */
const nutFaceMm = (diameterMm: number) => 1.35 * diameterMm;

function askThread(words: readonly string[], units: Units): AskAnswer | null {
  const thread = parseThread(words[0] ?? '');
  if (!thread || words.length < 2) return null;
  const rest = words.slice(1);
  const strength = rest.find((word): word is StrengthClass =>
    (STRENGTH_CLASSES as readonly string[]).includes(word),
  );
  const torqueText = rest
    .filter((word) => word !== strength && !/^(rod|bolt|screw|nut)$/i.test(word))
    .join(' ');
  const torque = parseQuantity(torqueText, 'newton_metre', units);
  if (!torque.ok || torque.value < 0 || torque.value > 2000) return null;
  const size = { thread_d_mm: thread.diameterMm, pitch_mm: thread.pitchMm, torque_Nm: torque.value };
  // A thread with a torque is a bolt; a rod is asked for by its name.
  if (!rest.some((word) => /^rod$/i.test(word)))
    return solved('bolt_torque', {
      ...size,
      engagement_mm: 2 * thread.diameterMm,
      strength_class: strength ?? '8.8',
    });
  return solved('press_rod/force', {
    ...size,
    nut_face_mean_diameter_mm: nutFaceMm(thread.diameterMm),
    strength_class: strength ?? '4.6',
  });
}

function askBag(text: string, { jobs }: AskContext): AskAnswer | null {
  const job = isBagCode(text)
    ? jobs.find(
        ({ code, stackCodes = [] }) => code === text.toUpperCase() || stackCodes.includes(text.toUpperCase()),
      )
    : undefined;
  return job ? { kind: 'job', ...job } : null;
}

const sumWords = (sum: (typeof SUMS)[number]) => `${sum.title} ${sum.keywords} ${sum.lead}`;

function askWords(text: string, { kinds }: AskContext): AskAnswer | null {
  const fitting = findByWords(kinds, text, ({ name, keywords }) => `${name} ${keywords}`).map((each) => ({
    jobKind: each.kind,
    name: each.name,
  }));
  if (fitting.length > 1) return { kind: 'job_kinds', kinds: fitting };
  if (fitting[0]) return { kind: 'job_kind', ...fitting[0] };
  const found = findByWords(
    SUMS.filter(({ isAlias }) => !isAlias),
    text,
    sumWords,
  );
  if (found.length === 0) return null;
  return found.length === 1
    ? solved(sumPath(found[0]!), {})
    : { kind: 'sums', sums: found.slice(0, 6).map(describeSum) };
}

/** @returns null while what is typed means nothing yet */
export function ask(typed: string, context: AskContext): AskAnswer | null {
  const text = typed.trim().slice(0, 80);
  if (text.length < 2) return null;
  const words = text.split(/\s+/);
  return (
    askHelp(text) ??
    askBag(text, context) ??
    askThread(words, context.units) ??
    askDesignation(words) ??
    askSizes(words, context.units) ??
    (text.length > 2 ? askWords(text, context) : null)
  );
}
