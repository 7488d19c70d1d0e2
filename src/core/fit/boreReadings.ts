import { meanOf, rootSumSquare, type Measured } from '@/core/quantity/measured';

/** One diameter across a bore, brought to 20 °C. A two-point gauge reads across: 12–6 is one diameter. */
export type Diameter = { planeIndex: number; angleDeg: number; mm: number };

export type BoreShape = {
  /** Mean diameter with its standard uncertainty. */
  meanMm: Measured;
  smallestMm: number;
  largestMm: number;
  /** Largest difference of diameters within one plane. A two-point gauge cannot see a three-lobed bore. */
  outOfRoundMm: number | null;
  /** Mean of the first plane minus mean of the last: positive = wider at the mouth. */
  taperMm: number | null;
};

/**
 * What a handful of two-point readings tell about a bore.
 *
 * u(mean) = √( u_gauge² + s²/n + u_temperature² ): the gauge's zero is common to all readings and does not average out.
 * Source: JCGM 100, 4.2 and 5.1 (from memory). Common practice for the choice of positions, no source.
 * @param uGaugeMm standard uncertainty of the gauge with its setting
 * @param uTemperatureMm what the doubt of the metal's temperature does to the diameter
 * @returns null without readings
 */
export function describeBore(
  diameters: readonly Diameter[],
  uGaugeMm: number,
  uTemperatureMm: number,
): BoreShape | null {
  if (diameters.length === 0) return null;
  const all = diameters.map(({ mm }) => mm);
  const mean = meanOf(all);
  const n = all.length;
  const scatter = n > 1 ? Math.sqrt(all.reduce((sum, mm) => sum + (mm - mean) ** 2, 0) / (n - 1)) : 0;
  const planes = [...new Set(diameters.map(({ planeIndex }) => planeIndex))].sort((a, b) => a - b);
  const inPlane = (plane: number) =>
    diameters.filter(({ planeIndex }) => planeIndex === plane).map(({ mm }) => mm);
  const spreads = planes
    .map(inPlane)
    .filter((mms) => mms.length > 1)
    .map((mms) => Math.max(...mms) - Math.min(...mms));
  const [first, last] = [planes[0], planes.at(-1)];
  return {
    meanMm: { value: mean, u: rootSumSquare(uGaugeMm, scatter / Math.sqrt(n), uTemperatureMm) },
    smallestMm: Math.min(...all),
    largestMm: Math.max(...all),
    outOfRoundMm: spreads.length > 0 ? Math.max(...spreads) : null,
    taperMm:
      first !== undefined && last !== undefined && first !== last
        ? meanOf(inPlane(first)) - meanOf(inPlane(last))
        : null,
  };
}
