'use client';
/** Somebody who only looks for so long keeps the page open: what may be needed is fetched then all the same. */
const LOOKED_AT_MS = 30_000;
const SIGNS = ['pointerdown', 'keydown', 'wheel', 'touchstart'] as const;

let handled = false;

/** Listens from the moment that this is read: a hand may come before the screen is taken over. */
const firstSign = new Promise<void>((resolve) => {
  if (typeof window === 'undefined') return;
  const done = () => {
    handled = true;
    clearTimeout(timer);
    for (const sign of SIGNS) window.removeEventListener(sign, done, { capture: true });
    resolve();
  };
  const timer = setTimeout(done, LOOKED_AT_MS);
  for (const sign of SIGNS) window.addEventListener(sign, done, { capture: true, passive: true });
});

/** Whether a hand was on this page since it was loaded. */
export const isHandled = () => handled;

/**
 * The first sign of a hand on this page (a touch, a key, a turn of the wheel), or half a minute. What no picture of the page shows can
 * wait until then: it is fetched while the hand is still on its way to it.
 */
export const whenHandled = () => firstSign;
