import { useEffect } from 'react';
import type { WarmOutView } from '@/core/job/warmOutView';
import { playCall } from '@/bench/frame/sounds';
import { useSignCalls } from '../useSignCalls';

const SOUNDS = {
  signs: { falls: 'hot', pull: 'hot', stop: 'forgotten', too_late: 'cold' },
  reasons: { hot_enough_out: 'hot' },
} as const;
/** What suffers is called again and again until the heat is away. */
const AGAIN_MS = 4000;

/** Sounds each change of the sign, and goes on calling while something is about to suffer. */
export function useWarmCalls({ call, reason }: Pick<WarmOutView, 'call' | 'reason'>) {
  useSignCalls({ call, reason }, SOUNDS);
  useEffect(() => {
    if (call !== 'stop') return;
    const timer = setInterval(() => playCall('forgotten'), AGAIN_MS);
    return () => clearInterval(timer);
  }, [call]);
}
