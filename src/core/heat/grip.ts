import { windowOf, type LumpedProblem } from './lumped';
import type { Pair } from './expansion';

/** Air at about 50 °C, W/(m·K). Source: handbook value, from memory. */
export const AIR_CONDUCTIVITY_WMK = 0.028;

const HORIZON_S = 120;

/**
 * How long after letting go the bore holds the race, s: the outer race alone warms through the gap (k_air / half the clearance), the
 * balls behind it follow later. Lumped; the gap is taken as it is at the drop, which errs to the late side by little.
 * @param bodies race and casting as they are when it is let go; the race's own mass is taken for `outerRaceMassKg`
 * @returns 0 when there is no clearance; null: not within two minutes
 * Source: conduction through a thin air gap, Incropera & DeWitt, from memory.
 */
export function gripAfterLettingGoS(
  bodies: LumpedProblem,
  {
    pair,
    clearanceMm,
    outerRaceMassKg,
    widthMm,
  }: { pair: Pair; clearanceMm: number; outerRaceMassKg: number; widthMm: number },
): number | null {
  if (clearanceMm <= 0) return 0;
  const touching: LumpedProblem = {
    ...bodies,
    ring: { ...bodies.ring, massKg: outerRaceMassKg },
    touch: {
      touchAtS: 0,
      conductanceWM2K: AIR_CONDUCTIVITY_WMK / (clearanceMm / 2000),
      areaM2: Math.PI * pair.diameterMm * widthMm * 1e-6,
    },
  };
  return windowOf(touching, pair, 0, HORIZON_S);
}
