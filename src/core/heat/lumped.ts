import { clearanceAt, type Pair } from './expansion';

/** Stefan–Boltzmann constant, W/(m²·K⁴). Source: CODATA 2018. */
const SIGMA = 5.670374419e-8;
const KELVIN = 273.15;

/** One body at one temperature: valid while Biot = h·L/k is well under 0.1, as it is for castings and bearings in air. */
export type LumpedBody = {
  massKg: number;
  specificHeatJKgK: number;
  areaM2: number;
  /** Convection to the surroundings, W/(m²·K); still air with people moving about: 8–12. */
  hWM2K: number;
  emissivity: number;
  startC: number;
};

/** What joins the two bodies from `touchAtS` on: a conductance over an area. `null`: they stay apart. */
export type Touch = { touchAtS: number; conductanceWM2K: number; areaM2: number } | null;

export type LumpedProblem = {
  ring: LumpedBody;
  housing: LumpedBody;
  ambientC: number;
  touch: Touch;
  /** What the casting gives to the bench that it stands on, W/K; left out: it stands on wood, which takes next to nothing. */
  benchWK?: number;
};

export type LumpedState = { ringC: number; housingC: number };
export type Sample = LumpedState & { timeS: number };

/** Heat that a body takes from the air and the walls, W. */
const heatFromSurroundings = (body: LumpedBody, bodyC: number, ambientC: number) =>
  body.areaM2 *
  (body.hWM2K * (ambientC - bodyC) +
    body.emissivity * SIGMA * ((ambientC + KELVIN) ** 4 - (bodyC + KELVIN) ** 4));

/** m·c·dT/dt = −h·A·(T − Ta) − ε·σ·A·(T⁴ − Ta⁴) ∓ hc·Ac·(Th − Tr); the casting also −G·(T − Ta) into the bench */
function slopes(
  { ring, housing, ambientC, benchWK = 0 }: LumpedProblem,
  linkWK: number,
  { ringC, housingC }: LumpedState,
): LumpedState {
  const acrossW = linkWK * (housingC - ringC);
  return {
    ringC: (heatFromSurroundings(ring, ringC, ambientC) + acrossW) / (ring.massKg * ring.specificHeatJKgK),
    housingC:
      (heatFromSurroundings(housing, housingC, ambientC) + benchWK * (ambientC - housingC) - acrossW) /
      (housing.massKg * housing.specificHeatJKgK),
  };
}

const advance = (y: LumpedState, dy: LumpedState, s: number): LumpedState => ({
  ringC: y.ringC + dy.ringC * s,
  housingC: y.housingC + dy.housingC * s,
});

/** One classical Runge–Kutta step of fourth order. */
function stepRungeKutta(problem: LumpedProblem, linkWK: number, y: LumpedState, dt: number): LumpedState {
  const k1 = slopes(problem, linkWK, y);
  const k2 = slopes(problem, linkWK, advance(y, k1, dt / 2));
  const k3 = slopes(problem, linkWK, advance(y, k2, dt / 2));
  const k4 = slopes(problem, linkWK, advance(y, k3, dt));
  const blend = (key: keyof LumpedState) =>
    y[key] + (dt / 6) * (k1[key] + 2 * k2[key] + 2 * k3[key] + k4[key]);
  return { ringC: blend('ringC'), housingC: blend('housingC') };
}

/** Rate of the fastest exchange, 1/s: sets the step, so that the explicit method stays stable and accurate. */
function fastestRatePerS({ ring, housing, benchWK = 0 }: LumpedProblem, linkWK: number): number {
  const own = (body: LumpedBody) =>
    (body.areaM2 * (body.hWM2K + body.emissivity * 12) + linkWK) / (body.massKg * body.specificHeatJKgK);
  return own(ring) + own(housing) + benchWK / (housing.massKg * housing.specificHeatJKgK);
}

const STEP_PER_TIME_CONSTANT = 0.05;

/**
 * Temperatures of ring and housing over time, as two lumps that cool apart and, from `touchAtS`, trade heat.
 *
 * Yields a sample at 0 and after each step. Steps end exactly on the moment of touching. Fourth-order Runge–Kutta with a step
 * of 1/20 of the fastest time constant: error below 1 mK against the referee.
 * Source: Incropera & DeWitt, ch. 5 (lumped capacitance), from memory. Checked against: tests/reference/drop_window.json and an
 * adaptive ODE solver from the registry.
 */
export function* simulateLumped(problem: LumpedProblem, untilS: number): Generator<Sample> {
  const { touch } = problem;
  let state: LumpedState = { ringC: problem.ring.startC, housingC: problem.housing.startC };
  let timeS = 0;
  yield { timeS, ...state };
  while (timeS < untilS) {
    const touching = touch !== null && timeS >= touch.touchAtS;
    const linkWK = touching ? touch.conductanceWM2K * touch.areaM2 : 0;
    const nextEdgeS = touch !== null && !touching ? Math.min(untilS, touch.touchAtS) : untilS;
    const wishedS = Math.min(STEP_PER_TIME_CONSTANT / fastestRatePerS(problem, linkWK), 10);
    const endS = timeS + wishedS >= nextEdgeS ? nextEdgeS : timeS + wishedS;
    state = stepRungeKutta(problem, linkWK, state, endS - timeS);
    timeS = endS;
    yield { timeS, ...state };
  }
}

const between = (a: number, b: number, share: number) => a + (b - a) * share;

/** Temperatures at the asked moments (ascending, s). */
export function sampleLumped(problem: LumpedProblem, timesS: readonly number[]): Sample[] {
  const wanted = [...timesS];
  const samples: Sample[] = [];
  let before: Sample | null = null;
  for (const after of simulateLumped(problem, wanted.at(-1) ?? 0)) {
    while (wanted.length > 0 && wanted[0]! <= after.timeS) {
      const timeS = wanted.shift()!;
      samples.push(
        before && timeS > before.timeS ? sampleInside(problem, before, timeS) : { ...after, timeS },
      );
    }
    before = after;
  }
  return samples;
}

/** A step of its own from the last state to the asked moment: no interpolation error. */
function sampleInside(problem: LumpedProblem, from: Sample, timeS: number): Sample {
  const touching = problem.touch !== null && from.timeS >= problem.touch.touchAtS;
  const linkWK = touching ? problem.touch!.conductanceWM2K * problem.touch!.areaM2 : 0;
  return { timeS, ...stepRungeKutta(problem, linkWK, from, timeS - from.timeS) };
}

/**
 * First moment at which the clearance falls to `marginMm`.
 * @returns 0 when it is never above the margin; null when it is still above at the horizon
 */
export function windowOf(
  problem: LumpedProblem,
  pair: Pair,
  marginMm: number,
  horizonS: number,
): number | null {
  let before: { timeS: number; excessMm: number } | null = null;
  for (const sample of simulateLumped(problem, horizonS)) {
    const excessMm = clearanceAt(pair, sample) - marginMm;
    if (excessMm <= 0)
      return before === null
        ? 0
        : between(before.timeS, sample.timeS, before.excessMm / (before.excessMm - excessMm));
    before = { timeS: sample.timeS, excessMm };
  }
  return null;
}

type Meeting = Pick<LumpedBody, 'massKg' | 'specificHeatJKgK' | 'startC'>;
/** Temperature where ring and housing meet when no heat is lost on the way: what the dropped bearing will see. */
export const settlingTemperature = (ring: Meeting, housing: Meeting) => {
  const ringJK = ring.massKg * ring.specificHeatJKgK;
  const housingJK = housing.massKg * housing.specificHeatJKgK;
  return (ringJK * ring.startC + housingJK * housing.startC) / (ringJK + housingJK);
};
