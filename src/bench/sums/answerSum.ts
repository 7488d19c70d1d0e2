import type { Result } from '@/core/quantity/result';
import { findSum, type Solved } from '@/core/sums/allSums';
import { solveInputs } from '@/core/sums/schema';

/** One sum, solved off the main thread: some take longer than a frame. */
export function answerSum(path: string, inputs: Readonly<Record<string, unknown>>): Result<Solved> {
  const sum = findSum(path);
  return sum ? solveInputs(sum, inputs) : { ok: false, issues: [{ code: 'unknown_topic', field: '' }] };
}

export type SumWorker = { answerSum: typeof answerSum };
