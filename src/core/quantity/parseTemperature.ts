import { normaliseSign, parseDecimal } from './parseLength';
import { fail, succeed, type Result } from './result';

export type TemperatureUnit = 'C' | 'F';

export const ABSOLUTE_ZERO_C = -273.15;

export const fahrenheitToCelsius = (f: number) => ((f - 32) * 5) / 9;
export const celsiusToFahrenheit = (c: number) => (c * 9) / 5 + 32;

/**
 * A temperature as typed: `110`, `250F`, `−18 °C`. A bare number is in the person's unit.
 * Invalid: `empty`, `not_a_temperature`, `below_absolute_zero`.
 */
export function parseTemperature(
  text: string,
  bareUnit: TemperatureUnit,
  field = 'temperature',
): Result<{ celsius: number }> {
  const trimmed = normaliseSign(text).trim();
  if (trimmed === '') return fail({ code: 'empty', field, given: text });
  const match = /^([-+\d.,]+)\s*(?:°|deg)?\s*([cf])?$/i.exec(trimmed);
  const number = match ? parseDecimal(match[1] ?? '') : null;
  if (!match || number === null) return fail({ code: 'not_a_temperature', field, given: text });
  const unit = (match[2]?.toUpperCase() as TemperatureUnit | undefined) ?? bareUnit;
  const celsius = unit === 'F' ? fahrenheitToCelsius(number) : number;
  if (celsius < ABSOLUTE_ZERO_C)
    return fail({ code: 'below_absolute_zero', field, given: text, min: ABSOLUTE_ZERO_C });
  return succeed({ celsius });
}
