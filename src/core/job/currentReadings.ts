import type { Entries, JobEvent, Reading } from '@/core/record/entries';

/** A reading as it stands now: where it belongs after moves, and whether it still counts. */
export type CurrentReading = Reading & {
  slot: string;
  /** `superseded`: a later reading took its slot; `struck`: a person took it out. Either way it stays in the record. */
  status: 'counts' | 'superseded' | 'struck';
};

const byTime =
  <T extends { takenAt: string } | { at: string }>(time: (entry: T) => string) =>
  (a: T, b: T) =>
    Date.parse(time(a)) - Date.parse(time(b));

export type TimedEvent = JobEvent & { isWithdrawn: boolean };

/**
 * All events in the order in which they happened, with retimings applied and withdrawals marked; both are events themselves and stay on
 * record.
 */
export function timedEvents(events: readonly JobEvent[]): TimedEvent[] {
  const known = remembered.get(events);
  if (known) return known;
  const found = orderEvents(events);
  remembered.set(events, found);
  return found;
}

/** A job's views ask for the order dozens of times; a list of entries never changes, a new entry makes a new list. */
const remembered = new WeakMap<readonly JobEvent[], TimedEvent[]>();

function orderEvents(events: readonly JobEvent[]): TimedEvent[] {
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
export function eventsInOrder(events: readonly JobEvent[]): TimedEvent[] {
  const known = counting.get(events);
  if (known) return known;
  const found = timedEvents(events).filter(({ isWithdrawn }) => !isWithdrawn);
  counting.set(events, found);
  return found;
}
const counting = new WeakMap<readonly JobEvent[], TimedEvent[]>();

/**
 * All readings of a seat (or of a casting, for its temperature), oldest first, each with its status.
 * The newest unstruck reading of a slot counts. Moves and strikes are events; readings themselves never change.
 */
export function currentReadings(
  entries: Entries,
  owner: { seatId: string } | { castingId: string },
): CurrentReading[] {
  const owned = entries.readings.filter((reading) =>
    'seatId' in owner
      ? reading.seatId === owner.seatId
      : reading.castingId === owner.castingId && reading.seatId === null,
  );
  const slotOf = new Map<string, string>();
  const struck = new Set<string>();
  for (const event of eventsInOrder(entries.events)) {
    if (event.kind === 'reading_moved') slotOf.set(event.body.readingId, event.body.slot);
    if (event.kind === 'reading_struck') struck.add(event.body.readingId);
  }
  const placed = owned.sort(byTime((r) => r.takenAt)).map((reading): CurrentReading => ({
    ...reading,
    slot: slotOf.get(reading.id) ?? reading.slot,
    status: struck.has(reading.id) ? 'struck' : 'counts',
  }));
  const newest = new Map<string, string>();
  for (const reading of placed) if (reading.status === 'counts') newest.set(reading.slot, reading.id);
  return placed.map((reading) =>
    reading.status === 'counts' && newest.get(reading.slot) !== reading.id
      ? { ...reading, status: 'superseded' }
      : reading,
  );
}

/** The readings that count, by slot prefix (`bore.`, `outside.`, `depth.2.`). */
export const countingReadings = (readings: readonly CurrentReading[], prefix: string) =>
  readings.filter(({ slot, status }) => status === 'counts' && slot.startsWith(prefix));

/** The numbers in a slot's name: `bore.2.90` → [2, 90]. */
export const slotNumbers = (slot: string) => slot.split('.').slice(1).map(Number);
