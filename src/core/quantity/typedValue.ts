import { parseLength, type LengthUnit } from './parseLength';
import { parseTemperature, type TemperatureUnit } from './parseTemperature';
import { parseQuantity } from './quantities';

/** What instruments on a bench read: mm, °C, N, bar. */
export type ReadQuantity = 'length' | 'temperature' | 'force' | 'pressure';

/** A value is computed from what was typed by one multiplication: farther off, it is another value. */
const SAME_WITHIN = 1e-6;

const LENGTHS: readonly LengthUnit[] = ['mm', 'in', 'thou', 'um'];
const TEMPERATURES: readonly TemperatureUnit[] = ['C', 'F'];

const inEitherUnits = (typed: string, quantity: 'newton' | 'bar'): number[] =>
  (['metric', 'imperial'] as const).map((units) => {
    const read = parseQuantity(typed, quantity, units);
    return read.ok ? read.value : NaN;
  });

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
  force: (typed) => inEitherUnits(typed, 'newton'),
  pressure: (typed) => inEitherUnits(typed, 'bar'),
};

/**
 * Can what was typed mean this value, in any unit that a bare number may have been in?
 * @param value mm for a length, °C for a temperature, N for a force, bar for a pressure
 */
export const canMean = (typed: string, value: number, kind: ReadQuantity): boolean =>
  MEANINGS[kind](typed).some((meaning) => Math.abs(meaning - value) <= SAME_WITHIN);
