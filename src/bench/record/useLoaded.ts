'use client';
import { useEffect, useState } from 'react';
import { useLink } from './hooks';

/**
 * A part of the interface that is loaded only when it is needed. Null until it is there; while the server is away it is tried
 * again when it is back, and nothing else on the screen suffers.
 */
export function useLoaded<T>(load: () => Promise<T>, isNeeded = true): T | null {
  const link = useLink();
  const [loaded, setLoaded] = useState<{ part: T } | null>(null);
  useEffect(() => {
    if (!isNeeded || loaded) return;
    let isGone = false;
    load().then(
      (part) => {
        if (!isGone) setLoaded({ part });
      },
      () => undefined,
    );
    return () => {
      isGone = true;
    };
  }, [load, isNeeded, loaded, link]);
  return loaded?.part ?? null;
}
