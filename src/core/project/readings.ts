import type { EntryId, InstrumentId } from '@/core/record/ids';
import type { Reading } from '@/core/record/entries';
import { readSlot, type Slot } from '@/core/record/slots';

/** A reading as it stands now: where it belongs after moves, and whether it still counts. */
export type CurrentReading = Reading & {
  place: Slot;
  /** `superseded`: a later reading took its slot; `struck`: a person took it out. Either way it stays in the record. */
  status: 'counts' | 'superseded' | 'struck';
};

/**
 * What a slot holds: its newest reading and the one before, oldest first, so that a strike is answered at once; how many lie behind
 * them; how many were struck out. It does not grow with what was ever read.
 */
export type SlotReadings = { kept: Reading[]; older: number; struck: number };
export type SeatReadings = Record<string, SlotReadings>;

const KEPT = 2;
const NOTHING: SlotReadings = { kept: [], older: 0, struck: 0 };

/** The newest of a slot counts: by when it was taken, of the same moment the one that came last. */
const isBefore = (a: Reading, b: Reading) => Date.parse(a.takenAt) <= Date.parse(b.takenAt);

/** `slots` with a reading in the slot that it names. */
export function addReading(slots: SeatReadings, reading: Reading): SeatReadings {
  const { kept, older, struck } = slots[reading.slot] ?? NOTHING;
  const at = kept.findLastIndex((each) => isBefore(each, reading)) + 1;
  const all = [...kept.slice(0, at), reading, ...kept.slice(at)];
  return {
    ...slots,
    [reading.slot]: { kept: all.slice(-KEPT), older: older + Math.max(0, all.length - KEPT), struck },
  };
}

export function addStruck(slots: SeatReadings, slot: string): SeatReadings {
  const found = slots[slot] ?? NOTHING;
  return { ...slots, [slot]: { ...found, struck: found.struck + 1 } };
}

/** The slot that holds a reading, and it; null where it is not among those kept. */
export function findKept(slots: SeatReadings, readingId: EntryId): Reading | null {
  for (const { kept } of Object.values(slots)) {
    const found = kept.find(({ id }) => id === readingId);
    if (found) return found;
  }
  return null;
}

/** `slots` without a kept reading; null where one that lies behind would have to come forward: only the whole record knows it. */
export function takeAway(slots: SeatReadings, { id, slot }: Reading): SeatReadings | null {
  const { [slot]: found = NOTHING, ...others } = slots;
  if (found.older > 0) return null;
  const kept = found.kept.filter((each) => each.id !== id);
  // A slot that holds nothing is no slot: the whole record would not name it either.
  return kept.length === 0 && found.struck === 0 ? others : { ...others, [slot]: { ...found, kept } };
}

/** The readings of a seat that are at hand, each with its slot and whether it counts. */
export const readingsOf = (slots: SeatReadings): CurrentReading[] =>
  Object.values(slots).flatMap(({ kept }) =>
    kept.map((reading, i) => ({
      ...reading,
      place: readSlot(reading.slot),
      status: i === kept.length - 1 ? ('counts' as const) : ('superseded' as const),
    })),
  );

/** How many readings stand beside those that count: superseded, or struck out. */
export const countSetAside = (slots: SeatReadings): number =>
  Object.values(slots).reduce(
    (sum, { kept, older, struck }) => sum + Math.max(0, kept.length - 1) + older + struck,
    0,
  );

/** What was read on a casting. Every one counts: a later one does not replace an earlier. */
export type ProbeReading = { id: string; atMs: number; celsius: number; instrumentId: InstrumentId };
export type ProbeReadings = { kept: ProbeReading[]; older: number };

/** As many as a heat is read with; earlier ones are in the record. */
const PROBES_KEPT = 240;

export function addProbe(
  { kept, older }: ProbeReadings,
  { id, takenAt, value, instrumentId }: Reading,
): ProbeReadings {
  const atMs = Date.parse(takenAt);
  const at = kept.findLastIndex((each) => each.atMs <= atMs) + 1;
  const all = [...kept.slice(0, at), { id, atMs, celsius: value, instrumentId }, ...kept.slice(at)];
  return { kept: all.slice(-PROBES_KEPT), older: older + Math.max(0, all.length - PROBES_KEPT) };
}
