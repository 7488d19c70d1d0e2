import { z } from 'zod';
import { daySchema } from '@/core/quantity/moment';
import { keySchema } from '../plan';
import { CONVERSIONS, ORDER_STATES, OVERRULE_REASONS } from '../vocabulary';
import { mm, text } from './fields';

/** Parts: counted, compared, ordered. */
export const partBodies = {
  kit_counted: z.strictObject({ partKey: keySchema, count: z.int().min(0).max(99) }),
  part_origin_noted: z.strictObject({ partKey: keySchema, origin: z.enum(['original', 'pattern']) }),
  conversion_noted: z.strictObject({ partKey: keySchema, what: z.enum(CONVERSIONS), note: text(160) }),
  dry_fit_noted: z.strictObject({ result: z.enum(['good', 'tight', 'loose', 'will_not_go']) }),
  /** Turned and listened to before it goes in. */
  new_part_felt: z.strictObject({ isGood: z.boolean() }),
  /** Number read on the old part, with the sizes that the tables have for it. */
  old_number_noted: z.strictObject({
    designation: text(40),
    outsideMm: mm(1, 400).optional(),
    boreMm: mm(1, 400).optional(),
    widthMm: mm(0.5, 200).optional(),
  }),
  compare_overruled: z.strictObject({ reason: z.enum(OVERRULE_REASONS) }),
  order_noted: z.strictObject({
    partKey: keySchema,
    state: z.enum(ORDER_STATES),
    kitNumber: text(40),
    promisedFor: daySchema.nullable(),
  }),
} as const;
