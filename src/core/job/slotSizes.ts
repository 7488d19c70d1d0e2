import type { AnySeatId } from '@/core/record/ids';
import type { JobHead } from '@/core/record/job';
import { journalMm, journalOf } from '@/core/record/journals';
import { sizesOfSeat, type SlotSizes } from './checkSize';

/** What belongs into a seat's slots; null for a seat on a shaft that has no part of its own: its readings stand with the casting's. */
export function slotSizesIn(
  { castings, shafts }: { castings: Readonly<JobHead['castings']>; shafts: Readonly<JobHead['shafts']> },
  id: AnySeatId,
): SlotSizes | null {
  const seat = castings.flatMap((casting) => casting.seats).find((each) => each.id === id);
  if (seat) return sizesOfSeat(seat, journalMm(journalOf(shafts, seat.id)));
  const spec = shafts.flatMap((shaft) => shaft.seats).find((each) => each.id === id)?.spec;
  if (spec?.kind !== 'bearing_on_shaft' || !spec.part) return null;
  return { part: spec.part, deepestMm: null, shaftMm: spec.journal.nominalMm };
}
