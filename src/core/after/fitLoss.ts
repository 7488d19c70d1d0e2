import { sampleLumped, type LumpedProblem } from '@/core/heat/lumped';
import type { Measured } from '@/core/quantity/measured';

/** A probe's noise from one reading to the next, standard uncertainty, K: what it is wrong by altogether cancels here. */
const NOISE_K = 0.3;
const LEAST_READINGS = 4;
const LEAST_SPAN_S = 20;
/** A step of the factor to see what it does; how near is near enough; how often. */
const STEP = 0.02;
const NEAR = 1e-4;
const MOST_STEPS = 25;
const [LEAST, MOST] = [0.2, 5];

export type CastingReading = { timeS: number; celsius: number };

const withLoss = (problem: LumpedProblem, factor: number, startC: number): LumpedProblem => ({
  ...problem,
  ring: { ...problem.ring, hWM2K: problem.ring.hWM2K * factor },
  housing: { ...problem.housing, hWM2K: problem.housing.hWM2K * factor, startC },
});

/**
 * By how much a casting really lost heat faster than the model says, from what a probe read on it after the door: heat-transfer coefficient
 * and starting temperature are fitted together by least squares (Gauss–Newton), and carry what the readings leave open (JCGM 100, 5.1).
 * @param problem casting and part as the model has them at the door, with what they lie on and when they touch
 * @param readings ascending, from the door on
 * @returns null where the readings are too few or too close together to tell
 */
export function fitLossFactor(problem: LumpedProblem, readings: readonly CastingReading[]): Measured | null {
  const [first, last] = [readings[0], readings.at(-1)];
  if (!first || !last || readings.length < LEAST_READINGS || last.timeS - first.timeS < LEAST_SPAN_S)
    return null;
  const times = readings.map(({ timeS }) => timeS);
  const modelled = (factor: number, startC: number) =>
    sampleLumped(withLoss(problem, factor, startC), times).map(({ housingC }) => housingC);
  let factor = 1;
  let startC = first.celsius;
  let [a11, a22, a12, rest] = [0, 0, 0, 0];
  for (let step = 0; step < MOST_STEPS; step += 1) {
    const base = modelled(factor, startC);
    const byFactor = modelled(factor + STEP, startC).map((celsius, i) => (celsius - base[i]!) / STEP);
    const byStart = modelled(factor, startC + 1).map((celsius, i) => celsius - base[i]!);
    const off = readings.map(({ celsius }, i) => celsius - base[i]!);
    const dot = (u: readonly number[], v: readonly number[]) =>
      u.reduce((sum, each, i) => sum + each * v[i]!, 0);
    [a11, a22, a12, rest] = [
      dot(byFactor, byFactor),
      dot(byStart, byStart),
      dot(byFactor, byStart),
      dot(off, off),
    ];
    const det = a11 * a22 - a12 * a12;
    if (!(det > 0)) return null;
    const [b1, b2] = [dot(byFactor, off), dot(byStart, off)];
    const moved = (a22 * b1 - a12 * b2) / det;
    factor = Math.min(MOST, Math.max(LEAST, factor + moved));
    startC += (a11 * b2 - a12 * b1) / det;
    if (Math.abs(moved) < NEAR) break;
  }
  const noiseK = Math.max(NOISE_K, Math.sqrt(rest / Math.max(1, readings.length - 2)));
  return { value: factor, u: noiseK * Math.sqrt(a22 / (a11 * a22 - a12 * a12)) };
}
