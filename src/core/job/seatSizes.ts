import { comparePart, type ComparedSizes, type PartCheck } from '@/core/parts/comparePart';
import type { SeatHistory } from '@/core/project/jobState';
import type { CurrentReading } from '@/core/project/readings';
import type { SlotFamily } from '@/core/record/slots';
import { counting } from './counting';
import { doubtedReading } from './doubtedReading';

const FAMILIES: Record<keyof ComparedSizes, SlotFamily> = {
  bore: 'bore',
  outside: 'outside',
  inside: 'inside',
  journal: 'journal',
  width: 'width',
  oldOutside: 'old_outside',
  oldInside: 'old_inside',
  oldWidth: 'old_width',
};

/** Mean of what counts in each group of slots, mm; what stands alone among its fellows is doubted before the part is. */
export function comparedSizes(readings: readonly CurrentReading[]): ComparedSizes {
  const sizes: ComparedSizes = {};
  for (const [size, family] of Object.entries(FAMILIES) as [keyof ComparedSizes, SlotFamily][]) {
    const doubted = doubtedReading(readings, family)?.reading;
    const values = counting(readings, family)
      .filter((each) => each !== doubted)
      .map(({ value }) => value);
    if (values.length > 0) sizes[size] = values.reduce((sum, value) => sum + value, 0) / values.length;
  }
  return sizes;
}

/** The seat's part against both its mates and the old one. */
export const checkSeatPart = (
  mates: { hasJournal: boolean; isSeal: boolean },
  readings: readonly CurrentReading[],
  { oldPart, dryFit }: Pick<SeatHistory, 'oldPart' | 'dryFit'>,
): PartCheck => comparePart(mates, comparedSizes(readings), oldPart, dryFit);
