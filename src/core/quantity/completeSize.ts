/** Three figures typed alone are taken for the decimals of a size whose whole is known. */
const DECIMALS = /^\d{3}$/;

/**
 * A size in mm from its last three figures: the one nearest to what belongs there (`946` near 72 is 71.946, `012` is 72.012).
 * @returns null where more, or less, was typed
 */
export function completeSize(typed: string, nominalMm: number): string | null {
  if (!DECIMALS.test(typed)) return null;
  const whole = Math.floor(nominalMm);
  const sizes = [whole - 1, whole, whole + 1].map((each) => Number(`${each}.${typed}`));
  const nearest = sizes.reduce((a, b) => (Math.abs(b - nominalMm) < Math.abs(a - nominalMm) ? b : a));
  return nearest > 0 ? nearest.toFixed(3) : null;
}
