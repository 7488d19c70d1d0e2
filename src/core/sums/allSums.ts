import { fail, type Result } from '@/core/quantity/result';
import { radial } from './alongRadius';
import { bearingLimits, classFit, iso286 } from './classes';
import { pressure, standOut, torque } from './closing';
import { chance, heatedBoss, thermometer } from './dropDoubts';
import { fitAtTemperature, heatedRing, housingTemperature, ringTemperature } from './dropIn';
import { backlash, lockUp, runOut } from './gearsAndShafts';
import { hub, preload } from './hubAndHead';
import { at20, comparison, running } from './measuredFit';
import { lumped } from './overTime';
import { boundary, ringsSeals } from './parts';
import { boss, driver, lame } from './pushing';
import { bondedHold, bushBore, neededNip, outOfRound } from './repair';
import { ram, rodForce, rodTorque, travel } from './rods';
import { gap, lip, oRing } from './sealing';
import { centring, shims } from './shimming';
import { dew, newton, sphere, toTarget, within } from './soaking';
import { depth, tilt } from './squareAndDeep';
import { axial, endplay, growth } from './stacks';
import { sumPath, type Answers, type Sum, type SumDescription, type Verdict } from './sum';

/** Every sum, in the order of the questions. */
export const SUMS: readonly Sum[] = [
  housingTemperature,
  ringTemperature,
  chance,
  heatedBoss,
  thermometer,
  heatedRing,
  fitAtTemperature,
  lumped,
  radial('radial'),
  radial('fe'),
  newton,
  sphere,
  within,
  toTarget,
  dew,
  lame,
  boss,
  rodForce,
  rodTorque,
  travel,
  ram,
  driver,
  classFit,
  running,
  iso286,
  bearingLimits,
  at20,
  comparison,
  bondedHold,
  bushBore,
  neededNip,
  outOfRound,
  tilt,
  depth,
  endplay,
  shims,
  growth,
  lockUp,
  hub,
  axial,
  centring,
  preload,
  backlash,
  runOut,
  torque,
  standOut,
  pressure,
  gap,
  oRing,
  lip,
  boundary,
  ringsSeals,
];

export const findSum = (path: string): Sum | null => SUMS.find((sum) => sumPath(sum) === path) ?? null;

/** What a page needs of a sum before anything is computed: plain data. */
export const describeSum = ({ solve: _solve, fill: _fill, judge: _judge, ...face }: Sum): SumDescription =>
  face;

export type Solved = { answers: Answers; filled: string; verdict: Verdict | null };

/** Numbers that are not finite must not get out: a formula that was asked beyond its range says so. */
function hasNonFinite(value: unknown): boolean {
  if (typeof value === 'number') return !Number.isFinite(value);
  if (Array.isArray(value)) return value.some(hasNonFinite);
  return typeof value === 'object' && value !== null && Object.values(value).some(hasNonFinite);
}

/** Solves a sum with inputs that have passed its fields' checks. Invalid: what the sum itself finds, or `no_finite_answer`. */
export function solveSum(sum: Sum, inputs: Readonly<Record<string, unknown>>): Result<Solved> {
  const solved = sum.solve(inputs as never);
  if (!solved.ok) return solved;
  if (hasNonFinite(solved.value)) return fail({ code: 'no_finite_answer', field: '' });
  return {
    ok: true,
    warnings: solved.warnings,
    value: {
      answers: solved.value,
      filled: sum.fill(inputs as never, solved.value),
      verdict: sum.judge?.(inputs as never, solved.value) ?? null,
    },
  };
}
