/**
 * A new part against both its mates, and against the old one: before any force.
 *
 * A kit of another year fits one mate and not the other, so each mate counts by itself. Differences are part minus bore, and
 * journal minus part: positive is tight in both. Common practice, no source.
 */
export type Mate = 'bore' | 'journal' | 'old_part';

export type MateCheck = {
  mate: Mate;
  state: 'right' | 'wrong' | 'not_compared';
  /** How far off, mm on diameter (or width, for the old part); null while not compared. */
  byMm: number | null;
  /** Which size differs most; for the old part only. */
  size?: 'outside' | 'bore' | 'width';
};

export type PartCheck = {
  mates: MateCheck[];
  /** Doubtful: loose in the hand, whatever the numbers say. */
  verdict: 'right' | 'wrong' | 'doubtful' | 'not_yet';
};

/** Sizes of one part as measured (means, mm); what was not measured is missing. */
export type ComparedSizes = Partial<
  Record<
    'bore' | 'outside' | 'inside' | 'journal' | 'width' | 'oldOutside' | 'oldInside' | 'oldWidth',
    number
  >
>;

/** A press or slip fit stays well within this; a wrong variant is off by half a millimetre or more. Common practice, no source. */
const WRONG_FIT_MM = 0.25;
/** Two parts of one number differ by less. Common practice, no source. */
const SAME_PART_MM = 0.15;

/** How much bigger one may be than the other, mm. */
type Window = { from: number; to: number };
const METAL: Window = { from: -WRONG_FIT_MM, to: WRONG_FIT_MM };
/**
 * A seal is rubber: its outside is some tenths bigger than its bed, its free lip about a millimetre smaller than its collar, and that is
 * right. ISO 6194-1 practice, from memory.
 */
const SEAL = { bed: { from: 0, to: 0.8 }, lip: { from: 0.2, to: 2.5 } } as const;

const fitCheck = (
  mate: Mate,
  one: number | undefined,
  other: number | undefined,
  { from, to }: Window = METAL,
): MateCheck => {
  if (one === undefined || other === undefined) return { mate, state: 'not_compared', byMm: null };
  const byMm = one - other;
  return { mate, state: byMm < from || byMm > to ? 'wrong' : 'right', byMm };
};

/** Sizes that belong to the number on the old part, as they were looked up when it was noted. */
export type ListedSizes = {
  outsideMm?: number | undefined;
  boreMm?: number | undefined;
  widthMm?: number | undefined;
};

/** The old part by its sizes as measured; where none was, by the number read on it. */
function oldPartCheck(sizes: ComparedSizes, listed: ListedSizes | null): MateCheck {
  const old = {
    outside: sizes.oldOutside ?? listed?.outsideMm,
    bore: sizes.oldInside ?? listed?.boreMm,
    width: sizes.oldWidth ?? listed?.widthMm,
  };
  const fresh = { outside: sizes.outside, bore: sizes.inside, width: sizes.width };
  const known = (['outside', 'bore', 'width'] as const).flatMap((size) =>
    old[size] !== undefined && fresh[size] !== undefined ? [{ size, byMm: fresh[size] - old[size] }] : [],
  );
  const worst = known.sort((a, b) => Math.abs(b.byMm) - Math.abs(a.byMm))[0];
  return worst
    ? { mate: 'old_part', state: Math.abs(worst.byMm) > SAME_PART_MM ? 'wrong' : 'right', ...worst }
    : { mate: 'old_part', state: 'not_compared', byMm: null };
}

/** What the hand said when the part was tried dry on its mates. */
export type DryFit = 'good' | 'tight' | 'loose' | 'will_not_go';

/**
 * Compares the part of a seat with its mates. A seat without a journal has one mate only; the old part is a third witness, never
 * needed. A dry fit counts with the numbers: one that goes as it should has been compared with both, one that will not go is wrong.
 */
export function comparePart(
  { hasJournal, isSeal = false }: { hasJournal: boolean; isSeal?: boolean },
  sizes: ComparedSizes,
  oldListed: ListedSizes | null,
  dryFit: DryFit | null = null,
): PartCheck {
  const mates: MateCheck[] = [
    fitCheck('bore', sizes.outside, sizes.bore, isSeal ? SEAL.bed : METAL),
    ...(hasJournal ? [fitCheck('journal', sizes.journal, sizes.inside, isSeal ? SEAL.lip : METAL)] : []),
    oldPartCheck(sizes, oldListed),
  ];
  if (dryFit === 'will_not_go' || mates.some(({ state }) => state === 'wrong'))
    return { mates, verdict: 'wrong' };
  if (dryFit === 'loose') return { mates, verdict: 'doubtful' };
  const isMissing = mates.some(({ mate, state }) => mate !== 'old_part' && state === 'not_compared');
  return { mates, verdict: isMissing && dryFit === null ? 'not_yet' : 'right' };
}

export type CountCheck = { state: 'right' | 'missing' | 'extra' | 'not_counted'; by: number };

/** What came in the kit against what the job needs. */
export const checkCount = (needed: number, counted: number | null): CountCheck =>
  counted === null
    ? { state: 'not_counted', by: 0 }
    : {
        state: counted < needed ? 'missing' : counted > needed ? 'extra' : 'right',
        by: Math.abs(counted - needed),
      };
