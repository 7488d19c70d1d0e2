import type { AnySeatId, EntryId } from '@/core/record/ids';
import type { EventBody, EventKind, JobEvent } from '@/core/record/entries';
import type { Casting } from '@/core/record/job';
import { reduce, together, type Facts } from './area';
import {
  dropReducers,
  freshDrop,
  freshHeat,
  heatReducers,
  type CastingHeatState,
  type DropState,
} from './heat';
import { closingReducers, freshClosing, type ClosingState } from './closing';
import { freshHandOver, handOverReducers, type HandOverState } from './handOver';
import { freshLook, lookReducers, type LookState } from './look';
import {
  compareReducers,
  freshCompare,
  freshParts,
  partReducers,
  type CompareState,
  type PartsState,
} from './parts';
import { floatReducers, freshFloats, type FloatsState } from './floats';
import type { ProbeReadings, SeatReadings } from './readings';
import { freshSeal, sealReducers, type SealState } from './seal';
import { freshShaft, shaftReducers, type ShaftState } from './shaft';
import { freshSquare, squareReducers, type SquareState } from './square';
import { freshStacks, stackReducers, type StacksState } from './stacks';
import {
  accessReducers,
  freshAccess,
  freshStrip,
  stripReducers,
  type AccessState,
  type StripState,
} from './strip';
import { freshWalk, walkReducers, type WalkState } from './walk';
import { freshWayIn, wayInReducers, type WayInState } from './wayIn';

/** Of what shape a kept state is: one of another shape is made anew from the record. */
export const STATE_SHAPE = 15;

/** What has been done on a job beyond its seats. */
export type Work = WalkState &
  LookState &
  AccessState &
  StacksState &
  PartsState &
  FloatsState &
  ClosingState &
  HandOverState;
/** What has been done to one seat beyond its readings. */
export type SeatHistory = StripState &
  CompareState &
  WayInState &
  DropState &
  SquareState &
  SealState &
  ShaftState;

export type SeatState = { history: SeatHistory; slots: SeatReadings };
export type CastingState = CastingHeatState & { probe: ProbeReadings };

/** What corrects a reading: struck out, or moved to another slot. */
export type Correction = { isStruck: boolean; slot: string | null };

/** A job as its entries have made it: plain data, advanced by one entry at a time. */
export type JobState = {
  shape: number;
  work: Work;
  /** Readings that are of no seat and no casting: of the job's floats. */
  slots: SeatReadings;
  seats: Record<string, SeatState>;
  castings: Record<string, CastingState>;
  /** When the last event happened: an earlier one that comes later finds its place only in a new making. */
  lastEventMs: number;
  /** Corrections that came before what they correct, by its id. */
  ahead: { events: EntryId[]; readings: Record<string, Correction> };
};

const FRESH_HISTORY: SeatHistory = {
  ...freshStrip,
  ...freshCompare,
  ...freshWayIn,
  ...freshDrop,
  ...freshSquare,
  ...freshSeal,
  ...freshShaft,
};
export const FRESH_SEAT: SeatState = { history: FRESH_HISTORY, slots: {} };
export const FRESH_CASTING: CastingState = { ...freshHeat, probe: { kept: [], older: 0 } };

export const freshState = (ahead: JobState['ahead'] = { events: [], readings: {} }): JobState => ({
  shape: STATE_SHAPE,
  work: {
    ...freshWalk,
    ...freshLook,
    ...freshAccess,
    ...freshStacks,
    ...freshParts,
    ...freshFloats,
    ...freshClosing,
    ...freshHandOver,
  },
  slots: {},
  seats: {},
  castings: {},
  lastEventMs: 0,
  ahead,
});

const WORK = together<Work>(
  walkReducers,
  lookReducers,
  accessReducers,
  stackReducers,
  partReducers,
  floatReducers,
  closingReducers,
  handOverReducers,
);
// Another way is another try: it concerns the plan and the drop alike.
const SEAT = together<SeatHistory>(
  stripReducers,
  compareReducers,
  wayInReducers,
  dropReducers,
  squareReducers,
  sealReducers,
  shaftReducers,
);

function withSeatEvent(
  state: JobState,
  seatId: AnySeatId,
  kind: EventKind,
  body: EventBody<EventKind>,
  facts: Facts,
): JobState {
  const seat = state.seats[seatId] ?? FRESH_SEAT;
  const history = reduce(SEAT, seat.history, kind, body, facts);
  return history === seat.history
    ? state
    : { ...state, seats: { ...state.seats, [seatId]: { ...seat, history } } };
}

/** The state after one event that counts, in its turn. What concerns neither job, seat nor casting changes nothing. */
export function applyEvent(state: JobState, castings: readonly Casting[], event: JobEvent): JobState {
  const { kind, body, at, ...facts } = event;
  const known: Facts = { ...facts, atMs: Date.parse(at) };
  const work = reduce(WORK, state.work, kind, body, known);
  let next: JobState = { ...state, work, lastEventMs: Math.max(state.lastEventMs, known.atMs) };
  if (event.castingId !== null) {
    const casting = state.castings[event.castingId] ?? FRESH_CASTING;
    const heat = reduce<CastingHeatState>(heatReducers, casting, kind, body, known);
    if (heat !== casting)
      next = { ...next, castings: { ...next.castings, [event.castingId]: { ...casting, ...heat } } };
    if (kind === 'casting_into_heat')
      for (const { id } of castings.find(({ id }) => id === event.castingId)?.seats ?? [])
        if (next.seats[id]) next = withSeatEvent(next, id, kind, body, known);
  }
  // What was said of it before counts no more; the entries keep it.
  if (kind === 'seat_opened_again' && event.seatId !== null)
    return { ...next, seats: { ...next.seats, [event.seatId]: FRESH_SEAT } };
  // A heat belongs to its casting, whichever seat it was begun at.
  return event.seatId === null || kind === 'casting_into_heat'
    ? next
    : withSeatEvent(next, event.seatId, kind, body, known);
}
