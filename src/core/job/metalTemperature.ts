import { fail, succeed, type Result } from '@/core/quantity/result';
import { parseTemperature } from '@/core/quantity/parseTemperature';
import { METAL_C } from '@/core/record/vocabulary';
import { bareTemperatureUnit, type Units } from '@/core/quantity/format';

/**
 * Temperature of metal as typed, °C; a bare number is in the person's own unit. `field` names it in an issue.
 * Invalid: what `parseTemperature` says, `impossible_temperature`.
 */
export function parseMetalTemperature(typed: string, units: Units, field = 'metalC'): Result<number> {
  const parsed = parseTemperature(typed, bareTemperatureUnit(units), field);
  if (!parsed.ok) return parsed;
  const { celsius } = parsed.value;
  return celsius >= METAL_C.min && celsius <= METAL_C.max
    ? succeed(celsius)
    : fail({ code: 'impossible_temperature', field, given: celsius, ...METAL_C });
}
