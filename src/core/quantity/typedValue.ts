import { parseLength, type LengthUnit } from './parseLength';
import { parseTemperature, type TemperatureUnit } from './parseTemperature';
import { parseQuantity } from './quantities';

/** What instruments on a bench read: mm, °C, N. */
export type ReadQuantity = 'length' | 'temperature' | 'force';

/** A value is computed from what was typed by one multiplication: farther off, it is another value. */
const SAME_WITHIN = 1e-6;

const LENGTHS: readonly LengthUnit[] = ['mm', 'in', 'thou', 'um'];
const TEMPERATURES: readonly TemperatureUnit[] = ['C', 'F'];

/** Everything that it may mean, by the units that a bare number may have been in. */
const MEANINGS: Record<ReadQuantity, (typed: string) => number[]> = {
  length: (typed) =>
    LENGTHS.map((unit) => {
      const read = parseLength(typed, unit);
      return read.ok ? read.value.mm : NaN;
    }),
  temperature: (typed) =>
    TEMPERATURES.map((unit) => {
      const read = parseTemperature(typed, unit);
      return read.ok ? read.value.celsius : NaN;
    }),
  force: (typed) =>
    (['metric', 'imperial'] as const).map((units) => {
      const read = parseQuantity(typed, 'newton', units);
      return read.ok ? read.value : NaN;
    }),
};

/**
 * Can what was typed mean this value, in any unit that a bare number may have been in?
 * @param value mm for a length, °C for a temperature, N for a force
 */
export const canMean = (typed: string, value: number, kind: ReadQuantity): boolean =>
  MEANINGS[kind](typed).some((meaning) => Math.abs(meaning - value) <= SAME_WITHIN);
