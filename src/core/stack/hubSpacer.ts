import { rootSumSquare, type Measured } from '@/core/quantity/measured';

/**
 * A wheel hub: the spacer between two inner races must keep them apart when the axle is clamped, or it loads the balls sideways.
 *
 * Allowed shortfall of the spacer: shortfall + shortening of the spacer under the clamp + differential heating ≤ axial slack of both
 * bearings. From its middle each inner race can give half of its bearing's whole play (to and fro, `bearingAxialPlayMm`) before the balls
 * are loaded; the two give toward each other, so that the pair has one whole play between them. Where the second bearing was driven by
 * its outer race until the spacer was just nipped, both inner races stand pushed outward by then: each gives its whole play before it is
 * loaded from the other side. Shortening = F·L/(E·A).
 * Source: Hooke's law; geometry. Checked against: 25 kN on a steel spacer 0.042 mm, on an aluminium one 0.125 mm.
 */
export const clampShorteningMm = ({
  clampN,
  lengthMm,
  areaMm2,
  youngsModulusMPa,
}: {
  clampN: number;
  lengthMm: number;
  areaMm2: number;
  youngsModulusMPa: number;
}) => (clampN * lengthMm) / (youngsModulusMPa * areaMm2);

export type HubSpacerBudget = {
  slackMm: number;
  shorteningMm: number;
  heatingMm: number;
  /** What may be missing in the spacer's length. Negative: the races are preloaded even with the exact spacer. */
  allowedShortfallMm: number;
  /** Its standard uncertainty. */
  uMm: number;
};

/** Where the inner races stand in their play when the spacer is in: in the middle, or outward, the spacer just nipped. */
export type SpacerFrom = 'middle' | 'nip';

/** Doubts, standard uncertainty: a play read with a dial by hand, mm; an axle's clamp by torque, share. Common practice, no source. */
const U_PLAY_MM = 0.008;
const U_CLAMP_SHARE = 0.15;

export function hubSpacerBudget({
  axialPlayEachMm,
  from = 'middle',
  clampN,
  lengthMm,
  areaMm2,
  youngsModulusMPa,
  spacerAlphaPerK,
  hubAlphaPerK,
  warmingK,
}: {
  /** Of one bearing, to and fro. */
  axialPlayEachMm: number;
  from?: SpacerFrom;
  clampN: number;
  lengthMm: number;
  areaMm2: number;
  youngsModulusMPa: number;
  spacerAlphaPerK: number;
  hubAlphaPerK: number;
  warmingK: number;
}): HubSpacerBudget {
  const share = from === 'middle' ? 1 / 2 : 1;
  const slackMm = 2 * share * axialPlayEachMm;
  const shorteningMm = clampShorteningMm({ clampN, lengthMm, areaMm2, youngsModulusMPa });
  // A hub that grows more than its spacer takes the outer races apart and uses up slack.
  const heatingMm = Math.abs((hubAlphaPerK - spacerAlphaPerK) * warmingK * lengthMm);
  return {
    slackMm,
    shorteningMm,
    heatingMm,
    allowedShortfallMm: slackMm - shorteningMm - heatingMm,
    uMm: rootSumSquare(share * U_PLAY_MM * Math.SQRT2, U_CLAMP_SHARE * shorteningMm),
  };
}

/**
 * Steering preload as the pull that keeps the head turning: torque = pull × lever, less the cables' own drag.
 * Source: statics; settle the races and read again (common practice, no source).
 */
export const turningTorqueNm = ({
  pullN,
  leverMm,
  cableDragN,
}: {
  pullN: Measured;
  leverMm: number;
  cableDragN: Measured;
}): Measured => ({
  value: ((pullN.value - cableDragN.value) * leverMm) / 1000,
  u: (rootSumSquare(pullN.u, cableDragN.u) * leverMm) / 1000,
});

/**
 * What unlike metals do to a steering head's preload: (α_head − α_stem)·ΔT·L. 180 mm of aluminium over steel, 20 K: 43 µm (with 23.6
 * and 11.7e−6/K).
 */
export const headGrowthMm = ({
  lengthMm,
  headAlphaPerK,
  stemAlphaPerK,
  warmingK,
}: {
  lengthMm: number;
  headAlphaPerK: number;
  stemAlphaPerK: number;
  warmingK: number;
}) => (headAlphaPerK - stemAlphaPerK) * warmingK * lengthMm;

/**
 * Backlash change of a bevel pair for a shim change Δs: 2·Δs·tan α·sin δ. Source: gear geometry, from memory; about 0.7·Δs at α 20°, δ
 * 70°.
 */
export const backlashChangeMm = ({
  shimChangeMm,
  pressureAngleDeg,
  pitchConeDeg,
}: {
  shimChangeMm: number;
  pressureAngleDeg: number;
  pitchConeDeg: number;
}) =>
  2 * shimChangeMm * Math.tan((pressureAngleDeg * Math.PI) / 180) * Math.sin((pitchConeDeg * Math.PI) / 180);

export type RunOut = {
  /** Eccentricity of each side, half of its reading. */
  leftMm: number;
  rightMm: number;
  /** Angle between the two high points, 0–180°. */
  betweenDeg: number;
  kind: 'same_bow' | 'opposed' | 'twisted';
  /** What the dial would show at worst in the middle, TIR. */
  bothTirMm: number;
};

/**
 * Crank run-out from two dials with the clock positions of their high points: a common bow (both the same way) or webs out of line
 * (opposed). Truing belongs to someone with the jig. Common practice, no source.
 */
export function describeRunOut({
  leftTirMm,
  rightTirMm,
  leftHighDeg,
  rightHighDeg,
}: {
  leftTirMm: number;
  rightTirMm: number;
  leftHighDeg: number;
  rightHighDeg: number;
}): RunOut {
  const apart = Math.abs(((((leftHighDeg - rightHighDeg) % 360) + 540) % 360) - 180);
  const kind = apart <= 45 ? 'same_bow' : apart >= 135 ? 'opposed' : 'twisted';
  const rad = (apart * Math.PI) / 180;
  return {
    leftMm: leftTirMm / 2,
    rightMm: rightTirMm / 2,
    betweenDeg: apart,
    kind,
    bothTirMm:
      Math.sqrt(rootSumSquare(leftTirMm, rightTirMm) ** 2 + 2 * leftTirMm * rightTirMm * Math.cos(rad)) / 2,
  };
}
