import { interferenceAt, type ExpandingPart } from '@/core/fit/runningFit';
import { rootSumSquare, type Measured } from '@/core/quantity/measured';
import { shareAt, type HotBossBand } from './hotBoss';
import { REST_CONDUCTANCE, type RestConductance } from './rest';
import { CONVECTION_FACTOR } from './soak';
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
  /** What the casting lies on takes heat too; left out: wood. */
  rest?: RestConductance;
  /** Only the boss was heated: how it goes on from `sinceS` after the heat was off. Left out: the whole casting is as hot as the boss. */
  hotBoss?: HotBossBand & { sinceS: number };
};

export type DropMoment = {
  timeS: number;
  ringC: number;
  housingC: number;
  /** What a bore that grows freely would need to be as wide: `housingC`, but lower where a cold web holds the boss back. */
  boreC: number;
  uBoreK: number;
  clearanceMm: Measured;
};

export type DropPrediction = {
  moments: DropMoment[];
  /**
   * Until here the lower edge of the band (value − 2u) keeps the margin: the only time that may be called sure. 0: never; null: beyond
   * the horizon.
   */
  sureUntilS: number | null;
  /** Until here the likely value keeps the margin. */
  likelyUntilS: number | null;
  /** When the likely value is down to nothing: the bore holds the bearing. */
  gripS: number | null;
};

const withFasterLoss = (bodies: LumpedProblem): LumpedProblem => ({
  ...bodies,
  ring: { ...bodies.ring, hWM2K: bodies.ring.hWM2K * CONVECTION_FACTOR },
  housing: { ...bodies.housing, hWM2K: bodies.housing.hWM2K * CONVECTION_FACTOR },
});

type State = { timeS: number; ringC: number; housingC: number; boreC: number };

/** The two lumps; where only the boss was heated, the housing goes by its course instead, in proportion to where it starts. */
function statesOf(
  { bodies, rest = REST_CONDUCTANCE.wood, hotBoss }: DropProblem,
  edge: 'likely' | 'edge',
  horizonS: number,
  stepS: number,
): State[] {
  const asked =
    edge === 'edge'
      ? { ...withFasterLoss(bodies), benchWK: rest.edgeWK }
      : { ...bodies, benchWK: rest.likelyWK };
  const lumps = resample(simulateLumped(asked, horizonS), stepS);
  if (!hotBoss) return lumps.map((state) => ({ ...state, boreC: state.housingC }));
  const {
    ambientC,
    housing: { startC },
  } = bodies;
  const { bossShare, boreShare, stepS: courseStepS } = hotBoss[edge];
  const aboveAirK = (startC - ambientC) / shareAt(bossShare, courseStepS, hotBoss.sinceS);
  const at = (shares: readonly number[], timeS: number) =>
    ambientC + aboveAirK * shareAt(shares, courseStepS, hotBoss.sinceS + timeS);
  return lumps.map(({ timeS, ringC }) => ({
    timeS,
    ringC,
    housingC: at(bossShare, timeS),
    boreC: at(boreShare, timeS),
  }));
}

/**
 * The temperature at which a bore that grows freely is as wide as this one, when its boss is at `bossC`, `timeS` after the heat was
 * off.
 */
export function boreTemperature(
  { bodies: { ambientC }, hotBoss }: DropProblem,
  timeS: number,
  bossC: number,
): number {
  if (!hotBoss) return bossC;
  const { bossShare, boreShare, stepS } = hotBoss.likely;
  return (
    ambientC + ((bossC - ambientC) * shareAt(boreShare, stepS, timeS)) / shareAt(bossShare, stepS, timeS)
  );
}

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
 * The temperatures' doubt grows with time: the same problem with 1.3 times the convection, and the most that the rest may take, gives
 * the edge.
 * Source: two lumps (see `simulateLumped`), a boss heated alone (see `hotBossCourse`), expansion (see `interferenceAt`), JCGM 100 for
 * the doubts.
 */
export function predictDrop(problem: DropProblem, horizonS: number, stepS = 2): DropPrediction {
  const { diameterMm, interferenceMm, ring, housing, marginMm } = problem;
  const likely = statesOf(problem, 'likely', horizonS, stepS);
  const fast = statesOf(problem, 'edge', horizonS, stepS);
  const moments = likely.map((state, i): DropMoment => {
    const edge = fast[Math.min(i, fast.length - 1)]!;
    const uBoreK = rootSumSquare(problem.uHousingK, (state.boreC - edge.boreC) / 2);
    const uRingK = rootSumSquare(problem.uRingK, (state.ringC - edge.ringC) / 2);
    const interference = interferenceAt({
      diameterMm,
      interferenceMm,
      ring,
      housing,
      ringC: { value: state.ringC, u: uRingK },
      housingC: { value: state.boreC, u: uBoreK },
    });
    return { ...state, uBoreK, clearanceMm: { value: -interference.value, u: interference.u } };
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
      const share =
        before && after.timeS > before.timeS ? (timeS - before.timeS) / (after.timeS - before.timeS) : 1;
      const from = before ?? after;
      even.push({
        timeS,
        ringC: from.ringC + (after.ringC - from.ringC) * share,
        housingC: from.housingC + (after.housingC - from.housingC) * share,
      });
    }
    before = after;
  }
  return even;
}
