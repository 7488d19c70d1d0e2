'use client';
import { useEffect, useMemo, useState } from 'react';
import { wrongNumbers } from '@/core/parts/orders';
import { useJob } from '@/bench/record/JobProvider';
import { loadJson } from '@/bench/record/door';

/** Numbers that came wrong on any job of the shop, with what this screen has noted just now. */
export function useWrongNumbers(): ReadonlySet<string> {
  const { job } = useJob();
  const [elsewhere, setElsewhere] = useState<readonly string[]>([]);
  useEffect(() => {
    void loadJson<{ wrongNumbers: string[] }>('/api/v1/orders').then((answer) => {
      if (answer) setElsewhere(answer.wrongNumbers);
    });
  }, []);
  return useMemo(
    () => new Set([...elsewhere, ...wrongNumbers(Object.values(job.work.orders).flat())]),
    [elsewhere, job.work.orders],
  );
}
