'use client';
import { useEffect, useState } from 'react';
import { useRouter } from 'next/navigation';
import type { EventKind } from '@/core/record/entries';
import { liveStream, type Change } from './liveStream';

/** Several entries stored in one go cost one drawing. */
const GATHER_MS = 500;

/** May the change be of one of these kinds of event? One that does not say what was entered may be. */
export function bearsOn(change: Change, kinds: readonly EventKind[]): boolean {
  if (change.what === 'anything') return true;
  if (change.what === 'shop' || kinds.length === 0) return false;
  // An undo does not say of what.
  const isOne = (kind: EventKind) => kinds.includes(kind) || kind === 'event_withdrawn';
  return change.what === 'job' || !change.entries || change.entries.events.some(({ kind }) => isOne(kind));
}

/**
 * A page that the server draws whole is drawn anew when the shop's own things were changed, or one of these was entered, since `nowMs`,
 * when it was read.
 */
export function useRefreshOnChange(nowMs: number, kinds: readonly EventKind[]) {
  const router = useRouter();
  const [drawnMs] = useState(nowMs);
  useEffect(() => {
    let timer: ReturnType<typeof setTimeout> | null = null;
    const stop = liveStream.onChange(drawnMs, (change) => {
      if (change.what !== 'shop' && !bearsOn(change, kinds)) return;
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
