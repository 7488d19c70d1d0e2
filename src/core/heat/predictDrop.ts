import { interferenceAt, type ExpandingPart } from '@/core/fit/runningFit';
import { rootSumSquare, type Measured } from '@/core/quantity/measured';
import { simulateLumped, type LumpedProblem } from './lumped';

/** Everything that decides how long a hot bore stays bigger than a cold bearing, with its doubts. */
export type DropProblem = {
  bodies: LumpedProblem;
  diameterMm: number;
  /** At 20 °C, largest part against smallest chord. */
  interferenceMm: Measured;
  ring: ExpandingPart;
  housing: ExpandingPart;
  /** Standard uncertainty of the temperatures at the start. */
  uHousingK: number;
  uRingK: number;
  /** Least clearance at which it may be let go. */
  marginMm: number;
};

export type DropMoment = { timeS: number; ringC: number; housingC: number; uHousingK: number; clearanceMm: Measured };

export type DropPrediction = {
  moments: DropMoment[];
  /** Until here the lower edge of the band (value − 2u) keeps the margin: the only time that may be called sure. 0: never; null: beyond the horizon. */
  sureUntilS: number | null;
  /** Until here the likely value keeps the margin. */
  likelyUntilS: number | null;
  /** When the likely value is down to nothing: the bore holds the bearing. */
  gripS: number | null;
};

/** Convection is a guess; this factor either way is taken as its 2u band. */
export const CONVECTION_FACTOR = 1.3;

const withFasterLoss = (bodies: LumpedProblem): LumpedProblem => ({
  ...bodies,
  ring: { ...bodies.ring, hWM2K: bodies.ring.hWM2K * CONVECTION_FACTOR },
  housing: { ...bodies.housing, hWM2K: bodies.housing.hWM2K * CONVECTION_FACTOR },
});

/** Where a falling quantity crosses zero, by straight line between the samples around it. */
function crossing(moments: readonly DropMoment[], excess: (moment: DropMoment) => number): number | null {
  const index = moments.findIndex((moment) => excess(moment) <= 0);
  if (index <= 0) return index === 0 ? 0 : null;
  const [before, after] = [moments[index - 1]!, moments[index]!];
  const [high, low] = [excess(before), excess(after)];
  return before.timeS + (after.timeS - before.timeS) * (high / (high - low));
}

/**
 * Clearance over time with its band, from the moment given to `horizonS`, while bearing and casting are apart
 * (or touching, as `bodies.touch` says).
 *
 * The temperatures' doubt grows with time: the same problem with 1.3 times the convection gives the edge.
 * Source: two lumps (see `simulateLumped`), expansion (see `interferenceAt`), JCGM 100 for the doubts.
 */
export function predictDrop(problem: DropProblem, horizonS: number, stepS = 2): DropPrediction {
  const { bodies, diameterMm, interferenceMm, ring, housing, marginMm } = problem;
  const likely = resample(simulateLumped(bodies, horizonS), stepS);
  const fast = resample(simulateLumped(withFasterLoss(bodies), horizonS), stepS);
  const moments = likely.map((state, i): DropMoment => {
    const edge = fast[Math.min(i, fast.length - 1)]!;
    const uHousingK = rootSumSquare(problem.uHousingK, (state.housingC - edge.housingC) / 2);
    const uRingK = rootSumSquare(problem.uRingK, (state.ringC - edge.ringC) / 2);
    const interference = interferenceAt({
      diameterMm, interferenceMm, ring, housing,
      ringC: { value: state.ringC, u: uRingK },
      housingC: { value: state.housingC, u: uHousingK },
    });
    return { ...state, uHousingK, clearanceMm: { value: -interference.value, u: interference.u } };
  });
  return {
    moments,
    sureUntilS: crossing(moments, ({ clearanceMm }) => clearanceMm.value - 2 * clearanceMm.u - marginMm),
    likelyUntilS: crossing(moments, ({ clearanceMm }) => clearanceMm.value - marginMm),
    gripS: crossing(moments, ({ clearanceMm }) => clearanceMm.value),
  };
}

/** Even steps (straight line between solver steps, which are far shorter than the changes that matter). */
function resample(samples: Iterable<{ timeS: number; ringC: number; housingC: number }>, stepS: number) {
  const even: { timeS: number; ringC: number; housingC: number }[] = [];
  let before: { timeS: number; ringC: number; housingC: number } | null = null;
  for (const after of samples) {
    while (even.length * stepS <= after.timeS + 1e-9) {
      const timeS = even.length * stepS;
      const share = before && after.timeS > before.timeS ? (timeS - before.timeS) / (after.timeS - before.timeS) : 1;
      const from = before ?? after;
      even.push({ timeS, ringC: from.ringC + (after.ringC - from.ringC) * share, housingC: from.housingC + (after.housingC - from.housingC) * share });
    }
    before = after;
  }
  return even;
}
