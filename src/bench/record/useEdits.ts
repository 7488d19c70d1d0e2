'use client';
import { useLayoutEffect, useRef, useState } from 'react';
import { v7 as uuid } from 'uuid';
import type { ProjectedJob } from '@/core/project/project';
import type { Casting, Seat } from '@/core/record/job';
import type { JobPlan } from '@/core/record/plan';
import { EditQueue } from './editQueue';
import { useJob } from './JobProvider';
import { sayProblem, sendJson } from './sendJson';

type Request = { path: string; method: 'POST' | 'PUT' | 'PATCH'; body: unknown };

/**
 * Changes to a job's map, seats and plan: sent one after another, each made from what the one before has left, so that two taps in
 * quick succession both count; refused with a word when somebody else was quicker.
 */
export function useEdits() {
  const { record, reload } = useJob();
  const [problem, setProblem] = useState<string | null>(null);
  const latest = useRef(record);
  const edits = useRef(new EditQueue());
  useLayoutEffect(() => {
    latest.current = record;
  }, [record]);

  const send = async (make: (now: ProjectedJob) => Request | null): Promise<boolean> => {
    const request = make(latest.current);
    if (!request) return false;
    const sent = await sendJson(request.path, request.method, request.body);
    setProblem(sent.isOk ? null : sayProblem(sent, 'The server does not answer; nothing was changed.'));
    latest.current = (await reload()) ?? latest.current;
    return sent.isOk;
  };
  const queue = (make: (now: ProjectedJob) => Request | null): Promise<boolean> =>
    edits.current.add(() => send(make));
  const plan = (now: ProjectedJob, changed: object): Request => ({
    path: `/api/v1/jobs/${now.id}/plan`,
    method: 'PUT',
    body: { version: now.plan.version, ...changed },
  });
  return {
    problem,
    savePlan: (change: (now: JobPlan) => Partial<JobPlan>) =>
      queue((now) => plan(now, { plan: { ...now.plan, ...change(now.plan) } })),
    saveCasting: (castingId: string, change: (now: Casting) => Partial<Casting>) =>
      queue((now) => {
        const casting = now.castings.find((each) => each.id === castingId);
        if (!casting) return null;
        const { id, name, material, massKg, areaM2, map } = { ...casting, ...change(casting) };
        return plan(now, { castings: [{ id, name, material, massKg, areaM2, map }] });
      }),
    saveSeat: (seatId: string, change: Partial<Pick<Seat, 'name' | 'xMm' | 'yMm'>>) =>
      queue((now) => {
        const seat = now.castings.flatMap(({ seats }) => seats).find((each) => each.id === seatId);
        if (!seat) return null;
        const { version, spec, name, xMm, yMm } = { ...seat, ...change };
        return { path: `/api/v1/seats/${seatId}`, method: 'PATCH', body: { version, spec, name, xMm, yMm } };
      }),
    addSeat: (castingId: string, seat: Omit<Seat, 'id' | 'version'>) =>
      queue(() => ({
        path: `/api/v1/castings/${castingId}/seats`,
        method: 'POST',
        body: { ...seat, id: uuid(), version: 1 },
      })),
    keepAsKind: (name: string) =>
      queue((now) => ({ path: '/api/v1/kinds', method: 'POST', body: { jobId: now.id, name } })),
  };
}
