import { checkBelievable } from '@/core/quantity/believable';
import { bareLengthUnit, type Units } from '@/core/quantity/format';
import { parseLength } from '@/core/quantity/parseLength';
import { parseQuantity } from '@/core/quantity/quantities';
import { fail, succeed, type Result } from '@/core/quantity/result';
import { PRESSURE_CAP_BAR } from '@/core/closing/pressureTest';
import type { Float } from '@/core/record/floats';
import { familyOf, slotText, type Slot } from '@/core/record/slots';

/** A link of another machine may be off by some millimetres from the kind’s; farther off is a slip. Common practice, no source. */
const WITHIN_MM = 15;
/** A dial’s whole way, a feeler’s thickest leaf, the strongest pull at a lever. Common practice, no source. */
const MOST = { link: 3000, dial: 30, feeler: 5, pull: 500, pressure: PRESSURE_CAP_BAR } as const;
/** No pump of a workshop draws more out of a case. */
const DEEPEST_VACUUM_BAR = -0.9;
const isBounded = (family: string): family is keyof typeof MOST => Object.hasOwn(MOST, family);

/** What a value in a slot of a float may be, mm or N. Invalid: `impossible_size`, and what `checkBelievable` says. */
export function checkFloatValue(float: Float, slot: Slot, value: number): Result<number> {
  const field = slotText(slot);
  const most = isBounded(slot.family) ? MOST[slot.family] : 0;
  // A dial may stand either side of its zero; what is drawn out stands below the shop’s pressure.
  const least = slot.family === 'dial' ? -most : slot.family === 'pressure' ? DEEPEST_VACUUM_BAR : 0;
  if (slot.family === 'pressure' && value > most)
    return fail({ code: 'over_the_cap', field, given: value, max: most });
  if (value < least || value > most)
    return fail({ code: 'impossible_size', field, given: value, min: least, max: most });
  const link = slot.family === 'link' && float.links.find(({ key }) => key === slot.part);
  return link
    ? checkBelievable({ mm: value, expectedMm: link.nominalMm, withinMm: WITHIN_MM, field })
    : succeed(value);
}

/** A reading as typed for a slot of a float, bare numbers in the person’s units. Gives mm, N for a pull, bar for a pressure. */
export function checkFloatReading({
  float,
  slot,
  typed,
  units,
}: {
  float: Float;
  slot: Slot;
  typed: string;
  units: Units;
}): Result<number> {
  const field = slotText(slot);
  const { quantity } = familyOf(slot);
  if (quantity === 'force' || quantity === 'pressure') {
    const read = parseQuantity(typed, quantity === 'force' ? 'newton' : 'bar', units);
    return read.ok ? checkFloatValue(float, slot, read.value) : read;
  }
  const parsed = parseLength(typed, bareLengthUnit(units), field);
  return parsed.ok ? checkFloatValue(float, slot, parsed.value.mm) : parsed;
}
