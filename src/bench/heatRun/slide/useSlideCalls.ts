import { useEffect, useRef } from 'react';
import type { ShaftCall, ShaftRunView } from '@/core/job/shaftRun';
import { playCall } from '@/bench/frame/sounds';

const SOUNDS: Partial<Record<ShaftCall, Parameters<typeof playCall>[0]>> = {
  go: 'hot',
  stop: 'forgotten',
  too_late: 'forgotten',
  grabbed: 'forgotten',
};

/** Sounds each change of the sign, and that it is hot enough. */
export function useSlideCalls({ call, reason }: Pick<ShaftRunView, 'call' | 'reason'>) {
  const last = useRef<string | null>(null);
  useEffect(() => {
    const now = `${call} ${reason}`;
    if (last.current !== null && last.current !== now)
      playCall(reason === 'hot_enough' ? 'hot' : (SOUNDS[call] ?? 'tick'));
    last.current = now;
  }, [call, reason]);
}
