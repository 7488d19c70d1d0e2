import { findDoubted } from '@/core/fit/doubtedReading';
import type { CurrentReading } from '@/core/project/readings';
import type { SlotFamily } from '@/core/record/slots';
import { counting } from './counting';

export type DoubtedReading = { reading: CurrentReading; fellowsMm: number };

/** The reading of one size that stands alone among its fellows; one that was read twice alike does not. */
export function doubtedReading(
  readings: readonly CurrentReading[],
  family: SlotFamily,
): DoubtedReading | null {
  const taken = counting(readings, family);
  const found = findDoubted(
    taken.map(({ slot, value }) => ({
      mm: value,
      earlier: readings
        .filter((each) => each.slot === slot && each.status === 'superseded')
        .map((each) => each.value),
    })),
  );
  return found && { reading: taken[found.index]!, fellowsMm: found.fellowsMm };
}
