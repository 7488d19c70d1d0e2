import { useEffect, useRef } from 'react';
import { playCall } from '@/bench/frame/sounds';

type Sound = Parameters<typeof playCall>[0];

/** Sounds each change of a sign and of its reason: as the reason says, else as the sign does, else a tick. */
export function useSignCalls<C extends string, R extends string>(
  { call, reason }: { call: C; reason: R },
  { signs, reasons }: { signs: Partial<Record<C, Sound>>; reasons: Partial<Record<R, Sound>> },
) {
  const last = useRef<string | null>(null);
  useEffect(() => {
    const now = `${call} ${reason}`;
    if (last.current !== null && last.current !== now) playCall(reasons[reason] ?? signs[call] ?? 'tick');
    last.current = now;
  }, [call, reason, signs, reasons]);
}
