import { bareLengthUnit, type Units } from '@/core/quantity/format';
import { checkBelievable, parseLength } from '@/core/quantity/parseLength';
import { fail, succeed, type Result } from '@/core/quantity/result';
import type { Seat } from '@/core/record/job';
import { parseMetalTemperature } from './metalTemperature';

/** A wrong-variant part is off by a millimetre or two and must still be recordable; farther off is a slip. Common practice, no source. */
const WITHIN_MM = 3;

/** The size that belongs into a slot, from the seat's nominal sizes; null for a depth. */
function expectedSizeMm(slot: string, { spec: { part, journal } }: Seat): number | null {
  switch (slot.split('.')[0]) {
    case 'depth':
      return null;
    case 'inside':
    case 'old_inside':
      return part.boreMm;
    case 'journal':
      return journal?.nominalMm ?? part.boreMm;
    case 'width':
    case 'old_width':
      return part.widthMm;
    default:
      return part.outsideMm;
  }
}

/**
 * A reading as typed for a slot, bare numbers in the person's units, checked against what belongs there: bore and outside near the
 * nominal size, depths within the boss. Gives mm (or °C for `temperature.casting`).
 * Invalid: what `parseLength`, `parseTemperature` and `checkBelievable` say; `depth_negative` (asked as sunk or standing out, so
 * a sign is a misunderstanding); `impossible_temperature`.
 */
export function checkReading({
  slot,
  typed,
  seat,
  units,
}: {
  slot: string;
  typed: string;
  seat: Seat;
  units: Units;
}): Result<number> {
  if (slot.startsWith('temperature.')) return parseMetalTemperature(typed, units, slot);
  const parsed = parseLength(typed, bareLengthUnit(units), slot);
  if (!parsed.ok) return parsed;
  const { part, housing } = seat.spec;
  const expectedMm = expectedSizeMm(slot, seat);
  if (expectedMm !== null)
    return checkBelievable({ mm: parsed.value.mm, expectedMm, withinMm: WITHIN_MM, field: slot });
  if (parsed.value.mm < 0) return fail({ code: 'depth_negative', field: slot, given: typed });
  // A depth may be anything from flush to the whole way in, so no other unit can be guessed from it.
  const deepestMm = Math.max(housing.depthToShoulderMm, part.widthMm) + 2;
  return parsed.value.mm <= deepestMm
    ? succeed(parsed.value.mm)
    : fail({ code: 'impossible_size', field: slot, given: parsed.value.mm, min: 0, max: deepestMm });
}
