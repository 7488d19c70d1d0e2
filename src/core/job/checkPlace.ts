import { fail, type Issue } from '@/core/quantity/result';
import type { JobEvent, Reading } from '@/core/record/entries';
import type { Float } from '@/core/record/floats';
import { slotsOfFloat } from './floatSlots';
import type { AnySeatId } from '@/core/record/ids';
import type { Casting } from '@/core/record/job';
import type { Shaft } from '@/core/record/shafts';
import { familyOf, readSlot, type Slot } from '@/core/record/slots';
import { checkFloatValue } from './checkFloatReading';
import { checkSize } from './checkSize';
import { slotSizesIn } from './slotSizes';

/** Everything that an entry may point at. */
export type Places = {
  castings: readonly Casting[];
  shafts: readonly Shaft[];
  floats: readonly Float[];
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
  const { owner } = familyOf(slot);
  if (owner === 'float') return checkFloatSlot(slot, entry, places);
  const isOfSeat = owner === 'seat';
  if (isOfSeat !== (entry.seatId !== null))
    return [{ code: 'slot_of_another', field: 'slot', given: entry.slot }];
  if (!isOfSeat || entry.seatId === null) return [];
  const beside = slotSizesIn(places, entry.seatId);
  const checked = beside
    ? checkSize({ slot, mm: entry.value, ...beside })
    : fail({ code: 'slot_of_another', field: 'slot', given: entry.slot });
  return checked.ok ? [] : checked.issues.map((issue) => ({ ...issue, field: 'value' }));
}

/** A reading of a float: of one that the plan has, and of no seat. */
function checkFloatSlot(
  slot: Slot,
  { slot: text, seatId, castingId, value }: Reading,
  { floats }: Places,
): Issue[] {
  const float = floats.find(({ key }) => key === slot.float);
  const isPart =
    float && slotsOfFloat(float).some(({ family, part }) => family === slot.family && part === slot.part);
  if (!float || !isPart || seatId !== null || castingId !== null)
    return [{ code: 'slot_of_another', field: 'slot', given: text }];
  const checked = checkFloatValue(float, slot, value);
  return checked.ok ? [] : checked.issues.map((issue) => ({ ...issue, field: 'value' }));
}
