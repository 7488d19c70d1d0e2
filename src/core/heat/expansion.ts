import { REFERENCE_C } from '@/core/quantity/measured';

/**
 * Free expansion of a ring and the bore around it.
 *
 * Ring outside d·(1 + α_r·(T_r − 20)); bore (d − δ)·(1 + α_h·(T_h − 20)); all lengths in mm on diameter.
 * Source: linear expansion from the ISO 1 reference temperature with constant mean α. Valid: −40 … 200 °C, whole casting at one
 * temperature (a cold web around a hot boss holds it back).
 * Checked against: tests/reference/thermal_fit.json.
 */
export type Pair = {
  diameterMm: number;
  interferenceMm: number;
  ringAlphaPerK: number;
  housingAlphaPerK: number;
};

const above20 = (celsius: number) => celsius - REFERENCE_C;

const ringOutsideMm = ({ diameterMm, ringAlphaPerK }: Pair, ringC: number) =>
  diameterMm * (1 + ringAlphaPerK * above20(ringC));
const boreMm = ({ diameterMm, interferenceMm, housingAlphaPerK }: Pair, housingC: number) =>
  (diameterMm - interferenceMm) * (1 + housingAlphaPerK * above20(housingC));

/** Bore minus ring: positive is clearance. */
export const clearanceAt = (pair: Pair, { ringC, housingC }: { ringC: number; housingC: number }) =>
  boreMm(pair, housingC) - ringOutsideMm(pair, ringC);

/** Housing temperature at which the bore clears a ring of temperature `ringC` by `clearanceMm`. */
export const housingTemperatureFor = (
  pair: Pair,
  { ringC, clearanceMm }: { ringC: number; clearanceMm: number },
) => {
  const { diameterMm, interferenceMm, housingAlphaPerK } = pair;
  const bore20 = diameterMm - interferenceMm;
  return REFERENCE_C + (ringOutsideMm(pair, ringC) + clearanceMm - bore20) / (housingAlphaPerK * bore20);
};

/** Ring temperature that gives the clearance in a housing of temperature `housingC`; above 20 °C: no chill needed. */
export const ringTemperatureFor = (
  pair: Pair,
  { housingC, clearanceMm }: { housingC: number; clearanceMm: number },
) =>
  REFERENCE_C +
  (boreMm(pair, housingC) - clearanceMm - pair.diameterMm) / (pair.diameterMm * pair.ringAlphaPerK);

/**
 * Temperature at which ring and housing together let go of each other: above it the bearing stays free, below it the bore
 * grips. The same figure is the fall-out temperature for removal.
 * @returns null for like metals, or where the ring grows more than the bore: heating both never frees it
 */
export function freeTemperature({
  diameterMm,
  interferenceMm,
  ringAlphaPerK,
  housingAlphaPerK,
}: Pair): number | null {
  const slope = (diameterMm - interferenceMm) * housingAlphaPerK - diameterMm * ringAlphaPerK;
  if (slope <= diameterMm * 1e-7) return null;
  return REFERENCE_C + interferenceMm / slope;
}

/** Least clearance that drops: max(20 µm, 0.0005·D). Common practice, no source. */
export const leastClearanceMm = (diameterMm: number) => Math.max(0.02, 0.0005 * diameterMm);

/** How far out of square, measured across the ring, it may be held and still enter freely: c·D/B. Geometry. */
export const holdableTiltMm = ({
  clearanceMm,
  diameterMm,
  widthMm,
}: {
  clearanceMm: number;
  diameterMm: number;
  widthMm: number;
}) => (Math.max(0, clearanceMm) * diameterMm) / widthMm;
