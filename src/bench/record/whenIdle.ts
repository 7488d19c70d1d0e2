'use client';
/** At the latest, on a machine that is never idle. */
const LATEST_MS = 1000;

/** What need not be here at once, in a moment when nothing else is to be done. */
export const whenIdle = (): Promise<void> =>
  new Promise((resolve) => {
    if ('requestIdleCallback' in globalThis) requestIdleCallback(() => resolve(), { timeout: LATEST_MS });
    else setTimeout(resolve, 1);
  });
