import { useEffect, useRef } from 'react';
import type { WarmCall, WarmOutView } from '@/core/job/warmOutView';
import { playCall } from '@/bench/frame/sounds';

const SOUNDS: Partial<Record<WarmCall, Parameters<typeof playCall>[0]>> = {
  falls: 'hot',
  pull: 'hot',
  stop: 'forgotten',
  too_late: 'cold',
};
/** What suffers is called again and again until the heat is away. */
const AGAIN_MS = 4000;

/** Sounds each change of the sign, and goes on calling while something is about to suffer. */
export function useWarmCalls({ call, reason }: Pick<WarmOutView, 'call' | 'reason'>) {
  const last = useRef<string | null>(null);
  useEffect(() => {
    const now = `${call} ${reason}`;
    if (last.current !== null && last.current !== now) {
      const isReady = reason === 'hot_enough_out';
      playCall(isReady ? 'hot' : (SOUNDS[call] ?? 'tick'));
    }
    last.current = now;
  }, [call, reason]);
  useEffect(() => {
    if (call !== 'stop') return;
    const timer = setInterval(() => playCall('forgotten'), AGAIN_MS);
    return () => clearInterval(timer);
  }, [call]);
}
