import type { Entries, JobEvent, Reading } from '@/core/record/entries';
import type { Casting } from '@/core/record/job';
import { familyOf, readSlot } from '@/core/record/slots';
import {
  applyEvent,
  FRESH_CASTING,
  FRESH_SEAT,
  freshState,
  type Correction,
  type JobState,
} from './jobState';
import { correctionsIn, eventsInOrder } from './ledger';
import { addProbe, addReading, addStruck, findKept, takeAway, type SeatReadings } from './readings';

/** One entry of a job's record. */
export type Entry = { type: 'reading'; entry: Reading } | { type: 'event'; entry: JobEvent };

export const asList = ({ readings, events }: Entries): Entry[] => [
  ...readings.map((entry) => ({ type: 'reading' as const, entry })),
  ...events.map((entry) => ({ type: 'event' as const, entry })),
];

type Castings = readonly Casting[];

/** Puts a reading where it belongs now: its own slot, or the one that it was moved to. */
function placeReading(state: JobState, reading: Reading, correction: Correction | undefined): JobState {
  const placed = { ...reading, slot: correction?.slot ?? reading.slot };
  if (familyOf(readSlot(placed.slot)).owner === 'casting') {
    if (placed.castingId === null || correction?.isStruck) return state;
    const casting = state.castings[placed.castingId] ?? FRESH_CASTING;
    const probe = addProbe(casting.probe, placed);
    return { ...state, castings: { ...state.castings, [placed.castingId]: { ...casting, probe } } };
  }
  if (familyOf(readSlot(placed.slot)).owner === 'float')
    return {
      ...state,
      slots: correction?.isStruck ? addStruck(state.slots, placed.slot) : addReading(state.slots, placed),
    };
  if (placed.seatId === null) return state;
  const seat = state.seats[placed.seatId] ?? FRESH_SEAT;
  const slots = correction?.isStruck ? addStruck(seat.slots, placed.slot) : addReading(seat.slots, placed);
  return { ...state, seats: { ...state.seats, [placed.seatId]: { ...seat, slots } } };
}

/** Strikes or moves a reading that is at hand; null where it is not, or where one behind it would come forward. */
function correct(state: JobState, event: JobEvent): JobState | null {
  if (event.kind !== 'reading_struck' && event.kind !== 'reading_moved') return state;
  const { readingId } = event.body;
  const corrected = (slots: SeatReadings): SeatReadings | null | undefined => {
    const reading = findKept(slots, readingId);
    if (!reading) return undefined;
    const left = takeAway(slots, reading);
    return (
      left &&
      (event.kind === 'reading_struck'
        ? addStruck(left, reading.slot)
        : addReading(left, { ...reading, slot: event.body.slot }))
    );
  };
  const ofFloats = corrected(state.slots);
  if (ofFloats !== undefined) return ofFloats && { ...state, slots: ofFloats };
  for (const [seatId, seat] of Object.entries(state.seats)) {
    const slots = corrected(seat.slots);
    if (slots !== undefined)
      return slots && { ...state, seats: { ...state.seats, [seatId]: { ...seat, slots } } };
  }
  return null;
}

/**
 * A job's state after one more entry.
 * @returns null where the entry bears on what came before (undo, a new time, an event that happened before the last one, a strike of
 * what is no longer at hand): then the state is made anew from the whole record
 */
export function advance(state: JobState, castings: Castings, { type, entry }: Entry): JobState | null {
  if (type === 'reading') {
    const { [entry.id]: correction, ...readings } = state.ahead.readings;
    return placeReading(
      correction ? { ...state, ahead: { ...state.ahead, readings } } : state,
      entry,
      correction,
    );
  }
  if (entry.kind === 'event_withdrawn' || entry.kind === 'event_retimed') return null;
  if (Date.parse(entry.at) < state.lastEventMs || state.ahead.events.includes(entry.id)) return null;
  const corrected = correct(state, entry);
  return corrected && applyEvent(corrected, castings, entry);
}

/** Corrections whose readings or events are not here (yet). */
function findAhead(
  { readings, events }: Entries,
  { struck, movedTo }: ReturnType<typeof correctionsIn>,
): JobState['ahead'] {
  const readingIds = new Set(readings.map(({ id }) => id));
  const eventIds = new Set(events.map(({ id }) => id));
  const ids = [...new Set([...struck, ...movedTo.keys()])].filter((id) => !readingIds.has(id));
  return {
    readings: Object.fromEntries(
      ids.map((id) => [id, { isStruck: struck.has(id), slot: movedTo.get(id) ?? null }]),
    ),
    events: [
      ...new Set(
        events.flatMap((event) =>
          (event.kind === 'event_withdrawn' || event.kind === 'event_retimed') &&
          !eventIds.has(event.body.eventId)
            ? [event.body.eventId]
            : [],
        ),
      ),
    ],
  };
}

/** A job's state made anew from its whole record, in the order in which the entries came. */
export function rebuild(castings: Castings, entries: Entries): JobState {
  const counting = eventsInOrder(entries.events);
  const corrections = correctionsIn(counting);
  const { struck, movedTo } = corrections;
  let state = freshState(findAhead(entries, corrections));
  for (const reading of entries.readings)
    state = placeReading(state, reading, {
      isStruck: struck.has(reading.id),
      slot: movedTo.get(reading.id) ?? null,
    });
  for (const event of counting) state = applyEvent(state, castings, event);
  return state;
}

/** All the entries of a batch, one after another; null as `advance` says. */
export const advanceAll = (state: JobState, castings: Castings, entries: readonly Entry[]): JobState | null =>
  entries.reduce<JobState | null>((now, entry) => now && advance(now, castings, entry), state);
