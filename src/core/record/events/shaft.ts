import { z } from 'zod';
import { AGAINST_REASONS, SHAFT_OFF_WAYS, SHAFT_ON_WAYS } from '../vocabulary';
import { text } from './fields';

/** A seat on a shaft: its bearing or cone comes off, and another goes on. */
export const shaftBodies = {
  off_shaft: z.strictObject({
    way: z.enum(SHAFT_OFF_WAYS),
    isSpoilt: z.boolean(),
    /** In a person's words, for another way. */
    how: text(120).optional(),
    /** Why, where something spoke against it. */
    because: z.enum(AGAINST_REASONS).optional(),
  }),
  onto_shaft: z.strictObject({
    way: z.enum(SHAFT_ON_WAYS),
    how: text(120).optional(),
    because: z.enum(AGAINST_REASONS).optional(),
  }),
} as const;
