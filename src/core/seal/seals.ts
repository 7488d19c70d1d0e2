import { LIP_SPEED_LIMIT_M_S } from '@/core/catalogue/seals';
import type { SealMaterial } from '@/core/catalogue/materials';

/** Speed of the lip on its shaft: π·d·n. Limits by material from memory. */
export function lipSpeed({
  shaftMm,
  rpm,
  material,
}: {
  shaftMm: number;
  rpm: number;
  material: SealMaterial;
}) {
  const metresPerSecond = (Math.PI * shaftMm * rpm) / 60_000;
  return {
    metresPerSecond,
    limitMS: LIP_SPEED_LIMIT_M_S[material],
    isTooFast: metresPerSecond > LIP_SPEED_LIMIT_M_S[material],
  };
}

/**
 * Gap between a seal driven to `depthMm` and the bearing behind it. A crank seal that touches the bearing runs hot and ruins it.
 * Common practice, no source: at least half a millimetre.
 */
export const LEAST_GAP_TO_BEARING_MM = 0.5;
/** A seal’s bed goes on behind it, so that it is never driven onto its end, mm. Common practice, no source. */
export const BED_BEHIND_MM = 1;
export const gapToBearingMm = ({
  bearingFaceDepthMm,
  sealDepthMm,
  sealWidthMm,
}: {
  bearingFaceDepthMm: number;
  sealDepthMm: number;
  sealWidthMm: number;
}) => bearingFaceDepthMm - sealDepthMm - sealWidthMm;

export type ORingState = {
  /** How far it is squeezed now: (section − gland)/section. */
  squeeze: number;
  /** Lost section over original squeeze: how much of its spring is gone. Null without a new section to compare. */
  set: number | null;
  verdict: 'good' | 'worn' | 'replace' | 'too_tight' | 'no_squeeze';
};

/**
 * An O-ring in its gland: squeeze and set. 1.95 → 1.70 in a 1.50 gland has lost 56 %: replace.
 * Source: ISO 3601-2 practice of 10–30 % squeeze, from memory; more than half lost is replaced (common practice, no source).
 */
export function oRingState({
  sectionMm,
  glandDepthMm,
  newSectionMm,
}: {
  sectionMm: number;
  glandDepthMm: number;
  newSectionMm: number | null;
}): ORingState {
  const squeeze = (sectionMm - glandDepthMm) / sectionMm;
  const set =
    newSectionMm !== null && newSectionMm > glandDepthMm
      ? (newSectionMm - sectionMm) / (newSectionMm - glandDepthMm)
      : null;
  const verdict =
    squeeze <= 0
      ? 'no_squeeze'
      : set !== null && set > 0.5
        ? 'replace'
        : squeeze > 0.35
          ? 'too_tight'
          : squeeze < 0.08 || (set !== null && set > 0.3)
            ? 'worn'
            : 'good';
  return { squeeze, set, verdict };
}
