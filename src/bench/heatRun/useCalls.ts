'use client';
import { useEffect, useRef } from 'react';
import type { HeatCall, HeatRunView } from '@/core/job/heatRun';
import { playCall } from '@/bench/frame/sounds';

const CALL_SOUNDS: Partial<Record<HeatCall, Parameters<typeof playCall>[0]>> = {
  go: 'hot',
  home: 'hot',
  too_late: 'forgotten',
  grabbed: 'forgotten',
};
/** The last seconds that are sure are counted aloud. */
const COUNTED_S = 5;
/** Ready and not taken out, or out and not let go of, for so long: called each minute. Common practice, no source. */
const FORGOTTEN_S = 120;

/** Sounds each change of the call, each of the last sure seconds, and a heat that everybody has walked away from. */
export function useCalls({ call, reason, sureLeftS }: HeatRunView, nowMs: number) {
  const lastCall = useRef<HeatCall | null>(null);
  useEffect(() => {
    if (lastCall.current !== null && lastCall.current !== call) playCall(CALL_SOUNDS[call] ?? 'tick');
    lastCall.current = call;
  }, [call]);

  const left = call === 'go' && sureLeftS !== null ? Math.ceil(sureLeftS) : null;
  useEffect(() => {
    if (left !== null && left > 0 && left <= COUNTED_S) playCall('tick');
  }, [left]);

  const waits =
    reason === 'hot_enough_take_it_out' || reason === 'hot_enough_lay_it_out' || call === 'too_late';
  const sinceMs = useRef<number | null>(null);
  const minutes = useRef(0);
  useEffect(() => {
    if (!waits) {
      sinceMs.current = null;
      return;
    }
    sinceMs.current ??= nowMs;
    const forgotten = Math.floor((nowMs - sinceMs.current) / 1000 / FORGOTTEN_S);
    if (forgotten > 0 && forgotten !== minutes.current) playCall('forgotten');
    minutes.current = forgotten;
  }, [waits, nowMs]);
}
