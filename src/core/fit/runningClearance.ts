import type { ClearanceUm } from '@/core/catalogue/bearingLimits';
import { REFERENCE_C, rootSumSquare, type Measured } from '@/core/quantity/measured';
import { normalShareBelow } from '@/core/quantity/spread';
import { interferenceAt, type ExpandingPart } from './runningFit';
import { solvePressFit } from './pressFit';

/**
 * Radial clearance of a bearing in service: it belongs to the bearing and both its seats together.
 *
 * G = delivered − k_o·δ_o(T) − k_i·δ_i(T) + α·[ D_E·(T_o − 20) − d_F·(T_i − 20) − 2·D_w·(T_w − 20) ]
 *
 * k_o, k_i: share of the interference that reaches the track (Lamé, ring to its effective track diameter); δ at the temperatures in
 * question, never below zero; D_E = (d + 4D)/5, d_F = (4d + D)/5 the raceways, D_w the ball; T_o, T_i, T_w of outer race, inner race
 * and balls (balls: between the two).
 * Source: bearing makers' handbook practice, from memory. Checked against: a 25 × 62 × 17 C3 with 27 µm outside and 14 µm inside.
 */
export type ClearanceState = 'bench' | 'cold_start' | 'warm_up' | 'running' | 'hottest';
export const CLEARANCE_STATES: readonly ClearanceState[] = [
  'bench',
  'cold_start',
  'warm_up',
  'running',
  'hottest',
];

export type StateTemperatures = { housingC: number; outerC: number; innerC: number; shaftC: number };

/** What a small crankcase sees. Common practice, no source: shaft hot and case still cold is the tightest moment. */
export const USUAL_STATES: Record<ClearanceState, StateTemperatures> = {
  bench: { housingC: 20, outerC: 20, innerC: 20, shaftC: 20 },
  cold_start: { housingC: -10, outerC: -10, innerC: -10, shaftC: -10 },
  warm_up: { housingC: 30, outerC: 40, innerC: 80, shaftC: 85 },
  running: { housingC: 85, outerC: 90, innerC: 100, shaftC: 100 },
  hottest: { housingC: 110, outerC: 115, innerC: 125, shaftC: 125 },
};

export type ClearanceInput = {
  boreMm: number;
  outsideMm: number;
  delivered: ClearanceUm;
  outerInterferenceMm: Measured;
  innerInterferenceMm: Measured;
  bossOutsideMm: number;
  shaftBoreMm: number;
  race: ExpandingPart & { youngsModulusMPa: number; poisson: number };
  housing: ExpandingPart & { youngsModulusMPa: number; poisson: number };
  shaft: ExpandingPart & { youngsModulusMPa: number; poisson: number };
  /** Standard uncertainty of each temperature, K. */
  uTemperatureK?: number;
  states?: Record<ClearanceState, StateTemperatures>;
};

export type StateClearance = {
  state: ClearanceState;
  clearanceUm: Measured;
  /** Chance that it is not squeezed (≥ 0). */ chanceFree: number;
};

/** Shares of the interferences that reach the tracks: contraction of the outer track, growth of the inner one, per mm of interference. */
export function trackShares({
  boreMm,
  outsideMm,
  bossOutsideMm,
  shaftBoreMm,
  race,
  housing,
  shaft,
}: ClearanceInput): { outer: number; inner: number } | null {
  const effectiveOuter = (boreMm + 3 * outsideMm) / 4;
  const effectiveInner = (3 * boreMm + outsideMm) / 4;
  const outer = solvePressFit({
    interferenceMm: 0.01,
    diameterMm: outsideMm,
    ringBoreMm: effectiveOuter,
    housingOutsideMm: bossOutsideMm,
    ring: race,
    housing,
  });
  const inner = solvePressFit({
    interferenceMm: 0.01,
    diameterMm: boreMm,
    ringBoreMm: shaftBoreMm,
    housingOutsideMm: effectiveInner,
    ring: shaft,
    housing: race,
  });
  return outer.ok && inner.ok
    ? { outer: outer.value.ringBoreContractionMm / 0.01, inner: inner.value.housingOutsideGrowthMm / 0.01 }
    : null;
}

/** The least clearance decides; a rolling bearing should keep its clearance ≥ 0 in every state. @returns null when the sizes make no ring */
export function runningClearances(input: ClearanceInput): StateClearance[] | null {
  const shares = trackShares(input);
  if (!shares) return null;
  const {
    boreMm,
    outsideMm,
    delivered,
    race,
    housing,
    shaft,
    uTemperatureK = 8,
    states = USUAL_STATES,
  } = input;
  const raceway = {
    outer: (boreMm + 4 * outsideMm) / 5,
    inner: (4 * boreMm + outsideMm) / 5,
    ball: 0.3 * (outsideMm - boreMm),
  };
  const deliveredMid = {
    value: (delivered.minUm + delivered.maxUm) / 2,
    u: (delivered.maxUm - delivered.minUm) / 6,
  };
  return CLEARANCE_STATES.map((state) => {
    const t = states[state];
    const u = state === 'bench' ? 0 : uTemperatureK;
    const at = (celsius: number): Measured => ({ value: celsius, u });
    const outer = interferenceAt({
      diameterMm: outsideMm,
      interferenceMm: input.outerInterferenceMm,
      ring: race,
      housing,
      ringC: at(t.outerC),
      housingC: at(t.housingC),
    });
    // The shaft is the inner part here: it grows with its own temperature, the race around it with its own.
    const inner = interferenceAt({
      diameterMm: boreMm,
      interferenceMm: input.innerInterferenceMm,
      ring: shaft,
      housing: race,
      ringC: at(t.shaftC),
      housingC: at(t.innerC),
    });
    const ballC = (t.outerC + t.innerC) / 2;
    const growMm =
      race.alphaPerK *
      (raceway.outer * (t.outerC - REFERENCE_C) -
        raceway.inner * (t.innerC - REFERENCE_C) -
        2 * raceway.ball * (ballC - REFERENCE_C));
    const value =
      deliveredMid.value +
      1000 * (growMm - shares.outer * Math.max(0, outer.value) - shares.inner * Math.max(0, inner.value));
    // Races and balls warm together; what spreads the clearance is the difference between them, about a third of each temperature's own doubt.
    const uGrowUm = 1000 * race.alphaPerK * raceway.inner * (u / 3) * Math.SQRT2;
    const uClearance = rootSumSquare(
      deliveredMid.u,
      shares.outer * outer.u * 1000,
      shares.inner * inner.u * 1000,
      uGrowUm,
    );
    return {
      state,
      clearanceUm: { value, u: uClearance },
      chanceFree: normalShareBelow(value / Math.max(uClearance, 1e-9)),
    };
  });
}
