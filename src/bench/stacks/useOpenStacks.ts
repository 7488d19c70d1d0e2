'use client';
import { useEffect, useState } from 'react';
import { liveStream } from '@/bench/record/liveStream';
import type { Stack } from '@/core/stack/pieces';

/**
 * The stacks of all other jobs on the bench; asked again when something is entered in one of them. This job’s own are on this screen
 * already.
 */
export function useOpenStacks(jobId: string): readonly Stack[] {
  const [stacks, setStacks] = useState<readonly Stack[]>([]);
  useEffect(() => {
    let isWanted = true;
    const load = async () => {
      const response = await fetch('/api/v1/stacks').catch(() => null);
      const answer = response?.ok ? ((await response.json()) as { stacks: Stack[] }) : null;
      if (answer && isWanted) setStacks(answer.stacks.filter((stack) => stack.jobId !== jobId));
    };
    const stop = liveStream.onChange(0, (change) => {
      if (change.what === 'anything' || change.jobId !== jobId) void load();
    });
    return () => {
      isWanted = false;
      stop();
    };
  }, [jobId]);
  return stacks;
}
