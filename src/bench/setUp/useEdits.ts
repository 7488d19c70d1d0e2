'use client';
import { useState } from 'react';
import { v7 as uuid } from 'uuid';
import type { Casting, Seat } from '@/core/record/job';
import type { JobPlan } from '@/core/record/plan';
import { useJob } from '@/bench/record/JobProvider';
import { sayProblem, sendJson } from '@/bench/record/sendJson';

/** Changes to a job's map, seats and plan: sent at once, refused with a word when somebody else was quicker. */
export function useEdits() {
  const { record, replaceSeat, reload } = useJob();
  const [problem, setProblem] = useState<string | null>(null);
  const send = async (path: string, method: 'POST' | 'PUT' | 'PATCH', body: unknown): Promise<boolean> => {
    const sent = await sendJson<{ seat: Seat }>(path, method, body);
    setProblem(sent.isOk ? null : sayProblem(sent, 'The server does not answer; nothing was changed.'));
    if (sent.answer?.seat && method === 'PATCH') replaceSeat(sent.answer.seat);
    else await reload();
    return sent.isOk;
  };
  return {
    problem,
    savePlan: (change: Partial<JobPlan>) => send(`/api/v1/jobs/${record.id}/plan`, 'PUT', { version: record.plan.version, plan: { ...record.plan, ...change } }),
    saveCasting: ({ id, name, material, massKg, areaM2, map }: Casting) => send(`/api/v1/jobs/${record.id}/plan`, 'PUT', { version: record.plan.version, castings: [{ id, name, material, massKg, areaM2, map }] }),
    saveSeat: ({ id, version, spec, name, xMm, yMm }: Seat) => send(`/api/v1/seats/${id}`, 'PATCH', { version, spec, name, xMm, yMm }),
    addSeat: (castingId: string, seat: Omit<Seat, 'id' | 'version'>) => send(`/api/v1/castings/${castingId}/seats`, 'POST', { ...seat, id: uuid(), version: 1 }),
    keepAsKind: (name: string) => send('/api/v1/kinds', 'POST', { jobId: record.id, name }),
  };
}
