import { fail, type Result } from '@/core/quantity/result';
import { CLASSES } from './classes';
import { CLOSING } from './closing';
import { DROP_IN } from './dropIn';
import { OVER_TIME } from './overTime';
import { PARTS } from './parts';
import { PUSHING } from './pushing';
import { REPAIR } from './repair';
import { SQUARE_AND_DEEP } from './squareAndDeep';
import { STACKS } from './stacks';
import { sumPath, type Answers, type Sum, type SumDescription, type Verdict } from './sum';

/** Every sum, in the order of the questions. */
export const SUMS: readonly Sum[] = [
  ...DROP_IN,
  ...OVER_TIME,
  ...PUSHING,
  ...CLASSES,
  ...REPAIR,
  ...SQUARE_AND_DEEP,
  ...STACKS,
  ...CLOSING,
  ...PARTS,
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
