import { rootSumSquare, type Measured } from '@/core/quantity/measured';

/**
 * Interference by comparison: the bore gauge is zeroed in the micrometer that is locked at the bearing's outside, then read in the bore.
 *
 * δ₂₀ = −r + D·[α_h·(T_h − 20) − α_r·(T_r − 20)], r what the gauge shows in the bore (bigger: positive), D the size, T what bore and
 * bearing had when they were touched. The micrometer's own error and the gauge's setting drop out: u = √(u_touch² + u_repeat²) in place of
 * √(u_micrometer² + u_gauge²), about half. Source: comparison measurement, JCGM 100 (from memory). Valid: readings within the gauge's
 * short range (some 0.1 mm), bearing and bore near each other in temperature.
 */
export function interferenceByComparison({
  readingMm,
  diameterMm,
  boreC,
  partC,
  boreAlphaPerK,
  partAlphaPerK,
  uTouchMm,
  uRepeatMm,
  uTemperatureK,
}: {
  readingMm: number;
  diameterMm: number;
  boreC: number;
  partC: number;
  boreAlphaPerK: number;
  partAlphaPerK: number;
  uTouchMm: number;
  uRepeatMm: number;
  uTemperatureK: number;
}): Measured {
  return {
    value: -readingMm + diameterMm * (boreAlphaPerK * (boreC - 20) - partAlphaPerK * (partC - 20)),
    u: rootSumSquare(
      uTouchMm,
      uRepeatMm,
      diameterMm * boreAlphaPerK * uTemperatureK,
      diameterMm * partAlphaPerK * uTemperatureK,
    ),
  };
}
