/**
 * A reading that stands alone: one bore reads nearly the same everywhere, so a single figure far from its fellows is a slip of a finger or
 * of the gauge before it is a bad bore or a wrong part. Common practice, no source; the form is that of an outlier test by the spread of
 * the others (Grubbs, from memory), with a floor, because three fellows alone tell little of a spread.
 */

/** No bore that a bearing is to go into differs from itself by so much, mm. Common practice, no source. */
const STANDS_ALONE_MM = 0.1;
/** Worn bores spread: then one has to stand out over that too. */
const SPREADS = 5;
/** Read twice alike, it is what is there, mm. */
const SAME_MM = 0.03;

export type Doubted = {
  /** Place in the list. */
  index: number;
  mm: number;
  /** Middle of its fellows, mm. */
  fellowsMm: number;
};

const middleOf = (sorted: readonly number[]): number =>
  (sorted[Math.floor((sorted.length - 1) / 2)]! + sorted[Math.ceil((sorted.length - 1) / 2)]!) / 2;

/**
 * The one reading that stands alone, or null. Of two, nobody knows which is right: it takes three.
 * @param readings of one bore or one outside, mm; `earlier`: what was read at the same place before, which bears it out when it is alike
 */
export function findDoubted(readings: readonly { mm: number; earlier: readonly number[] }[]): Doubted | null {
  if (readings.length < 3) return null;
  const alone = readings.flatMap(({ mm, earlier }, index): Doubted[] => {
    const fellows = readings
      .filter((_, i) => i !== index)
      .map((each) => each.mm)
      .sort((a, b) => a - b);
    const fellowsMm = middleOf(fellows);
    const spreadMm = fellows.at(-1)! - fellows[0]!;
    const isAlone = Math.abs(mm - fellowsMm) > Math.max(STANDS_ALONE_MM, SPREADS * spreadMm);
    const isBorneOut = earlier.some((before) => Math.abs(before - mm) <= SAME_MM);
    return isAlone && !isBorneOut ? [{ index, mm, fellowsMm }] : [];
  });
  return alone.length === 1 ? alone[0]! : null;
}
