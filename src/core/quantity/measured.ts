/**
 * Measured values and what is not known about them.
 *
 * `u` is a standard uncertainty (k = 1), `U` an expanded one (k = 2, about 95 %). Source: JCGM 100:2008 (GUM), from memory.
 */

/** ISO 1: sizes hold at this temperature. */
export const REFERENCE_C = 20;

/** A value with its standard uncertainty; both in the unit that the name around it says. */
export type Measured = { value: number; u: number };

/** Root of the sum of squares: how independent doubts add up. JCGM 100, 5.1.2. */
export function rootSumSquare(...parts: number[]): number {
  let sum = 0;
  // Not Math.hypot: its care for overflow costs twenty times as much, and doubts are never that large.
  for (const part of parts) sum += part * part;
  return Math.sqrt(sum);
}

export const meanOf = (values: readonly number[]) =>
  values.reduce((sum, value) => sum + value, 0) / values.length;

/** The band value ± 2u: expanded uncertainty with k = 2. JCGM 100, 6.2. */
export const bandOf = ({ value, u }: Measured) => ({ low: value - 2 * u, high: value + 2 * u });

/**
 * Size at 20 °C of a part that was read warm or cold.
 *
 * D₂₀ = reading·(1 + α_gauge·(T_gauge − 20)) / (1 + α_part·(T_part − 20))
 * Source: ISO 1; linear expansion with a constant mean α.
 * Valid: −40 … 200 °C, to the accuracy of α (± 4 % for castings). Checked against: a magnesium case at 38 °C reads 16 µm loose on 35 mm.
 */
export function sizeAtReference({
  readingMm,
  partC,
  partAlphaPerK,
  gaugeC = REFERENCE_C,
  gaugeAlphaPerK = 12e-6,
}: {
  readingMm: number;
  partC: number;
  partAlphaPerK: number;
  gaugeC?: number;
  gaugeAlphaPerK?: number;
}): number {
  return (
    (readingMm * (1 + gaugeAlphaPerK * (gaugeC - REFERENCE_C))) / (1 + partAlphaPerK * (partC - REFERENCE_C))
  );
}
