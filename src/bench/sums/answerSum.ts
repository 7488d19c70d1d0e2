import type { Result } from '@/core/quantity/result';
import { findSum, solveSum, type Solved } from '@/core/sums/allSums';

/** One sum, solved off the main thread: some take longer than a frame. */
export function answerSum(path: string, inputs: Readonly<Record<string, unknown>>): Result<Solved> {
  const sum = findSum(path);
  return sum ? solveSum(sum, inputs) : { ok: false, issues: [{ code: 'unknown_topic', field: '' }] };
}

export type SumWorker = { answerSum: typeof answerSum };
