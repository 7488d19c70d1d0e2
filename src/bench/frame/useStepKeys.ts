'use client';
import { useRouter } from 'next/navigation';
import { useEffect } from 'react';
import type { JobId } from '@/core/record/ids';
import { STEPS } from '@/core/record/vocabulary';
import { STEP_PATHS } from '@/ui/words/steps';

/** Alt and a figure go to that step. */
export function useStepKeys(jobId: JobId) {
  const router = useRouter();
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      // By the key's place on the row, whatever stands on it there; the tenth is 0.
      const digit = /^Digit(\d)$/.exec(event.code)?.[1];
      const target = event.altKey && digit !== undefined ? STEPS[(Number(digit) + 9) % 10] : undefined;
      // The address is asked when the key comes: it is newer than this frame right after a change of seat.
      const [, , , seatHere] = window.location.pathname.split('/');
      if (target && seatHere) {
        event.preventDefault();
        router.push(`/jobs/${jobId}/${seatHere}/${STEP_PATHS[target]}`);
      }
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [router, jobId]);
}
