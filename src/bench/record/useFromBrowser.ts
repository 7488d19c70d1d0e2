'use client';
import { startTransition, useEffect, useState } from 'react';

/** Has this page been taken over from the server's drawing? What is drawn after that need not agree with it. */
let isTakenOver = false;

/**
 * What only this browser knows (who is at the bench, what was switched off here). The first drawing must be the server's, so it is
 * drawn `asServed` first and then anew, in pieces: a screen drawn twice in one breath would not hear a tap meanwhile.
 */
export function useFromBrowser<T>(
  subscribe: (tell: () => void) => () => void,
  read: () => T,
  asServed: T,
): T {
  const [value, setValue] = useState(() => (isTakenOver ? read() : asServed));
  useEffect(() => {
    isTakenOver = true;
    startTransition(() => setValue(read()));
    return subscribe(() => setValue(read()));
  }, [subscribe, read]);
  return value;
}
