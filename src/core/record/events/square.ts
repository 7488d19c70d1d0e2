import { z } from 'zod';
import { finite } from './fields';

/** Squaring up, pass by pass. */
export const squareBodies = {
  square_pass_started: z.strictObject({
    pass: z.int().min(1).max(99),
    sense: z.enum(['sunk', 'standing_out']),
    circleMm: finite.min(1).max(400),
  }),
  square_accepted: z.strictObject({ pass: z.int().min(1).max(99), overruled: z.boolean() }),
} as const;
