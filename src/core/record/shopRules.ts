import { z } from 'zod';
import type { Thresholds } from '@/core/heat/mildest';

/** What a shop may set for itself: from where on a nip is real, so that a bare light-alloy casting is warmed. */
export const shopRulesSchema = z.strictObject({
  /** Share of the diameter. */
  nipShare: z.number().min(0).max(0.002),
  /** Force to push the part in cold, N. */
  forceN: z.number().min(100).max(20_000),
}) satisfies z.ZodType<Thresholds>;
