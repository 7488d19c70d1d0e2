import { z } from 'zod';
import { keySchema } from '../plan';
import { mm, text } from './fields';

/** What was decided of a float: shims that go in, and that it is right. Its readings stand in slots of their own. */
export const floatBodies = {
  /** Shims by their side, mm each; both empty: none. */
  shims_chosen: z.strictObject({
    floatKey: keySchema,
    leftMm: z.array(mm(0.02, 20)).max(12),
    rightMm: z.array(mm(0.02, 20)).max(12),
  }),
  /** By its figures, or by hand where nothing was read. */
  float_accepted: z.strictObject({
    floatKey: keySchema,
    by: z.enum(['figures', 'hand']),
    /** Why, where its figures say otherwise. */
    because: text(120).optional(),
  }),
  /** The pattern that marking paint shows on the teeth. */
  contact_noted: z.strictObject({
    floatKey: keySchema,
    where: z.enum(['middle', 'toe', 'heel', 'tip', 'root']),
  }),
} as const;
