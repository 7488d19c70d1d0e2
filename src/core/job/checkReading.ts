import { checkBelievable, parseLength, type LengthUnit } from '@/core/quantity/parseLength';
import { parseTemperature, type TemperatureUnit } from '@/core/quantity/parseTemperature';
import { fail, succeed, type Result } from '@/core/quantity/result';
import { METAL_C } from '@/core/record/vocabulary';
import type { Seat } from '@/core/record/job';

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
 * A reading as typed for a slot, checked against what belongs there: bore and outside near the nominal size, depths within the
 * boss. Gives mm (or °C for `temperature.casting`).
 * Invalid: what `parseLength`, `parseTemperature` and `checkBelievable` say; `depth_negative` (asked as sunk or standing out, so
 * a sign is a misunderstanding); `impossible_temperature`.
 */
export function checkReading({
  slot,
  typed,
  seat,
  lengthUnit,
  temperatureUnit,
}: {
  slot: string;
  typed: string;
  seat: Seat;
  lengthUnit: LengthUnit;
  temperatureUnit: TemperatureUnit;
}): Result<number> {
  if (slot.startsWith('temperature.')) {
    const parsed = parseTemperature(typed, temperatureUnit, slot);
    if (!parsed.ok) return parsed;
    const { celsius } = parsed.value;
    return celsius >= METAL_C.min && celsius <= METAL_C.max
      ? succeed(celsius)
      : fail({ code: 'impossible_temperature', field: slot, given: celsius, ...METAL_C });
  }
  const parsed = parseLength(typed, lengthUnit, slot);
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
