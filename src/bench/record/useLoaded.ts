'use client';
import { startTransition, useEffect, useState } from 'react';
import { useLink } from './hooks';
import { whenIdle } from './whenIdle';

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
    whenIdle()
      .then(load)
      .then(
        (part) => {
          // In pieces: what is tapped meanwhile comes first.
          if (!isGone) startTransition(() => setLoaded({ part }));
        },
        () => undefined,
      );
    return () => {
      isGone = true;
    };
  }, [load, isNeeded, loaded, link]);
  return loaded?.part ?? null;
}
