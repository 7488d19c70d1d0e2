'use client';
import { useCallback, useRef } from 'react';
import type { Result } from '@/core/quantity/result';
import type { Solved } from '@/core/sums/allSums';
import { useLatest } from '@/bench/frame/useLatest';
import { workerOf } from '@/bench/frame/worker';
import type { SumWorker } from './answerSum';

const sumWorker = workerOf<SumWorker>(
  () => new Worker(new URL('./sumWorker.ts', import.meta.url), { type: 'module' }),
);

type Inputs = Readonly<Record<string, unknown>>;
type Good = { inputs: Inputs; solved: Solved } | null;

const goodOf = (inputs: Inputs, result: Result<Solved>): Good =>
  result.ok ? { inputs, solved: result.value } : null;

/** The answer to the inputs, from a web worker. The last good answer stays (`isOld`) until the next is there. */
export function useSum(path: string, inputs: Inputs, initial: Result<Solved>) {
  const good = useRef(goodOf(inputs, initial));
  const ask = useCallback(
    async (asked: Inputs) => {
      const result = (await (await sumWorker()).answerSum(path, asked)) as Result<Solved>;
      good.current = goodOf(asked, result) ?? good.current;
      return { result, shown: good.current };
    },
    [path],
  );
  const first = { result: initial, shown: goodOf(inputs, initial) };
  const latest = useLatest(ask, inputs, { output: first });
  const { result, shown } = latest.output ?? first;
  return { shown, issues: result.ok ? [] : result.issues, isOld: latest.isOld || !result.ok };
}
