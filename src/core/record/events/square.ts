import { z } from 'zod';
import { HOME_SIGNS } from '../vocabulary';
import { finite } from './fields';

/** Squaring up, pass by pass. */
export const squareBodies = {
  square_pass_started: z.strictObject({
    pass: z.int().min(1).max(99),
    sense: z.enum(['sunk', 'standing_out']),
    circleMm: finite.min(1).max(400),
  }),
  /** Home and square by the signs that eye, ear and hand gave: no gauge. */
  squared_by_eye: z.strictObject({ signs: z.array(z.enum(HOME_SIGNS)).min(1).max(HOME_SIGNS.length) }),
  square_accepted: z.strictObject({ pass: z.int().min(1).max(99), overruled: z.boolean() }),
} as const;
