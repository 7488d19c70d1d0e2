import { z } from 'zod';
import { momentSchema } from '@/core/quantity/moment';

/** What the shop wants of its heats (see `Wanted`), and the doors that somebody set, by the heat's key. */
export const heatPlanSchema = z.strictObject({
  wanted: z.discriminatedUnion('is', [
    z.strictObject({ is: z.literal('soonest') }),
    z.strictObject({ is: z.literal('start'), at: momentSchema }),
    z.strictObject({ is: z.literal('done'), at: momentSchema }),
  ]),
  doors: z.record(z.uuid(), momentSchema),
});
export type HeatPlan = z.infer<typeof heatPlanSchema>;
