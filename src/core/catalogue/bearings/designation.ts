import { fail, succeed, type Result } from '@/core/quantity/result';
import { BEARINGS } from './catalogue';
import { RIMS } from './rollers';
import type { BearingRow, BearingType } from './row';

export type BearingClosure = 'open' | 'shielded' | 'sealed';
export type ClearanceGroup = 'C2' | 'CN' | 'C3' | 'C4' | 'C5';

/** One part of a designation and what it means, in words. */
export type Feature = { code: string; meaning: string };

export type Bearing = BearingRow & {
  closure: BearingClosure;
  /** ISO 5753-1 clearance group: CN when nothing is written. */
  clearanceGroup: ClearanceGroup;
  cage: 'steel' | 'polyamide' | 'brass';
  /** True when a ring groove is turned into the outer race (N, NR). */
  hasRingGroove: boolean;
  /** Deep first: type, series, bore, then each suffix as written. */
  features: readonly Feature[];
};

const TYPE_WORDS: Record<BearingType, string> = {
  deep_groove: 'deep-groove ball bearing',
  cylindrical_roller: 'cylindrical roller bearing',
  tapered_roller: 'tapered roller bearing, cup and cone apart',
  drawn_cup: 'drawn-cup needle bearing',
  needle_rings: 'needle bearing with machined race',
  needle_cage: 'needles in a cage, no races',
  thrust_ball: 'thrust ball bearing',
  thrust_needle: 'flat needle thrust bearing, needs hardened washers',
};

type Suffix = {
  pattern: RegExp;
  meaning: string;
  sets?: Partial<Pick<Bearing, 'closure' | 'clearanceGroup' | 'cage' | 'hasRingGroove'>>;
};
type WrittenSuffix = { code: string; suffix: Suffix };

/** Suffixes that people write. Meanings are common practice of bearing lists, from memory. */
const SUFFIXES: readonly Suffix[] = [
  {
    pattern: /^(2RSR|2RSH|2RS1|2RS2|2RS|DDU|LLU|2LS)$/,
    meaning: 'rubber seal on both sides',
    sets: { closure: 'sealed' },
  },
  {
    pattern: /^(RSR|RSH|RS1|RS2|RS|DU|LU)$/,
    meaning: 'rubber seal on one side',
    sets: { closure: 'sealed' },
  },
  { pattern: /^(2RZ|2Z|ZZ)$/, meaning: 'metal shield on both sides', sets: { closure: 'shielded' } },
  { pattern: /^(RZ|Z)$/, meaning: 'metal shield on one side', sets: { closure: 'shielded' } },
  { pattern: /^C2$/, meaning: 'radial clearance less than normal', sets: { clearanceGroup: 'C2' } },
  { pattern: /^(CN|C0)$/, meaning: 'radial clearance normal', sets: { clearanceGroup: 'CN' } },
  { pattern: /^C3$/, meaning: 'radial clearance greater than normal', sets: { clearanceGroup: 'C3' } },
  { pattern: /^C4$/, meaning: 'radial clearance greater than C3', sets: { clearanceGroup: 'C4' } },
  { pattern: /^C5$/, meaning: 'radial clearance greater than C4', sets: { clearanceGroup: 'C5' } },
  {
    pattern: /^NR$/,
    meaning: 'groove in the outer race, with its retaining ring',
    sets: { hasRingGroove: true },
  },
  { pattern: /^N$/, meaning: 'groove for a retaining ring in the outer race', sets: { hasRingGroove: true } },
  {
    pattern: /^(TN9|TN|TVP2?|TVH|P|T)$/,
    meaning: 'polyamide cage: keep it below 120 °C',
    sets: { cage: 'polyamide' },
  },
  { pattern: /^(M|MA|MB)$/, meaning: 'solid brass cage', sets: { cage: 'brass' } },
  { pattern: /^J$/, meaning: 'pressed steel cage', sets: { cage: 'steel' } },
  { pattern: /^(E|EC|ECP|ECJ)$/, meaning: 'reinforced inside: more or bigger rollers, same outside sizes' },
  { pattern: /^P6$/, meaning: 'running accuracy class 6' },
  { pattern: /^P5$/, meaning: 'running accuracy class 5' },
  { pattern: /^X$/, meaning: 'outside sizes changed to the ISO ones' },
  { pattern: /^(A|B|D|G)$/, meaning: 'inner design of its maker: compare with the old part' },
];

const LETTER_MEANINGS: Record<string, string> = {
  ...RIMS,
  HK: 'drawn cup, open at both ends',
  BK: 'drawn cup, one end closed',
  NK: 'needles in a machined outer race, no inner race',
  NKI: 'needles in a machined outer race, with their inner race',
  NA: 'needles with machined outer and inner race',
  K: 'needles in a cage, run on shaft and bore themselves',
  AXK: 'flat cage of thrust needles',
};

/** Spelling without blanks, so that `NJ 206`, `nj206` and `NJ-206` are one. */
const compact = (text: string) =>
  text
    .toUpperCase()
    .replace(/[\s\-–]+/g, '')
    .replace(/×/g, 'X');

const BY_SPELLING = new Map(
  BEARINGS.flatMap((row) => {
    const spelling = compact(row.designation);
    // 6800 and 6900 are the short way to write 61800 and 61900; the X of 32005 X is often left out.
    const short = row.type === 'deep_groove' ? /^61([89])(\d\d|\/\d+)$/.exec(spelling) : null;
    const alias = short
      ? `6${short[1]}${short[2]}`
      : row.series === '320'
        ? spelling.replace(/X$/, '')
        : null;
    return [[spelling, row] as const, ...(alias ? [[alias, row] as const] : [])];
  }),
);
const SPELLINGS = [...BY_SPELLING.keys()].sort((a, b) => b.length - a.length);

/** `K 20×24×10` names its own sizes, so that any of them is readable. */
function readCage(spelling: string): { row: BearingRow; rest: string } | null {
  const match = /^K(\d+(?:\.\d+)?)X(\d+(?:\.\d+)?)X(\d+(?:\.\d+)?)(.*)$/.exec(spelling);
  if (!match) return null;
  const [boreMm, outsideMm, widthMm] = match.slice(1, 4).map(Number) as [number, number, number];
  if (!(boreMm > 0 && outsideMm > boreMm && widthMm > 0)) return null;
  return {
    row: {
      designation: `K ${boreMm}x${outsideMm}x${widthMm}`,
      type: 'needle_cage',
      series: 'K',
      boreMm,
      outsideMm,
      widthMm,
      chamferMm: 0.3,
      confidence: 'high',
    },
    rest: match[4]!,
  };
}

/** Cuts what follows the base into known suffixes. @returns null when a piece is not known */
function readSuffixes(rest: string): WrittenSuffix[] | null {
  if (rest === '') return [];
  if (/^[\/.]/.test(rest)) return readSuffixes(rest.slice(1));
  for (let length = Math.min(4, rest.length); length > 0; length -= 1) {
    const code = rest.slice(0, length);
    const suffix = SUFFIXES.find(({ pattern }) => pattern.test(code));
    const others = suffix ? readSuffixes(rest.slice(length)) : null;
    if (suffix && others) return [{ code, suffix }, ...others];
  }
  return null;
}

/** What series and bore number say, in words. */
function baseFeatures({ designation, series, type, boreMm }: BearingRow): Feature[] {
  const letters = /^[A-Z]+/.exec(series)?.[0];
  const bore =
    type === 'drawn_cup' || series === 'NK' || type === 'needle_cage'
      ? `${boreMm} mm under the needles`
      : `${boreMm} mm bore`;
  const boreSpelling = compact(designation).slice(series.length).replace(/X$/, '') || designation;
  return [
    {
      code: series,
      meaning: `${TYPE_WORDS[type]}${letters && LETTER_MEANINGS[letters] ? `: ${LETTER_MEANINGS[letters]}` : ''}`,
    },
    { code: boreSpelling, meaning: bore },
  ];
}

function bearingFrom(row: BearingRow, suffixes: readonly WrittenSuffix[]): Bearing {
  const base: Bearing = {
    ...row,
    closure: 'open',
    clearanceGroup: 'CN',
    cage: 'steel',
    hasRingGroove: false,
    features: [],
  };
  const set = suffixes.reduce<Bearing>((bearing, { suffix }) => ({ ...bearing, ...suffix.sets }), base);
  const written = suffixes.map(({ code }) => code);
  const clearance = written.filter((code) => /^C[0-9N]$/.test(code));
  const others = written.filter(
    (code) => !clearance.includes(code) && !(code === 'X' && row.series === '320'),
  );
  // A groove for a ring stands apart: 6304 NR.
  const grooves = others.filter((code) => /^NR?$/.test(code));
  const closures = others.filter((code) => !grooves.includes(code));
  return {
    ...set,
    designation: [
      row.designation + closures.map((code) => `-${code}`).join(''),
      ...grooves,
      ...clearance,
    ].join(' '),
    features: [
      ...baseFeatures(row),
      ...suffixes.map(({ code, suffix }) => ({ code, meaning: suffix.meaning })),
    ],
  };
}

/**
 * Reads what people write on a bag: `6306`, `6306 C3`, `6206-2RS C3`, `60/28`, `NJ206`, `HK2016`, `32005 X`, `K 20x24x10`.
 * Invalid: `unknown_designation` (not in the tables, or a suffix that nobody knows: no guess is made).
 */
export function parseBearing(text: string, field = 'designation'): Result<Bearing> {
  const spelling = compact(text.trim());
  const cage = readCage(spelling);
  const listed = SPELLINGS.filter((each) => spelling.startsWith(each)).map((each) => ({
    row: BY_SPELLING.get(each)!,
    rest: spelling.slice(each.length),
  }));
  const candidates = cage ? [cage, ...listed] : listed;
  for (const { row, rest } of candidates) {
    const suffixes = readSuffixes(rest);
    if (suffixes) return succeed(bearingFrom(row, suffixes));
  }
  return fail({ code: 'unknown_designation', field, given: text });
}
