import { fail, succeed, type Result } from '@/core/quantity/result';
import { parseTemperature } from '@/core/quantity/parseTemperature';
import { METAL_C } from '@/core/record/vocabulary';
import type { Units } from '@/core/quantity/format';

/**
 * Temperature of the metal at a reading, as typed; a bare number is in the person's own unit.
 * Invalid: what `parseTemperature` says, `impossible_temperature`.
 */
export function parseMetalTemperature(typed: string, units: Units): Result<number> {
  const parsed = parseTemperature(typed, units === 'imperial' ? 'F' : 'C');
  if (!parsed.ok) return parsed;
  const { celsius } = parsed.value;
  return celsius >= METAL_C.min && celsius <= METAL_C.max
    ? succeed(celsius)
    : fail({ code: 'impossible_temperature', field: 'metalC', given: celsius, ...METAL_C });
}
