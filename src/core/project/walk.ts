import type { AnySeatId, EntryId } from '@/core/record/ids';
import type { EventBody } from '@/core/record/entries';
import type { Step } from '@/core/record/vocabulary';
import { including, type Reducers } from './area';

/** The job on its way. Times in ms since the epoch. */
export type WalkState = {
  skipped: Partial<Record<Step, { reason: EventBody<'step_skipped'>['reason']; eventId: EntryId }>>;
  waiting: (EventBody<'waiting_noted'> & { sinceMs: number; eventId: EntryId }) | null;
  putAway: { eventId: EntryId } | null;
  removedSeats: AnySeatId[];
  /** Pieces of work that are done, by their key in the plan. */
  tasks: Record<string, { choice: string | null; atMs: number }>;
  ticked: Record<string, string[]>;
  /** The seat that is finished before the others. */
  firstSeat: AnySeatId | null;
  /** The newest note on each thing. */
  notes: Record<string, string>;
  fasteners: Record<string, EventBody<'fastener_noted'>['state']>;
};

export const freshWalk: WalkState = {
  skipped: {},
  waiting: null,
  putAway: null,
  removedSeats: [],
  tasks: {},
  ticked: {},
  firstSeat: null,
  notes: {},
  fasteners: {},
};

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
  task_done: ({ tasks }, { key, choice = null }, { atMs }) => ({
    tasks: { ...tasks, [key]: { choice, atMs } },
  }),
  task_ticked: ({ ticked }, { key, item }) => ({
    ticked: { ...ticked, [key]: including(ticked[key] ?? [], item) },
  }),
  seat_first: ({ firstSeat }, { isOn }, { seatId }) => ({
    firstSeat: isOn ? seatId : firstSeat === seatId ? null : firstSeat,
  }),
  note_written: ({ notes }, { about, text }, { seatId }) => ({
    notes: { ...notes, [seatId ? `${seatId}.${about}` : about]: text },
  }),
  fastener_noted: ({ fasteners }, { key, state }) => ({ fasteners: { ...fasteners, [key]: state } }),
};
