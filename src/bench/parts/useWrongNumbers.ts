'use client';
import { useEffect, useMemo, useState } from 'react';
import { wrongNumbers } from '@/core/parts/orders';
import { useJob } from '@/bench/record/JobProvider';

/** Numbers that came wrong on any job of the shop, with what this screen has noted just now. */
export function useWrongNumbers(): ReadonlySet<string> {
  const { job } = useJob();
  const [elsewhere, setElsewhere] = useState<readonly string[]>([]);
  useEffect(() => {
    void fetch('/api/v1/orders')
      .then(async (response) => {
        if (response.ok) setElsewhere(((await response.json()) as { wrongNumbers: string[] }).wrongNumbers);
      })
      .catch(() => undefined);
  }, []);
  return useMemo(
    () => new Set([...elsewhere, ...wrongNumbers(Object.values(job.work.orders).flat())]),
    [elsewhere, job.work.orders],
  );
}
