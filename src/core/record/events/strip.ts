import { z } from 'zod';
import { keySchema } from '../plan';
import { AGAINST_REASONS, REMOVAL_WAYS, SEAT_FINDINGS } from '../vocabulary';
import { photographIdSchema } from '../ids';
import { empty, mm, text } from './fields';

/** Getting at it, and everything out. What is left out of `as_found_noted` was not said: a later one adds to it. */
export const stripBodies = {
  access_done: z.strictObject({ key: keySchema }),
  as_found_noted: z.strictObject({
    /** From the face down to the part; below zero: standing out. */
    depthMm: mm(-100, 200).optional(),
    marks: z.enum(['out', 'in', 'none']).optional(),
    lips: z.enum(['toward_bearing', 'away', 'both', 'cannot_see', 'none']).optional(),
    /** Where a seal's closed side looks. */
    closedSide: z.enum(['out', 'in', 'cannot_see']).optional(),
    retainingRing: z.boolean().optional(),
    threadHand: z.enum(['left', 'right']).optional(),
    spacerLeftMm: mm(0, 300).optional(),
    spacerRightMm: mm(0, 300).optional(),
    note: text(200).optional(),
  }),
  hidden_found: z.strictObject({ key: keySchema, isThere: z.boolean() }),
  taken_out: z.strictObject({
    way: z.enum(REMOVAL_WAYS),
    isSpoilt: z.boolean(),
    /** In a person's words, for another way. */
    how: text(120).optional(),
    /** Why, where something spoke against it. */
    because: z.enum(AGAINST_REASONS).optional(),
  }),
  seal_taken_out: empty,
  retaining_ring_out: empty,
  seat_finding: z.strictObject({ what: z.enum(SEAT_FINDINGS) }),
  photograph_withdrawn: z.strictObject({ photographId: photographIdSchema }),
} as const;
