import type { EntryId, SeatId } from '@/core/record/ids';
import type { EventBody } from '@/core/record/entries';
import type { Step } from '@/core/record/vocabulary';
import { including, type Reducers } from './area';

/** The job on its way. Times in ms since the epoch. */
export type WalkState = {
  skipped: Partial<Record<Step, { reason: EventBody<'step_skipped'>['reason']; eventId: EntryId }>>;
  waiting: (EventBody<'waiting_noted'> & { sinceMs: number; eventId: EntryId }) | null;
  putAway: { eventId: EntryId } | null;
  removedSeats: SeatId[];
};

export const freshWalk: WalkState = { skipped: {}, waiting: null, putAway: null, removedSeats: [] };

export const walkReducers: Reducers<WalkState> = {
  step_skipped: ({ skipped }, { step, reason }, { id }) => ({
    skipped: { ...skipped, [step]: { reason, eventId: id } },
  }),
  waiting_noted: (_state, body, { id, atMs }) => ({ waiting: { ...body, sinceMs: atMs, eventId: id } }),
  waiting_over: () => ({ waiting: null }),
  job_put_away: (_state, _body, { id }) => ({ putAway: { eventId: id } }),
  seat_removed: ({ removedSeats }, _body, { seatId }) => ({
    removedSeats: seatId ? including(removedSeats, seatId) : removedSeats,
  }),
};
