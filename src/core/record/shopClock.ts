import { z } from 'zod';
import { PACES, type ShopClock } from '@/core/quantity/shopClock';

/** The shop's clock as it is told. */
export const shopClockSchema = z.strictObject({
  realMs: z.number(),
  shopMs: z.number(),
  pace: z.literal(PACES),
}) satisfies z.ZodType<ShopClock>;
