'use client';
import { useEffect } from 'react';

/** The screen stays on as long as `isWanted`: nobody touches it with hot gloves. Where the browser can not, nothing happens. */
export function useWakeLock(isWanted: boolean) {
  useEffect(() => {
    if (!isWanted || !('wakeLock' in navigator)) return;
    let lock: WakeLockSentinel | null = null;
    let isOver = false;
    const hold = async () => {
      if (document.visibilityState !== 'visible') return;
      // Refused on a low battery: the run goes on.
      const taken = await navigator.wakeLock.request('screen').catch(() => null);
      if (isOver) void taken?.release();
      else lock = taken;
    };
    // The browser lets go of it whenever the page is hidden.
    const onShown = () => void hold();
    void hold();
    document.addEventListener('visibilitychange', onShown);
    return () => {
      isOver = true;
      document.removeEventListener('visibilitychange', onShown);
      void lock?.release();
    };
  }, [isWanted]);
}
