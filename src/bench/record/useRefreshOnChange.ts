'use client';
import { useEffect, useState } from 'react';
import { useRouter } from 'next/navigation';
import { liveStream } from './liveStream';

/** Several entries stored in one go cost one drawing. */
const GATHER_MS = 500;

/** A page that the server draws whole is drawn anew whenever something was entered since `nowMs`, when it was read. */
export function useRefreshOnChange(nowMs: number) {
  const router = useRouter();
  const [drawnMs] = useState(nowMs);
  useEffect(() => {
    let timer: ReturnType<typeof setTimeout> | null = null;
    const stop = liveStream.onChange(drawnMs, () => {
      timer ??= setTimeout(() => {
        timer = null;
        router.refresh();
      }, GATHER_MS);
    });
    return () => {
      stop();
      if (timer) clearTimeout(timer);
    };
  }, [router, drawnMs]);
}
