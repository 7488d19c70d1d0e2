import type { CastingId, SeatId, EntryId } from '@/core/record/ids';
import type { Entries, EventKind, JobEvent } from '@/core/record/entries';
import { readSlot } from '@/core/record/slots';
import type { CurrentReading } from './readings';

/** The whole record in order: for the sheet, for files, and for making a state anew. */

const byTime =
  <T>(time: (entry: T) => string) =>
  (a: T, b: T) =>
    Date.parse(time(a)) - Date.parse(time(b));

export type TimedEvent = JobEvent & { isWithdrawn: boolean };

/** Events whose moment the clocks of a heat count from: each can be put to the time at which it really was. */
export const CLOCKED: readonly EventKind[] = [
  'part_into_freezer',
  'casting_into_heat',
  'casting_out',
  'let_go',
  'home',
  'stuck',
  'race_into_heat',
  'race_out_of_heat',
  'shaft_into_freezer',
  'race_grabbed',
  'onto_shaft',
  'off_shaft',
];

/**
 * All events in the order in which they happened, with retimings applied and withdrawals marked; both are events themselves and stay on
 * record. Of the same moment, the one that came first is first.
 */
export function timedEvents(events: readonly JobEvent[]): TimedEvent[] {
  const newTime = new Map<string, string>();
  const withdrawn = new Set(
    events.flatMap((event) => (event.kind === 'event_withdrawn' ? [event.body.eventId] : [])),
  );
  for (const event of [...events].sort(byTime((e) => e.at)))
    if (event.kind === 'event_retimed' && !withdrawn.has(event.id))
      newTime.set(event.body.eventId, event.body.at);
  return events
    .map((event) => ({
      ...event,
      at: newTime.get(event.id) ?? event.at,
      isWithdrawn: withdrawn.has(event.id),
    }))
    .sort(byTime((e) => e.at));
}

/** The events that count, in order. */
export const eventsInOrder = (events: readonly JobEvent[]): TimedEvent[] =>
  timedEvents(events).filter(({ isWithdrawn }) => !isWithdrawn);

/** What was said of readings after they were taken, by their ids. */
export function correctionsIn(events: readonly TimedEvent[]) {
  const struck = new Set<EntryId>();
  const movedTo = new Map<EntryId, string>();
  for (const event of events) {
    if (event.kind === 'reading_struck') struck.add(event.body.readingId);
    if (event.kind === 'reading_moved') movedTo.set(event.body.readingId, event.body.slot);
  }
  return { struck, movedTo };
}

/**
 * All readings of a seat (or of a casting, for its temperature), oldest first, each with its status.
 * The newest unstruck reading of a slot counts. Moves and strikes are events; readings themselves never change.
 */
export function currentReadings(
  entries: Entries,
  owner: { seatId: SeatId } | { castingId: CastingId },
): CurrentReading[] {
  const { struck, movedTo } = correctionsIn(eventsInOrder(entries.events));
  const placed = entries.readings
    .filter((reading) =>
      'seatId' in owner
        ? reading.seatId === owner.seatId
        : reading.castingId === owner.castingId && reading.seatId === null,
    )
    .sort(byTime((r) => r.takenAt))
    .map((reading): CurrentReading => {
      const slot = movedTo.get(reading.id) ?? reading.slot;
      return {
        ...reading,
        slot,
        place: readSlot(slot),
        status: struck.has(reading.id) ? 'struck' : 'counts',
      };
    });
  const newest = new Map<string, string>();
  for (const reading of placed) if (reading.status === 'counts') newest.set(reading.slot, reading.id);
  return placed.map((reading) =>
    reading.status === 'counts' && newest.get(reading.slot) !== reading.id
      ? { ...reading, status: 'superseded' }
      : reading,
  );
}
