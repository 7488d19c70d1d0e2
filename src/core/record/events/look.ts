import { z } from 'zod';
import { keySchema } from '../plan';
import { CHECKS, FEELS, FINDINGS } from '../vocabulary';
import { mm, text } from './fields';

/** Looking over, before anything comes apart; and weighing what is renewed. What is left out of a body was not said. */
export const lookBodies = {
  machine_noted: z.strictObject({
    make: text(60).optional(),
    model: text(60).optional(),
    year: z.int().min(1900).max(2100).optional(),
    hours: z.number().min(0).max(100_000).optional(),
    mileageKm: z.number().min(0).max(2_000_000).optional(),
    frameNumber: text(40).optional(),
    engineNumber: text(40).optional(),
    repairOrder: text(40).optional(),
    complaint: text(400).optional(),
  }),
  look_noted: z.strictObject({
    check: z.enum(CHECKS),
    finding: z.enum(FINDINGS),
    decision: z.enum(['renew', 'keep', 'look_again']).nullable(),
    note: text(200),
  }),
  /** All that was to be looked at, at once, with what follows from it. */
  looked_over: z.strictObject({ decision: z.enum(['renew', 'keep', 'look_again']) }),
  /** To-and-fro at the rim, the radius there, and how far the two bearings stand apart. */
  rock_test_noted: z.strictObject({ rimPlayMm: mm(0, 50), rimRadiusMm: mm(10, 600), spanMm: mm(5, 600) }),
  weighed: z.strictObject({ partKey: keySchema, feel: z.enum(FEELS), decision: z.enum(['renew', 'keep']) }),
  price_noted: z.strictObject({ partKey: keySchema, each: z.number().min(0).max(100_000) }),
  labour_noted: z.strictObject({
    minutes: z.number().min(0).max(100_000),
    ratePerHour: z.number().min(0).max(10_000),
  }),
} as const;
