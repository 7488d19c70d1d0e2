import type { CurrentReading } from '@/core/project/readings';
import type { SlotFamily } from '@/core/record/slots';

/** The readings that count: all, or those of one family of slots. */
export const counting = (readings: readonly CurrentReading[], family?: SlotFamily): CurrentReading[] =>
  readings.filter(
    ({ place, status }) => status === 'counts' && (family === undefined || place.family === family),
  );
