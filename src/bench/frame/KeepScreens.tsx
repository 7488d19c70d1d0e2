'use client';
import { usePathname } from 'next/navigation';
import { useEffect } from 'react';
import { isHandled, whenHandled } from '@/bench/record/whenHandled';
import { whenIdle } from '@/bench/record/whenIdle';

/** Files that this page is made of, as far as the browser has fetched them. */
const builtFiles = () => [
  ...new Set(
    performance
      .getEntriesByType('resource')
      .map(({ name }) => name)
      .filter((name) => name.includes('/_next/static/')),
  ),
];

/** After what is fetched when idle has come. */
const KEEP_AFTER_MS = 1200;

/** Has this screen kept as far as it has come; `isWhole`: with the parts that wait for a hand. */
async function keepScreen(isWhole: boolean) {
  await navigator.serviceWorker.register('/sw.js').catch(() => null);
  const { active } = await navigator.serviceWorker.ready;
  navigator.serviceWorker.onmessage = ({ data }: MessageEvent<{ isWhole: boolean }>) => {
    if (data.isWhole) document.documentElement.dataset.kept = window.location.pathname;
  };
  active?.postMessage({
    page: window.location.href,
    files: builtFiles(),
    build: document.documentElement.dataset.build,
    isWhole,
  });
}

/**
 * Has every opened screen kept in this browser, so that a reload works while the server is away; again with its other parts, once a
 * hand was on it. Browsers allow it on https and on this machine itself only; elsewhere a reload needs the server, and all else works
 * the same.
 */
export function KeepScreens() {
  const pathname = usePathname();
  useEffect(() => {
    if (process.env.NODE_ENV !== 'production' || !('serviceWorker' in navigator)) return;
    const timers: ReturnType<typeof setTimeout>[] = [];
    const keepSoon = () => {
      const isWhole = isHandled();
      timers.push(setTimeout(() => void keepScreen(isWhole), KEEP_AFTER_MS));
    };
    let isGone = false;
    keepSoon();
    if (!isHandled())
      void whenHandled()
        .then(whenIdle)
        .then(() => !isGone && keepSoon());
    return () => {
      isGone = true;
      timers.forEach(clearTimeout);
    };
  }, [pathname]);
  return null;
}
