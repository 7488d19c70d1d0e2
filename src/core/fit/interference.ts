import { findBearingOutsideLimits } from '@/core/catalogue/bearingLimits';
import { findLimits, type HousingClass, type LimitsUm } from '@/core/catalogue/limits';
import { rootSumSquare, type Measured } from '@/core/quantity/measured';
import type { BoreShape } from './boreReadings';

/**
 * How much bigger the bearing is than its hole, on diameter at 20 °C. Positive is tight.
 *
 * Three figures, for three questions: how the means differ (`meanMm`), how hard does it hold (`forHoldMm`: means, less what smoothing
 * takes off), and will it drop (`forDropMm`: largest part against the smallest chord). Which is which follows DIN 7190-1 practice, from
 * memory.
 */
export type Interference = {
  meanMm: Measured;
  forDropMm: Measured;
  forHoldMm: Measured;
  /** Where each half comes from; `usual` is the class of the job kind, with its honest wide band. */
  source: { bore: 'measured' | 'usual'; part: 'measured' | 'usual' };
  /** What spreads the figure most, so that the person knows what to measure next. */
  largestDoubt: 'bore_not_measured' | 'part_not_measured' | 'bore_gauge' | 'part_gauge';
};

/** Smoothing of the two surfaces: 0.8·(Rz₁ + Rz₂). Source: DIN 7190-1, from memory. Rz 10 and 1.6 µm lose 9 µm. */
export const smoothingLossMm = ({ rzHousingUm = 10, rzRaceUm = 1.6 } = {}) =>
  (0.8 * (rzHousingUm + rzRaceUm)) / 1000;

/**
 * A difference of means (part minus hole, mm) less what smoothing takes off. Peaks are only flattened where metal meets metal: a nip is
 * smoothed down to none, and a gap stays as wide as it is.
 */
export const smoothed = (differenceMm: number, lossMm: number) =>
  differenceMm <= 0 ? differenceMm : Math.max(0, differenceMm - lossMm);

/** A tolerance zone as a normal spread: middle, zone width = 6 σ. Common engineering convention, from memory. */
export const zoneAsMeasured = (nominalMm: number, { lowerUm, upperUm }: LimitsUm): Measured => ({
  value: nominalMm + (lowerUm + upperUm) / 2000,
  u: (upperUm - lowerUm) / 6000,
});

/**
 * Interference of a bearing's outside in its seat from what is known: readings where there are some, else the usual class.
 * @returns null where neither a reading nor a table row exists (sizes outside 6–120 mm that nobody has measured)
 */
export function findInterference({
  nominalMm,
  usualClass,
  bore,
  partOutside,
}: {
  nominalMm: number;
  usualClass: HousingClass;
  bore: BoreShape | null;
  partOutside: BoreShape | null;
}): Interference | null {
  const housingLimits = findLimits(nominalMm, usualClass);
  const partLimits = findBearingOutsideLimits(nominalMm);
  if ((!bore && !housingLimits) || (!partOutside && !partLimits)) return null;

  const boreMean = bore ? bore.meanMm : zoneAsMeasured(nominalMm, housingLimits!);
  const partMean = partOutside ? partOutside.meanMm : zoneAsMeasured(nominalMm, partLimits!);
  const smallestChord = bore ? bore.smallestMm : boreMean.value;
  const largestPart = partOutside ? partOutside.largestMm : partMean.value;
  const u = rootSumSquare(boreMean.u, partMean.u);
  const boreIsLarger = boreMean.u >= partMean.u;
  return {
    forDropMm: { value: largestPart - smallestChord, u },
    meanMm: { value: partMean.value - boreMean.value, u },
    forHoldMm: { value: smoothed(partMean.value - boreMean.value, smoothingLossMm()), u },
    source: { bore: bore ? 'measured' : 'usual', part: partOutside ? 'measured' : 'usual' },
    largestDoubt: boreIsLarger
      ? bore
        ? 'bore_gauge'
        : 'bore_not_measured'
      : partOutside
        ? 'part_gauge'
        : 'part_not_measured',
  };
}
