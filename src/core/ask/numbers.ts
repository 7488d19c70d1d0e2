import { findLimits, isToleranceClass } from '@/core/catalogue/limits';
import {
  parseThread,
  STRENGTH_CLASSES,
  UNMARKED,
  type StrengthClass,
  type ThreadSize,
} from '@/core/catalogue/threads';
import { asText, type Units } from '@/core/quantity/format';
import { parseDecimal } from '@/core/quantity/parseLength';
import { parseQuantity, showQuantity } from '@/core/quantity/quantities';
import type { Quantity } from '@/core/quantity/units';
import type { AskAnswer } from './answer';
import { solvedSum } from './solvedSum';

/** Across the flats a nut is about 1.6 d wide; its face bears at about 1.35 d. From memory. */
const nutFaceMm = (diameterMm: number) => 1.35 * diameterMm;

const USUAL_BOLT: StrengthClass = '8.8';
/** Share of its proof load that a torque takes a bolt to, at the least friction. Common practice, no source. */
const USUAL_SHARE = 0.75;

/** More than anybody tightens here by hand, N·m. */
const MOST_TORQUE_NM = 2000;

const THREAD_WORDS = new Set([
  'rod',
  'bolt',
  'screw',
  'nut',
  'stud',
  'torque',
  'thread',
  'unc',
  'unf',
  'at',
  'to',
  'with',
]);

/** A torque that takes a bolt to the usual share of its proof load, N·m, to the half. */
function usualTorqueNm(size: Record<string, unknown>): number {
  const at = solvedSum('bolt_torque', { ...size, torque_Nm: 10 })?.solved.answers.bolt_utilisation_high;
  return typeof at === 'number' && at > 0 ? Math.round((20 * USUAL_SHARE) / at) / 2 : 10;
}

type AskedThread = {
  thread: ThreadSize;
  isRod: boolean;
  strengthClass: StrengthClass | undefined;
  torqueNm: number | null;
};

/** A thread among the words, and what stands beside it; null where there is none, or something that is no torque. */
function readThread(words: readonly string[], units: Units): AskedThread | null {
  const joined = words
    .join(' ')
    .replace(/\bm\s+(?=\d)/i, 'm')
    .split(' ');
  const thread = joined.map((word) => parseThread(word)).find((each) => each !== null);
  if (!thread) return null;
  const isClass = (word: string): word is StrengthClass =>
    (STRENGTH_CLASSES as readonly string[]).includes(word);
  const strengthClass = joined.find(isClass);
  const isRod = joined.some((word) => /^rod$/i.test(word));
  const torqueText = joined
    .filter((word) => word !== strengthClass && !parseThread(word) && !THREAD_WORDS.has(word.toLowerCase()))
    .join(' ');
  if (torqueText === '') return { thread, isRod, strengthClass, torqueNm: null };
  const torque = parseQuantity(torqueText, 'newton_metre', units);
  const isTorque = torque.ok && torque.value >= 0 && torque.value <= MOST_TORQUE_NM;
  return isTorque ? { thread, isRod, strengthClass, torqueNm: torque.value } : null;
}

/** `m10 rod 20nm`, `M8 25 Nm`, `m6 8.8 12 ft lb`, `1/4-20 10 ft lb`, `torque m6`: a bolt, unless a rod is asked for by its name. */
export function askThread(words: readonly string[], units: Units): AskAnswer | null {
  const asked = readThread(words, units);
  if (!asked) return null;
  const { thread, isRod, torqueNm } = asked;
  const strengthClass = asked.strengthClass ?? (isRod ? UNMARKED : USUAL_BOLT);
  const size = {
    thread_d_mm: thread.diameterMm,
    pitch_mm: thread.pitchMm,
    strength_class: strengthClass,
  };
  const bolt = { ...size, engagement_mm: 2 * thread.diameterMm };
  const torque_Nm = torqueNm ?? usualTorqueNm(bolt);
  const solved = isRod
    ? solvedSum('press_rod/force', {
        ...size,
        torque_Nm,
        nut_face_mean_diameter_mm: nutFaceMm(thread.diameterMm),
      })
    : solvedSum('bolt_torque', { ...bolt, torque_Nm });
  return (
    solved && {
      answer: isRod ? 'rod' : 'bolt',
      strengthClass,
      isStrengthAssumed: asked.strengthClass === undefined,
      isTorqueAssumed: torqueNm === null,
      ...solved,
    }
  );
}

/** `62 N7`, `k6 25`: ISO 286 limits of a size in a class. Capitals are bores; what only the other case has is taken as that. */
export function askLimits(words: readonly string[]): AskAnswer | null {
  const match =
    /^(\d+(?:[.,]\d+)?)\s*(?:mm)?\s*(js\d{1,2}|[a-z]\d{1,2})$/i.exec(words.join(' ')) ??
    /^(?<code>js\d{1,2}|[a-z]\d{1,2})\s+(?<size>\d+(?:[.,]\d+)?)$/i.exec(words.join(' '));
  if (!match) return null;
  const nominalMm = parseDecimal(match.groups?.size ?? match[1]!);
  const code = match.groups?.code ?? match[2]!;
  const toleranceClass = [code, code.toUpperCase(), code.toLowerCase()].find(isToleranceClass);
  const limitsUm = nominalMm !== null && toleranceClass ? findLimits(nominalMm, toleranceClass) : null;
  return limitsUm && { answer: 'limits', nominalMm: nominalMm!, toleranceClass: toleranceClass!, limitsUm };
}

/** What each kind of amount is said in, by its units: a length and a torque in both worlds, a temperature in both degrees. */
const CONVERTED: readonly { quantity: Quantity; pattern: RegExp }[] = [
  { quantity: 'celsius', pattern: /^[-−]?[\d.,]+\s*(?:°\s*|deg\s*)?[cf]$/i },
  { quantity: 'newton_metre', pattern: /^[\d.,]+\s*(?:n·?m|ft[- ]?lbf?|lbf?[- ]?ft|in[- ]?lbf?)$/i },
  { quantity: 'size_mm', pattern: /^[-−]?[\d.,/ -]+\s*(?:mm|in|inch|inches|"|thou|um|µm)$/i },
];

/** `200F`, `95C`, `62 mm in inch`, `3/4 in`, `12 ft lb`: one amount with its unit, in the other unit. */
export function askConversion(words: readonly string[]): AskAnswer | null {
  const text = words.join(' ');
  const asked =
    /^(.*\S)\s+(?:in|to|as|=)\s+(?:mm|inch|inches|thou|c|f|°c|°f|nm|ft[- ]?lb)$/i.exec(text)?.[1] ?? text;
  for (const { quantity, pattern } of CONVERTED) {
    if (!pattern.test(asked)) continue;
    const read = parseQuantity(asked, quantity, 'metric');
    if (!read.ok) continue;
    const shown = (['metric', 'imperial'] as const).map((units) =>
      asText(showQuantity(read.value, quantity, units)),
    );
    return { answer: 'conversion', typed: asked, quantity, value: read.value, shown };
  }
  return null;
}
