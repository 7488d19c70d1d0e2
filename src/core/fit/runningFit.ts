import { REFERENCE_C, rootSumSquare, type Measured } from '@/core/quantity/measured';

export type ExpandingPart = { alphaPerK: number; uAlphaPerK: number };

/**
 * Interference at other temperatures than 20 °C.
 *
 * δ(T) = D_ring·(1 + α_r·(T_r − 20)) − D_bore·(1 + α_h·(T_h − 20)), with D_ring = d and D_bore = d − δ₂₀.
 * Source: linear expansion, ISO 1 reference; doubts by JCGM 100. Valid: −40 … 200 °C.
 * Checked against: tests/reference/thermal_fit.json; 62 mm in aluminium with ± 8 K on both: U 25 µm.
 */
export function interferenceAt({
  diameterMm,
  interferenceMm,
  ring,
  housing,
  ringC,
  housingC,
}: {
  diameterMm: number;
  interferenceMm: Measured;
  ring: ExpandingPart;
  housing: ExpandingPart;
  ringC: Measured;
  housingC: Measured;
}): Measured {
  const boreMm = diameterMm - interferenceMm.value;
  const dRing = ringC.value - REFERENCE_C;
  const dHousing = housingC.value - REFERENCE_C;
  return {
    value: diameterMm * (1 + ring.alphaPerK * dRing) - boreMm * (1 + housing.alphaPerK * dHousing),
    u: rootSumSquare(
      interferenceMm.u,
      diameterMm * ring.alphaPerK * ringC.u,
      boreMm * housing.alphaPerK * housingC.u,
      diameterMm * dRing * ring.uAlphaPerK,
      boreMm * dHousing * housing.uAlphaPerK,
    ),
  };
}
