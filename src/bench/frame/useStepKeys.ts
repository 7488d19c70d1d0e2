'use client';
import { useRouter } from 'next/navigation';
import { useEffect } from 'react';
import type { JobId } from '@/core/record/ids';
import { STEPS } from '@/core/record/vocabulary';
import { STEP_PATHS } from '@/ui/words/steps';

/** Of the row of figures, in its order: one step each. */
const KEYS = [...'1234567890'].map((digit) => `Digit${digit}`).concat('Minus', 'Equal');

/** Alt and a key of the row of figures go to that step. */
export function useStepKeys(jobId: JobId) {
  const router = useRouter();
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      // By the key's place on the row, whatever stands on it there.
      const target = event.altKey ? STEPS[KEYS.indexOf(event.code)] : undefined;
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
