import type { Issue } from '@/core/quantity/result';
import type { JobEvent, Reading } from '@/core/record/entries';
import type { Casting } from '@/core/record/job';
import { journalMm, journalOf } from '@/core/record/journals';
import type { Shaft } from '@/core/record/shafts';
import { familyOf, readSlot } from '@/core/record/slots';
import { checkSize } from './checkReading';

/** Everything that an entry may point at. */
export type Places = {
  castings: readonly Casting[];
  shafts: readonly Shaft[];
  people: ReadonlySet<string>;
  instruments: ReadonlySet<string>;
};

function findMisplaced(entry: Reading | JobEvent, { castings, people, instruments }: Places): Issue | null {
  const seats = castings.flatMap((casting) => casting.seats);
  const wrong = (field: string, given: string | null, isThere: boolean): Issue | null =>
    given !== null && !isThere ? { code: 'points_nowhere', field, given } : null;
  return (
    wrong(
      'seatId',
      entry.seatId,
      seats.some(({ id }) => id === entry.seatId),
    ) ??
    wrong(
      'castingId',
      entry.castingId,
      castings.some(({ id }) => id === entry.castingId),
    ) ??
    wrong('personId', entry.personId, people.has(entry.personId)) ??
    ('instrumentId' in entry
      ? wrong('instrumentId', entry.instrumentId, instruments.has(entry.instrumentId))
      : null)
  );
}

/**
 * What keeps an entry, right in itself, out of this job's record: it points at what is not there, its slot is not of its owner
 * (`slot_of_another`: a temperature of a seat, a size of a casting), or its size can't be one of this seat (as `checkSize` says).
 */
export function checkPlace(entry: Reading | JobEvent, places: Places): Issue[] {
  const misplaced = findMisplaced(entry, places);
  if (misplaced) return [misplaced];
  if (!('slot' in entry)) return [];
  const slot = readSlot(entry.slot);
  const isOfSeat = familyOf(slot).owner === 'seat';
  if (isOfSeat !== (entry.seatId !== null))
    return [{ code: 'slot_of_another', field: 'slot', given: entry.slot }];
  const seat = places.castings.flatMap((casting) => casting.seats).find(({ id }) => id === entry.seatId);
  if (!isOfSeat || !seat) return [];
  const checked = checkSize({
    slot,
    mm: entry.value,
    spec: seat.spec,
    shaftMm: journalMm(journalOf(places.shafts, seat.id)),
  });
  return checked.ok ? [] : checked.issues.map((issue) => ({ ...issue, field: 'value' }));
}
