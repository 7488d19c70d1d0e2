import { checkBelievable } from '@/core/quantity/believable';
import { bareLengthUnit, type Units } from '@/core/quantity/format';
import { parseLength } from '@/core/quantity/parseLength';
import { parseQuantity } from '@/core/quantity/quantities';
import { fail, succeed, type Result } from '@/core/quantity/result';
import type { Float } from '@/core/record/floats';
import { familyOf, slotText, type Slot } from '@/core/record/slots';

/** A link of another machine may be off by some millimetres from the kind’s; farther off is a slip. Common practice, no source. */
const WITHIN_MM = 15;
/** A dial’s whole way, a feeler’s thickest leaf, the strongest pull at a lever. Common practice, no source. */
const MOST = { link: 3000, dial: 30, feeler: 5, pull: 500 } as const;
const isBounded = (family: string): family is keyof typeof MOST => Object.hasOwn(MOST, family);

/** What a value in a slot of a float may be, mm or N. Invalid: `impossible_size`, and what `checkBelievable` says. */
export function checkFloatValue(float: Float, slot: Slot, value: number): Result<number> {
  const field = slotText(slot);
  const most = isBounded(slot.family) ? MOST[slot.family] : 0;
  // A dial may stand either side of its zero.
  const least = slot.family === 'dial' ? -most : 0;
  if (value < least || value > most)
    return fail({ code: 'impossible_size', field, given: value, min: least, max: most });
  const link = slot.family === 'link' && float.links.find(({ key }) => key === slot.part);
  return link
    ? checkBelievable({ mm: value, expectedMm: link.nominalMm, withinMm: WITHIN_MM, field })
    : succeed(value);
}

/** A reading as typed for a slot of a float, bare numbers in the person’s units. Gives mm, or N for a pull. */
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
  if (familyOf(slot).quantity === 'force') {
    const pull = parseQuantity(typed, 'newton', units);
    return pull.ok ? checkFloatValue(float, slot, pull.value) : pull;
  }
  const parsed = parseLength(typed, bareLengthUnit(units), field);
  return parsed.ok ? checkFloatValue(float, slot, parsed.value.mm) : parsed;
}
