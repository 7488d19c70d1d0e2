'use client';
import { useEffect, useState } from 'react';
import type { AskableJob } from '@/core/ask/answer';
import { loadJson } from '@/bench/record/door';

/** A pause in typing: then it is asked for. */
const PAUSE_MS = 150;

type Found = { typed: string; jobs: readonly AskableJob[] };

/**
 * The jobs that what was typed may mean and that are not on the bench: put away, or handed over. `isAsking` while the server has not
 * answered to these words; away, it has none.
 */
export function useAskable(typed: string): { found: readonly AskableJob[]; isAsking: boolean } {
  const [found, setFound] = useState<Found>({ typed: '', jobs: [] });
  const wanted = typed.trim();
  const isWorthAsking = wanted.length >= 2;
  useEffect(() => {
    if (!isWorthAsking) return;
    let isOver = false;
    const timer = setTimeout(() => {
      void loadJson<{ jobs: AskableJob[] }>(`/api/v1/ask/jobs?q=${encodeURIComponent(wanted)}`).then(
        (answer) => {
          if (!isOver) setFound({ typed: wanted, jobs: answer?.jobs ?? [] });
        },
      );
    }, PAUSE_MS);
    return () => {
      isOver = true;
      clearTimeout(timer);
    };
  }, [wanted, isWorthAsking]);
  const isHere = found.typed === wanted;
  return { found: isHere ? found.jobs : [], isAsking: isWorthAsking && !isHere };
}
