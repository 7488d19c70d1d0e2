import { z } from 'zod';
import { momentSchema } from '@/core/quantity/moment';
import { entryIdSchema, personIdSchema, roundIdSchema } from '@/core/record/ids';
import { keySchema } from '@/core/record/plan';
import { POINT_FINDINGS } from '@/core/record/vocabulary';

/**
 * A look-over round: the known weak points of a model, gone over after each outing, so that play is found while it is small. Common
 * practice, no source.
 */
export const roundSchema = z.strictObject({
  id: roundIdSchema,
  /** The model, as its jobs are called. */
  model: z.string().trim().min(1).max(80),
  points: z
    .array(z.strictObject({ key: keySchema, name: z.string().trim().min(1).max(120) }))
    .min(1)
    .max(40),
});
export type Round = z.infer<typeof roundSchema>;

/** One round as it was gone; a point that is not named was not looked at. */
export const roundGoneSchema = z.strictObject({
  id: entryIdSchema,
  roundId: roundIdSchema,
  personId: personIdSchema,
  findings: z.record(keySchema, z.enum(POINT_FINDINGS)),
  at: momentSchema,
});
export type RoundGone = z.infer<typeof roundGoneSchema>;
