import { z } from 'zod';
import { momentSchema } from '@/core/quantity/moment';
import { SLOT_PATTERN } from '../slots';
import { entryIdSchema } from '../ids';

/** A slot as it is stored and sent. */
export const slotSchema = z.string().regex(SLOT_PATTERN);

/** Nothing in the record is changed or removed: what corrects it is an entry too. */
export const correctionBodies = {
  reading_struck: z.strictObject({ readingId: entryIdSchema, reason: z.string().max(80) }),
  reading_moved: z.strictObject({ readingId: entryIdSchema, slot: slotSchema }),
  event_retimed: z.strictObject({ eventId: entryIdSchema, at: momentSchema }),
  /** Undo: the event no longer counts; it stays on record, struck through. */
  event_withdrawn: z.strictObject({ eventId: entryIdSchema }),
} as const;
