'use client';
import { useEffect, useRef, useState } from 'react';
import { Latest } from './latest';

/**
 * The answer to the newest input, reckoned beside the page (see `Latest`). The last answer stays until the next is there; `isOld` says so.
 * @param ask the same function each time @param first what the first drawing shows for `input`; null: it is asked for
 */
export function useLatest<I, O>(ask: (input: I) => Promise<O>, input: I, first: { output: O } | null) {
  const [answered, setAnswered] = useState(first && { input, ...first });
  const latest = useRef<Latest<I, O> | null>(null);
  useEffect(() => {
    latest.current = new Latest(ask, (asked, output) => setAnswered({ input: asked, output }));
    return () => latest.current?.drop();
  }, [ask]);
  const isOld = answered?.input !== input;
  useEffect(() => {
    if (isOld) latest.current?.want(input);
  }, [ask, input, isOld]);
  return { output: answered ? answered.output : null, isOld };
}
