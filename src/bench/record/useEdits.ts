'use client';
import { newId } from '@/bench/record/newId';
import type { CastingId, SeatId } from '@/core/record/ids';
import type { Edit } from '@/core/record/edits';
import type { Casting, Seat } from '@/core/record/job';
import type { JobPlan } from '@/core/record/plan';
import { useJob, useJobNow } from './JobProvider';
import { liveStream } from './liveStream';
import type { KeptEdit } from './kept';
import { outbox } from './outbox';
import type { Refusal } from './senders';
import { sayIssue } from '@/ui/words/issues';
import { asJson, ask, isTaken } from './door';

type SeatChange = Partial<Pick<Seat, 'name' | 'xMm' | 'yMm' | 'spec'>>;

/**
 * Changes to a job's map, seats and plan: each made from what the one before has left, so that two taps in quick succession both count;
 * kept here until stored, and shown at once. Where somebody else was quicker, the frame says what changed.
 */
export function useEdits() {
  const now = useJobNow();
  const { noteChange } = useJob();
  const asKept = (edit: Edit): KeptEdit => ({
    type: 'edit',
    id: newId(),
    jobId: now().id,
    refused: null,
    edit,
  });
  const keep = (edit: Edit) => void outbox.keep(asKept(edit));
  const changeOfSeat = (seatId: SeatId, change: SeatChange): Extract<Edit, { what: 'seat' }> | null => {
    const seat = now()
      .castings.flatMap(({ seats }) => seats)
      .find((each) => each.id === seatId);
    if (!seat) return null;
    const { version, spec, name, xMm, yMm } = { ...seat, ...change };
    return { what: 'seat', seatId, version, change: { spec, name, xMm, yMm } };
  };
  const saveSeat = (seatId: SeatId, change: SeatChange) => {
    const edit = changeOfSeat(seatId, change);
    if (edit) keep(edit);
  };
  /** Says what was changed, with the way back to what the seat was. */
  const noteSeatChange = (seatId: SeatId, before: SeatChange, words: string) =>
    noteChange({ words, atMs: liveStream.now(), undo: () => saveSeat(seatId, before) });
  return {
    savePlan: (change: (plan: JobPlan) => Partial<JobPlan>) => {
      const { plan } = now();
      keep({ what: 'plan', version: plan.version, plan: { ...plan, ...change(plan) }, castings: [] });
    },
    /** What the machine is called, on the bench and on every sheet. */
    rename: (machine: string) =>
      keep({ what: 'plan', version: now().plan.version, plan: null, castings: [], machine }),
    saveCasting: (castingId: CastingId, change: (casting: Casting) => Partial<Casting>) => {
      const { plan, castings } = now();
      const casting = castings.find((each) => each.id === castingId);
      if (!casting) return;
      const { seats: _seats, ...head } = { ...casting, ...change(casting) };
      keep({ what: 'plan', version: plan.version, plan: null, castings: [head] });
    },
    saveSeat,
    noteSeatChange,
    /** The same for a form that was opened at `version` of the seat, and that waits to see whether it is taken. */
    saveSeatAndHear: async (seatId: SeatId, change: SeatChange, version: number) => {
      const edit = changeOfSeat(seatId, change);
      if (edit) return outbox.keepAndHear(asKept({ ...edit, version }));
      const gone: Refusal = { id: '', issues: [{ code: 'points_nowhere', field: 'seatId' }] };
      return { is: 'refused' as const, id: '', refusal: gone };
    },
    addSeat: (castingId: CastingId, seat: Omit<Seat, 'id' | 'version'>) =>
      keep({ what: 'new_seat', castingId, seat: { ...seat, id: newId(), version: 1 } }),
    /** @returns what was wrong; null when it stands among the shop's kinds */
    keepAsKind: async (name: string): Promise<string | null> => {
      const { status, answer } = await ask('/api/v1/kinds', asJson('POST', { jobId: now().id, name }));
      if (isTaken(status)) return null;
      const [issue] = answer?.error?.issues ?? [];
      return issue
        ? sayIssue(issue)
        : (answer?.error?.message ?? 'The server does not answer; it was not kept.');
    },
  };
}
