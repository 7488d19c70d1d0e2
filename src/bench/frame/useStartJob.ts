'use client';
import type { JobId } from '@/core/record/ids';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import type { WalkStyle } from '@/core/record/vocabulary';
import { asJson, ask } from '@/bench/record/door';
import { jobPath } from './places';

/** Starts a job, from wherever one can be started, and goes to its next move. */
export function useStartJob(walk: WalkStyle) {
  const router = useRouter();
  const [problem, setProblem] = useState<string | null>(null);
  const [isSending, setSending] = useState(false);
  const start = async (body: unknown) => {
    setSending(true);
    const { answer } = await ask<{ id: JobId }>('/api/v1/jobs', asJson('POST', body));
    setSending(false);
    if (answer?.id) router.push(jobPath(answer.id, walk));
    else setProblem(answer?.error?.message ?? 'The server does not answer. Try again when it is back.');
  };
  return { start, isSending, problem, clearProblem: () => setProblem(null) };
}
