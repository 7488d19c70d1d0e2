'use client';
import { useEffect, useRef, useState } from 'react';
import type { Remote } from 'comlink';
import type { Result } from '@/core/quantity/result';
import type { Solved } from '@/core/sums/allSums';
import type { SumWorker } from './answerSum';

async function startWorker() {
  const { wrap } = await import('comlink');
  const raw = new Worker(new URL('./sumWorker.ts', import.meta.url), { type: 'module' });
  return { raw, remote: wrap<SumWorker>(raw) };
}

type Asked = { inputs: Readonly<Record<string, unknown>>; result: Result<Solved> };

/**
 * The answer to the inputs, from a web worker that lives as long as the page. The last good answer stays (`isOld`) until the next
 * is there; an answer that has been overtaken is dropped.
 */
export function useSum(path: string, inputs: Readonly<Record<string, unknown>>, initial: Result<Solved>) {
  const [asked, setAsked] = useState<Asked>({ inputs, result: initial });
  const [shown, setShown] = useState<{ inputs: Asked['inputs']; solved: Solved } | null>(
    initial.ok ? { inputs, solved: initial.value } : null,
  );
  const worker = useRef<Promise<{ remote: Remote<SumWorker>; raw: Worker }> | null>(null);

  useEffect(
    () => () => {
      void worker.current?.then(({ raw }) => raw.terminate());
      worker.current = null;
    },
    [],
  );

  useEffect(() => {
    if (asked.inputs === inputs) return;
    let isOvertaken = false;
    const ask = async () => {
      worker.current ??= startWorker();
      const { remote } = await worker.current;
      const result = (await remote.answerSum(path, inputs)) as Result<Solved>;
      if (isOvertaken) return;
      setAsked({ inputs, result });
      if (result.ok) setShown({ inputs, solved: result.value });
    };
    // Fetching the worker fails while the server is away: the next change tries again.
    ask().catch(() => {
      worker.current = null;
    });
    return () => {
      isOvertaken = true;
    };
  }, [path, inputs, asked.inputs]);

  return {
    shown,
    issues: asked.result.ok ? [] : asked.result.issues,
    isOld: asked.inputs !== inputs || !asked.result.ok,
  };
}
