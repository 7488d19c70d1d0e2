import { normalShareBelow, tryLots, type Spread, type Trial } from '@/core/quantity/spread';
import type { Measured } from '@/core/quantity/measured';
import { interferenceAt, type ExpandingPart } from '@/core/fit/runningFit';

/**
 * Chance that the bearing falls in: that the clearance at the moment of letting go is at least the margin, from the spread of
 * interference, temperatures and expansion. First-order (JCGM 100) and by drawing lots (JCGM 101); the two agree to a per cent.
 */
export type DropOdds = {
  interferenceMm: Measured;
  ringC: Measured;
  housingC: Measured;
  diameterMm: number;
  ring: ExpandingPart;
  housing: ExpandingPart;
  marginMm: number;
};

export function dropChance(odds: DropOdds): { clearanceMm: Measured; chance: number } {
  const at = interferenceAt(odds);
  const clearanceMm = { value: -at.value, u: at.u };
  return {
    clearanceMm,
    chance: normalShareBelow((clearanceMm.value - odds.marginMm) / Math.max(clearanceMm.u, 1e-12)),
  };
}

export function dropChanceByLots(
  { interferenceMm, ringC, housingC, diameterMm, ring, housing, marginMm }: DropOdds,
  { draws, seed }: { draws: number; seed: number },
): Trial {
  const normal = ({ value, u }: Measured): Spread => ({ value, u, dist: 'normal' });
  return tryLots(
    [
      normal(interferenceMm),
      normal(ringC),
      normal(housingC),
      normal({ value: ring.alphaPerK, u: ring.uAlphaPerK }),
      normal({ value: housing.alphaPerK, u: housing.uAlphaPerK }),
    ],
    ([delta = 0, tr = 0, th = 0, ar = 0, ah = 0]) =>
      (diameterMm - delta) * (1 + ah * (th - 20)) - diameterMm * (1 + ar * (tr - 20)),
    { draws, seed, isWanted: (clearance) => clearance >= marginMm },
  );
}

/**
 * Closed form of the window, for a quick answer: the casting alone cools by Newton's law to the temperature that is needed.
 * t = τ·ln( (T_h − T_a)/(T_need − T_a) ). @returns 0 when it is not hot enough; null when the air itself keeps it open
 */
export function windowClosedForm({
  housingC,
  neededC,
  airC,
  timeConstantS,
}: {
  housingC: number;
  neededC: number;
  airC: number;
  timeConstantS: number;
}): number | null {
  if (housingC <= neededC) return 0;
  if (neededC <= airC) return null;
  return timeConstantS * Math.log((housingC - airC) / (neededC - airC));
}

/** Metal that gives its heat within `seconds` of touching: √(4·a·t), mm. Source: Carslaw & Jaeger, from memory. Aluminium, 20 s: 56 mm. */
export const heatReachMm = (
  {
    conductivityWMK,
    densityKgM3,
    specificHeatJKgK,
  }: { conductivityWMK: number; densityKgM3: number; specificHeatJKgK: number },
  seconds: number,
) => 1000 * Math.sqrt((4 * conductivityWMK * seconds) / (densityKgM3 * specificHeatJKgK));
