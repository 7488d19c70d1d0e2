'use client';
import type { JobId } from '@/core/record/ids';
import { useEffect, useState } from 'react';
import { liveStream } from '@/bench/record/liveStream';
import { loadJson } from '@/bench/record/door';
import { bearsOn } from '@/bench/record/useRefreshOnChange';
import type { Stack } from '@/core/stack/pieces';

const OF_STACKS = ['stack_piece_noted', 'stack_piece_put_back', 'job_put_away'] as const;

/**
 * The stacks of all other jobs on the bench; asked again when something is entered in one of them. This job’s own are on this screen
 * already.
 */
export function useOpenStacks(jobId: JobId): readonly Stack[] {
  const [stacks, setStacks] = useState<readonly Stack[]>([]);
  useEffect(() => {
    let isWanted = true;
    const load = async () => {
      const answer = await loadJson<{ stacks: Stack[] }>('/api/v1/stacks');
      if (answer && isWanted) setStacks(answer.stacks.filter((stack) => stack.jobId !== jobId));
    };
    const stop = liveStream.onChange(0, (change) => {
      const isElsewhere = !('jobId' in change) || change.jobId !== jobId;
      if (isElsewhere && bearsOn(change, OF_STACKS)) void load();
    });
    return () => {
      isWanted = false;
      stop();
    };
  }, [jobId]);
  return stacks;
}
