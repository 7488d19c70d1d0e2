'use client';
import { useEffect, useState } from 'react';
import { useRouter } from 'next/navigation';
import type { EventKind } from '@/core/record/entries';
import { liveStream, type Change } from './liveStream';

/** Several entries stored in one go cost one drawing. */
const GATHER_MS = 500;

/** May the change be of one of these kinds of event? One that does not say what was entered may be. */
export const bearsOn = (change: Change, kinds: readonly EventKind[]): boolean =>
  change.what !== 'entries' ||
  !change.entries ||
  // An undo does not say of what.
  change.entries.events.some(({ kind }) => kinds.includes(kind) || kind === 'event_withdrawn');

/** A page that the server draws whole is drawn anew when one of these was entered since `nowMs`, when it was read. */
export function useRefreshOnChange(nowMs: number, kinds: readonly EventKind[]) {
  const router = useRouter();
  const [drawnMs] = useState(nowMs);
  useEffect(() => {
    let timer: ReturnType<typeof setTimeout> | null = null;
    const stop = liveStream.onChange(drawnMs, (change) => {
      if (!bearsOn(change, kinds)) return;
      timer ??= setTimeout(() => {
        timer = null;
        router.refresh();
      }, GATHER_MS);
    });
    return () => {
      stop();
      if (timer) clearTimeout(timer);
    };
  }, [router, drawnMs, kinds]);
}
