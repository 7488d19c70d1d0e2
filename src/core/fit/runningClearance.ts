import type { ClearanceUm } from '@/core/catalogue/bearingLimits';
import { REFERENCE_C, rootSumSquare, type Measured } from '@/core/quantity/measured';
import { normalShareBelow } from '@/core/quantity/spread';
import { interferenceAt, type ExpandingPart } from './runningFit';
import { solvePressFit } from './pressFit';
import { CLEARANCE_STATES, type ClearanceState, type StateTemperatures } from './states';

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
  /** Standard uncertainty of each temperature, K; 8 when left out. */
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

/** Raceways and ball by the usual proportions; see the head of this file. */
const racewaysOf = ({ boreMm, outsideMm }: ClearanceInput) => ({
  outerMm: (boreMm + 4 * outsideMm) / 5,
  innerMm: (4 * boreMm + outsideMm) / 5,
  ballMm: 0.3 * (outsideMm - boreMm),
});

/** Interference of both seats at a state's temperatures. */
function seatsAt(
  input: ClearanceInput,
  t: StateTemperatures,
  uK: number,
): { outer: Measured; inner: Measured } {
  const { race, housing, shaft } = input;
  const at = (celsius: number): Measured => ({ value: celsius, u: uK });
  return {
    outer: interferenceAt({
      diameterMm: input.outsideMm,
      interferenceMm: input.outerInterferenceMm,
      ring: race,
      housing,
      ringC: at(t.outerC),
      housingC: at(t.housingC),
    }),
    // The shaft is the inner part here: it grows with its own temperature, the race around it with its own.
    inner: interferenceAt({
      diameterMm: input.boreMm,
      interferenceMm: input.innerInterferenceMm,
      ring: shaft,
      housing: race,
      ringC: at(t.shaftC),
      housingC: at(t.innerC),
    }),
  };
}

/** What the bearing's own growth does to its clearance, mm. */
function growthMm(input: ClearanceInput, { outerC, innerC }: StateTemperatures): number {
  const { outerMm, innerMm, ballMm } = racewaysOf(input);
  const ballC = (outerC + innerC) / 2;
  return (
    input.race.alphaPerK *
    (outerMm * (outerC - REFERENCE_C) - innerMm * (innerC - REFERENCE_C) - 2 * ballMm * (ballC - REFERENCE_C))
  );
}

/** Delivered clearance as a normal spread: the group's limits are 6σ apart. */
const deliveredOf = ({ delivered: { minUm, maxUm } }: ClearanceInput): Measured => ({
  value: (minUm + maxUm) / 2,
  u: (maxUm - minUm) / 6,
});

function clearanceIn(
  input: ClearanceInput,
  shares: { outer: number; inner: number },
  state: ClearanceState,
): StateClearance {
  const t = (input.states ?? USUAL_STATES)[state];
  const uK = state === 'bench' ? 0 : (input.uTemperatureK ?? U_TEMPERATURE_K);
  const { outer, inner } = seatsAt(input, t, uK);
  const delivered = deliveredOf(input);
  const takenMm = shares.outer * Math.max(0, outer.value) + shares.inner * Math.max(0, inner.value);
  const value = delivered.value + 1000 * (growthMm(input, t) - takenMm);
  const u = rootSumSquare(
    delivered.u,
    shares.outer * outer.u * 1000,
    shares.inner * inner.u * 1000,
    // Races and balls warm together; what spreads the clearance is the difference between them, about a third of each
    // temperature's own doubt.
    1000 * input.race.alphaPerK * racewaysOf(input).innerMm * (uK / 3) * Math.SQRT2,
  );
  return { state, clearanceUm: { value, u }, chanceFree: normalShareBelow(value / Math.max(u, 1e-9)) };
}

const U_TEMPERATURE_K = 8;

/**
 * The least clearance decides; a rolling bearing should keep its clearance ≥ 0 in every state.
 * @returns null when the sizes make no ring
 */
export function runningClearances(input: ClearanceInput): StateClearance[] | null {
  const shares = trackShares(input);
  return shares && CLEARANCE_STATES.map((state) => clearanceIn(input, shares, state));
}
