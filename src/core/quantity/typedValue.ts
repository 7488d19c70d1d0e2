import { parseLength, type LengthUnit } from './parseLength';
import { parseTemperature, type TemperatureUnit } from './parseTemperature';

/** A value is computed from what was typed by one multiplication: farther off, it is another value. */
const SAME_WITHIN = 1e-6;

const LENGTHS: readonly LengthUnit[] = ['mm', 'in', 'thou', 'um'];
const TEMPERATURES: readonly TemperatureUnit[] = ['C', 'F'];

/**
 * Can what was typed mean this value, in any unit that a bare number may have been in?
 * @param value mm for a length, °C for a temperature
 */
export function canMean(typed: string, value: number, kind: 'length' | 'temperature'): boolean {
  const meanings =
    kind === 'length'
      ? LENGTHS.map((unit) => {
          const read = parseLength(typed, unit);
          return read.ok ? read.value.mm : NaN;
        })
      : TEMPERATURES.map((unit) => {
          const read = parseTemperature(typed, unit);
          return read.ok ? read.value.celsius : NaN;
        });
  return meanings.some((meaning) => Math.abs(meaning - value) <= SAME_WITHIN);
}
