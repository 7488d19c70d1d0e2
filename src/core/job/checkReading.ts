import { bareLengthUnit, type Units } from '@/core/quantity/format';
import { parseLength } from '@/core/quantity/parseLength';
import type { Result } from '@/core/quantity/result';
import { familyOf, slotText, type Slot } from '@/core/record/slots';
import { checkSize, type SlotSizes } from './checkSize';
import { parseMetalTemperature } from './metalTemperature';

/**
 * A reading as typed for a slot, bare numbers in the person's units, checked against what belongs there: bore and outside near the
 * nominal size, depths within the boss. Gives mm (or °C for `temperature.casting`).
 * Invalid: what `parseLength`, `parseTemperature` and `checkBelievable` say; `depth_negative` (asked as sunk or standing out, so
 * a sign is a misunderstanding); `impossible_temperature`.
 */
export function checkReading({
  slot,
  typed,
  sizes,
  units,
}: {
  slot: Slot;
  typed: string;
  sizes: SlotSizes;
  units: Units;
}): Result<number> {
  const field = slotText(slot);
  if (familyOf(slot).quantity === 'temperature') return parseMetalTemperature(typed, units, field);
  const parsed = parseLength(typed, bareLengthUnit(units), field);
  return parsed.ok ? checkSize({ slot, mm: parsed.value.mm, ...sizes }) : parsed;
}
