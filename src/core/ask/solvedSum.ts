import { usualInputs } from '@/core/sums/address';
import { describeSum, findSum, solveSum } from '@/core/sums/allSums';
import type { SolvedSum } from './answer';

/** A sum by its path, its usual inputs but for `changes`; null when it has no answer for them. */
export function solvedSum(path: string, changes: Record<string, unknown>): SolvedSum | null {
  const sum = findSum(path);
  if (!sum) return null;
  const inputs = { ...usualInputs(sum.fields), ...changes };
  const answer = solveSum(sum, inputs);
  return answer.ok ? { sum: describeSum(sum), inputs, solved: answer.value } : null;
}
