import type { CurrentReading } from '@/core/project/readings';
import type { Seat } from '@/core/record/job';
import { journalMm, type Journal } from '@/core/record/journals';
import { checkSize, sizesOfSeat } from './checkSize';
import { counting } from './counting';

/** Readings by whether they can be of what sits there: one of another part, read before the part was changed, can't. */
export function readingsBySize(seat: Seat, journal: Journal | null, all: readonly CurrentReading[]) {
  const sizes = sizesOfSeat(seat, journalMm(journal));
  const suits = ({ place, value }: CurrentReading) => checkSize({ slot: place, mm: value, ...sizes }).ok;
  return {
    readings: all.filter(suits),
    unsuited: counting(all.filter((reading) => !suits(reading))),
  };
}
