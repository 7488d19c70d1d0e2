import { comparePart, type ComparedSizes, type PartCheck } from '@/core/parts/comparePart';
import type { Seat } from '@/core/record/job';
import { countingReadings, type CurrentReading } from './currentReadings';
import type { SeatWork } from './work';

const PREFIXES: Record<keyof ComparedSizes, string> = {
  bore: 'bore.',
  outside: 'outside.',
  inside: 'inside.',
  journal: 'journal.',
  width: 'width.',
  oldOutside: 'old_outside.',
  oldInside: 'old_inside.',
  oldWidth: 'old_width.',
};

/** Mean of what counts in each group of slots, mm. */
export function comparedSizes(readings: readonly CurrentReading[]): ComparedSizes {
  const sizes: ComparedSizes = {};
  for (const [size, prefix] of Object.entries(PREFIXES) as [keyof ComparedSizes, string][]) {
    const values = countingReadings(readings, prefix).map(({ value }) => value);
    if (values.length > 0) sizes[size] = values.reduce((sum, value) => sum + value, 0) / values.length;
  }
  return sizes;
}

/** The seat's part against both its mates and the old one. */
export const checkSeatPart = (seat: Seat, readings: readonly CurrentReading[], work: SeatWork): PartCheck =>
  comparePart(seat, comparedSizes(readings), work.oldPart);
