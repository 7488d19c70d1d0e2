'use client';
import { startTransition, useEffect, useState } from 'react';
import { useLink } from './hooks';
import { isHandled, whenHandled } from './whenHandled';
import { whenIdle } from './whenIdle';

/** `now`: it is seen. `spare`: a hand may want it. `not_yet`: nothing says so. */
export type Need = 'now' | 'spare' | 'not_yet';

/** What is seen comes after the first drawing; what a hand opens, at once; what it may open, with its first sign on the page. */
const whenNeeded = async (need: 'now' | 'spare') => {
  if (need === 'spare') await whenHandled();
  if (need === 'spare' || !isHandled()) await whenIdle();
};

/**
 * A part of the interface that is loaded only when it is needed. Null until it is there; while the server is away it is tried
 * again when it is back, and nothing else on the screen suffers.
 */
export function useLoaded<T>(load: () => Promise<T>, need: Need = 'now'): T | null {
  const link = useLink();
  const [loaded, setLoaded] = useState<{ part: T } | null>(null);
  useEffect(() => {
    if (need === 'not_yet' || loaded) return;
    let isGone = false;
    whenNeeded(need)
      .then(() => (isGone ? null : load()))
      .then(
        (part) => {
          // In pieces: what is tapped meanwhile comes first.
          if (part !== null && !isGone) startTransition(() => setLoaded({ part }));
        },
        () => undefined,
      );
    return () => {
      isGone = true;
    };
  }, [load, need, loaded, link]);
  return loaded?.part ?? null;
}
