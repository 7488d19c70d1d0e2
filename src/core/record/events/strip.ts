import { z } from 'zod';
import { keySchema } from '../plan';
import { REMOVAL_WAYS } from '../vocabulary';
import { photographIdSchema } from '../ids';
import { empty, mm, text } from './fields';

/** Getting at it, and everything out. What is left out of `as_found_noted` was not said: a later one adds to it. */
export const stripBodies = {
  access_done: z.strictObject({ key: keySchema }),
  as_found_noted: z.strictObject({
    /** From the face down to the part; below zero: standing out. */
    depthMm: mm(-100, 200).optional(),
    marks: z.enum(['out', 'in', 'none']).optional(),
    lips: z.enum(['toward_bearing', 'away', 'none']).optional(),
    retainingRing: z.boolean().optional(),
    threadHand: z.enum(['left', 'right']).optional(),
    spacerLeftMm: mm(0, 300).optional(),
    spacerRightMm: mm(0, 300).optional(),
    note: text(200).optional(),
  }),
  hidden_found: z.strictObject({ key: keySchema, isThere: z.boolean() }),
  taken_out: z.strictObject({ way: z.enum(REMOVAL_WAYS), isSpoilt: z.boolean() }),
  seal_taken_out: empty,
  photograph_withdrawn: z.strictObject({ photographId: photographIdSchema }),
} as const;
