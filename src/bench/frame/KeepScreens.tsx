'use client';
import { usePathname } from 'next/navigation';
import { useEffect } from 'react';

/** Files that this page is made of, as far as the browser has fetched them. */
const builtFiles = () => [
  ...new Set(
    performance
      .getEntriesByType('resource')
      .map(({ name }) => name)
      .filter((name) => name.includes('/_next/static/')),
  ),
];

/**
 * Has every opened screen kept in this browser, so that a reload works while the server is away. Browsers allow it on https and on
 * this machine itself only; elsewhere a reload needs the server, and all else works the same.
 */
export function KeepScreens() {
  const pathname = usePathname();
  useEffect(() => {
    if (process.env.NODE_ENV !== 'production' || !('serviceWorker' in navigator)) return;
    const timer = setTimeout(async () => {
      await navigator.serviceWorker.register('/sw.js').catch(() => null);
      const { active } = await navigator.serviceWorker.ready;
      navigator.serviceWorker.onmessage = () => {
        document.documentElement.dataset.kept = window.location.pathname;
      };
      active?.postMessage({
        page: window.location.href,
        files: builtFiles(),
        build: document.documentElement.dataset.build,
      });
    }, 1200);
    return () => clearTimeout(timer);
  }, [pathname]);
  return null;
}
