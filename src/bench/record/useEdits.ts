'use client';
import { v7 as uuid } from 'uuid';
import type { Edit } from '@/core/record/edits';
import type { Casting, Seat } from '@/core/record/job';
import type { JobPlan } from '@/core/record/plan';
import { useJobNow } from './JobProvider';
import { outbox } from './outbox';
import { sayProblem, sendJson } from './sendJson';

/**
 * Changes to a job's map, seats and plan: each made from what the one before has left, so that two taps in quick succession both count;
 * kept here until stored, and shown at once. Where somebody else was quicker, the frame says what changed.
 */
export function useEdits() {
  const now = useJobNow();
  const keep = (edit: Edit) =>
    void outbox.keep({ type: 'edit', id: uuid(), jobId: now().id, refused: null, edit });
  return {
    savePlan: (change: (plan: JobPlan) => Partial<JobPlan>) => {
      const { plan } = now();
      keep({ what: 'plan', version: plan.version, plan: { ...plan, ...change(plan) }, castings: [] });
    },
    saveCasting: (castingId: string, change: (casting: Casting) => Partial<Casting>) => {
      const { plan, castings } = now();
      const casting = castings.find((each) => each.id === castingId);
      if (!casting) return;
      const { seats: _seats, ...head } = { ...casting, ...change(casting) };
      keep({ what: 'plan', version: plan.version, plan: null, castings: [head] });
    },
    saveSeat: (seatId: string, change: Partial<Pick<Seat, 'name' | 'xMm' | 'yMm' | 'spec'>>) => {
      const seat = now()
        .castings.flatMap(({ seats }) => seats)
        .find((each) => each.id === seatId);
      if (!seat) return;
      const { version, spec, name, xMm, yMm } = { ...seat, ...change };
      keep({ what: 'seat', seatId, version, change: { spec, name, xMm, yMm } });
    },
    addSeat: (castingId: string, seat: Omit<Seat, 'id' | 'version'>) =>
      keep({ what: 'new_seat', castingId, seat: { ...seat, id: uuid(), version: 1 } }),
    /** @returns what was wrong; null when it stands among the shop's kinds */
    keepAsKind: async (name: string): Promise<string | null> => {
      const sent = await sendJson('/api/v1/kinds', 'POST', { jobId: now().id, name });
      return sent.isOk ? null : sayProblem(sent, 'The server does not answer; it was not kept.');
    },
  };
}
