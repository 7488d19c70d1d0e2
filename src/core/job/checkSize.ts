import { checkBelievable } from '@/core/quantity/believable';
import { fail, succeed, type Result } from '@/core/quantity/result';
import type { Seat } from '@/core/record/job';
import { familyOf, slotText, type Slot } from '@/core/record/slots';

/** A wrong-variant part is off by a millimetre or two and must still be recordable; farther off is a slip. Common practice, no source. */
const WITHIN_MM = 3;

/** What belongs into the slots of one seat. */
export type SlotSizes = {
  part: { outsideMm: number; boreMm: number; widthMm: number };
  /** Nominal size of the shaft that goes in; null where none is known. */
  shaftMm: number | null;
  /** How deep its part can stand; null where depth is no matter: on a shaft. */
  deepestMm: number | null;
};

/** A depth may be anything from flush to the whole way in, so no other unit can be guessed from it. */
export const sizesOfSeat = ({ spec: { part, housing } }: Seat, shaftMm: number | null): SlotSizes => ({
  part,
  shaftMm,
  deepestMm: Math.max(housing.depthToShoulderMm, part.widthMm) + 2,
});

/** A size in mm against what belongs into its slot; typed numbers and stored ones are held to the same. Invalid: as `checkReading`. */
export function checkSize({
  slot,
  mm,
  part,
  shaftMm,
  deepestMm,
}: SlotSizes & { slot: Slot; mm: number }): Result<number> {
  const field = slotText(slot);
  const { expectedMm: expected, mostMm = deepestMm } = familyOf(slot);
  const expectedMm = expected({ part, shaftMm });
  if (expectedMm !== null) return checkBelievable({ mm, expectedMm, withinMm: WITHIN_MM, field });
  if (deepestMm === null || mostMm === null) return fail({ code: 'slot_of_another', field, given: field });
  if (mm < 0) return fail({ code: 'depth_negative', field, given: mm });
  return mm <= mostMm
    ? succeed(mm)
    : fail({ code: 'impossible_size', field, given: mm, min: 0, max: mostMm });
}
