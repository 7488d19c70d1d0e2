import type { Material } from '@/core/catalogue/materials';
import type { PushForce } from '@/core/fit/pushForce';
import { rootSumSquare, type Measured } from '@/core/quantity/measured';
import { clearanceAt } from './expansion';

/** What light blows make. Common practice, no source. */
export const LIGHT_BLOWS_N = 500;

/** A seat's nip at 20 °C, and the force that it takes there. */
export type Nip = {
  /** Null: not known. */
  pushForce: PushForce | null;
  /** The nip that holds and resists: means, less smoothing. */
  holdMm: Measured;
  diameterMm: number;
  race: Pick<Material, 'alphaPerK'>;
  housing: Pick<Material, 'alphaPerK'>;
};

/**
 * Force that is left when the part has `ringC` and its bore is as wide as one of `boreC`: it goes with the nip, in proportion (see
 * `solvePressFit`). Null: the force at 20 °C is not known.
 *
 * `uGrowthMm`: standard uncertainty of what the two temperatures do to the nip, mm; left out where they are a plan.
 */
export function forceLeft(
  { pushForce, holdMm, diameterMm, race, housing }: Nip,
  { ringC, boreC, uGrowthMm = 0 }: { ringC: number; boreC: number; uGrowthMm?: number },
): { low: number; high: number } | null {
  if (!pushForce) return null;
  // What a pair of one size would have between them.
  const wonMm = clearanceAt(
    {
      diameterMm,
      interferenceMm: 0,
      ringAlphaPerK: race.alphaPerK,
      housingAlphaPerK: housing.alphaPerK,
    },
    { ringC, housingC: boreC },
  );
  const { value, u } = holdMm;
  const spreadMm = 2 * rootSumSquare(u, uGrowthMm);
  const share = (coldMm: number, leftMm: number) => (coldMm <= 0 ? 0 : Math.max(0, leftMm) / coldMm);
  return {
    low: pushForce.forceN.low * share(value - 2 * u, value - spreadMm - wonMm),
    high: pushForce.forceN.high * share(value + 2 * u, value + spreadMm - wonMm),
  };
}
