'use client';
import { useEffect, useState } from 'react';
import type { BenchJob } from '@/core/board/benchLine';
import { liveStream } from '@/bench/record/liveStream';
import { loadJson } from '@/bench/record/door';

/** `unreadable`: jobs whose record can't be read, named, so that nobody thinks them gone. */
export type Bench = {
  jobs: readonly BenchJob[];
  unreadable: readonly { id: string; number: number; machine: string }[];
};

const inTheirOrder = (jobs: readonly BenchJob[]) => [...jobs].sort((a, b) => a.number - b.number);

/** The bench as the page was drawn at `nowMs`, then as the live line tells of it: a job that did not change keeps its object. */
export function useBench(initial: Bench, nowMs: number): Bench {
  const [bench, setBench] = useState(initial);
  const [drawn, setDrawn] = useState({ initial, nowMs });
  if (drawn.initial !== initial) {
    // The page was drawn anew (the demo was put away, a job was taken in): it is newer than what the line told.
    setDrawn({ initial, nowMs });
    setBench(initial);
  }
  const drawnMs = drawn.nowMs;
  useEffect(() => {
    const stopNews = liveStream.on('bench', ({ jobs, gone }) => {
      const changed = new Set([...gone, ...jobs.map(({ jobId }) => jobId)]);
      setBench((before) => ({
        ...before,
        jobs: inTheirOrder([...before.jobs.filter(({ jobId }) => !changed.has(jobId)), ...jobs]),
      }));
    });
    const stop = liveStream.onChange(drawnMs, async ({ what }) => {
      const fresh = what === 'anything' ? await loadJson<Bench>('/api/v1/bench') : null;
      if (fresh) setBench(fresh);
    });
    return () => {
      stopNews();
      stop();
    };
  }, [drawnMs]);
  return bench;
}
