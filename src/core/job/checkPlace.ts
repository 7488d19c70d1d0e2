import { fail, type Issue } from '@/core/quantity/result';
import type { JobEvent, Reading } from '@/core/record/entries';
import type { AnySeatId } from '@/core/record/ids';
import type { Casting } from '@/core/record/job';
import { journalMm, journalOf } from '@/core/record/journals';
import type { Shaft } from '@/core/record/shafts';
import { familyOf, readSlot } from '@/core/record/slots';
import { checkSize, sizesOfSeat, type SlotSizes } from './checkSize';

/** Everything that an entry may point at. */
export type Places = {
  castings: readonly Casting[];
  shafts: readonly Shaft[];
  people: ReadonlySet<string>;
  instruments: ReadonlySet<string>;
};

function findMisplaced(
  entry: Reading | JobEvent,
  { castings, shafts, people, instruments }: Places,
): Issue | null {
  const seats = [...castings, ...shafts].flatMap((each): { id: AnySeatId }[] => each.seats);
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
  if (!isOfSeat || entry.seatId === null) return [];
  const beside = slotSizesIn(places, entry.seatId);
  const checked = beside
    ? checkSize({ slot, mm: entry.value, ...beside })
    : fail({ code: 'slot_of_another', field: 'slot', given: entry.slot });
  return checked.ok ? [] : checked.issues.map((issue) => ({ ...issue, field: 'value' }));
}

/** What belongs into a seat's slots; null for a seat on a shaft that has no part of its own: its readings stand with the casting's. */
export function slotSizesIn(
  { castings, shafts }: Pick<Places, 'castings' | 'shafts'>,
  id: AnySeatId,
): SlotSizes | null {
  const seat = castings.flatMap((casting) => casting.seats).find((each) => each.id === id);
  if (seat) return sizesOfSeat(seat, journalMm(journalOf(shafts, seat.id)));
  const spec = shafts.flatMap((shaft) => shaft.seats).find((each) => each.id === id)?.spec;
  if (spec?.kind !== 'bearing_on_shaft' || !spec.part) return null;
  return { part: spec.part, deepestMm: null, shaftMm: spec.journal.nominalMm };
}
