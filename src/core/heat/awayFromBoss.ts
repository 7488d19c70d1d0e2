import type { Material } from '@/core/catalogue/materials';
import { normalShareBelow } from '@/core/quantity/spread';

/**
 * Share of a boss's rise above its surroundings that arrives `distanceMm` outside of it, after hot air has been on it for `heatedForS`.
 *
 * erfc(x / (2·√(a·t))): a plane that is kept hot at its edge. A round web spreads the heat wider, so that it is colder there still: the
 * safe side. Source: Carslaw and Jaeger, Conduction of Heat in Solids, from memory.
 */
export function shareAwayFromBoss(
  distanceMm: number,
  { conductivityWMK, densityKgM3, specificHeatJKgK }: Material,
  heatedForS: number,
): number {
  const diffusivityMm2S = (conductivityWMK / (densityKgM3 * specificHeatJKgK)) * 1e6;
  const x = Math.max(0, distanceMm) / (2 * Math.sqrt(diffusivityMm2S * heatedForS));
  // erfc(x) = 2·(1 − Φ(x·√2))
  return 2 * (1 - normalShareBelow(x * Math.SQRT2));
}
