import { sumOfSpreads, standardU, type Spread } from '@/core/quantity/spread';
import type { Measured } from '@/core/quantity/measured';

/**
 * Depths by subtraction: what a straightedge, a gasket, a collar's step or a washer stands for is taken off by itself.
 * depth = Σ(sign·size), uncertainty by root-sum-square; the largest doubt is named.
 * Source: JCGM 100, 5.1.2. Common practice for the links, no source.
 */
export type DepthLink = { name: string; sign: 1 | -1; spread: Spread };

export type DepthOfChain = {
  depthMm: Measured;
  largestDoubt: { name: string; shareOfVariance: number } | null;
};

export function addDepths(links: readonly DepthLink[]): DepthOfChain {
  const depthMm = sumOfSpreads(links);
  const variance = depthMm.u ** 2;
  const worst = links.reduce<DepthLink | null>(
    (found, link) => (found === null || standardU(link.spread) > standardU(found.spread) ? link : found),
    null,
  );
  return {
    depthMm,
    largestDoubt:
      worst && variance > 0
        ? { name: worst.name, shareOfVariance: standardU(worst.spread) ** 2 / variance }
        : null,
  };
}

/**
 * Where to scribe the driver, from the face that pushes the part: the line meets the casting's face when the part is at its depth below
 * it. Null where the part stands out: then the casting's face is reached first, and a washer is the gauge.
 */
export const driverMarkMm = (targetDepthMm: number): number | null =>
  targetDepthMm > 0 ? targetDepthMm : null;

export type DepthVerdict = 'short' | 'there' | 'too_deep' | 'cannot_tell';

/**
 * Is it deep enough? Between limits with the reading's doubt (2u).
 * @param overshootHarms false where deeper does no harm (a cup that only makes room for a collar)
 */
export function judgeDepth({
  depthMm,
  lowMm,
  highMm,
  overshootHarms,
}: {
  depthMm: Measured;
  lowMm: number;
  highMm: number;
  overshootHarms: boolean;
}): DepthVerdict {
  const [low, high] = [depthMm.value - 2 * depthMm.u, depthMm.value + 2 * depthMm.u];
  if (high < lowMm) return 'short';
  if (low > highMm) return overshootHarms ? 'too_deep' : 'there';
  if (low >= lowMm && (high <= highMm || !overshootHarms)) return 'there';
  return 'cannot_tell';
}
