import { z } from 'zod';
import { seatIdSchema } from './ids';
import { CHECKS, ORDER_REASONS, PART_SORTS, STEPS } from './vocabulary';

/**
 * What a job knows beyond its castings: the order of its seats, the parts that are bought, the stacks that come off, what lies hidden,
 * what is looked at first. It starts as the job kind says and is changed by the person; events point into it by `key`.
 */
const name = z.string().trim().min(1).max(80);
export const keySchema = z.string().regex(/^[a-z0-9_]{1,60}$/);

export const stepSchema = z.enum(STEPS);

export const planSchema = z.strictObject({
  /** Guards against two people changing one plan. */
  version: z.int().min(1),
  order: z
    .array(z.strictObject({ first: seatIdSchema, then: seatIdSchema, why: z.enum(ORDER_REASONS) }))
    .max(80),
  parts: z
    .array(
      z.strictObject({
        key: keySchema,
        name,
        what: z.enum(PART_SORTS),
        seatId: seatIdSchema.nullable(),
        count: z.int().min(1).max(99),
        /** A failed attempt destroys it: buy two. */
        isSpent: z.boolean(),
        /** How much has to come apart again to reach it. */
        reach: z.enum(['full_strip', 'some_hours', 'outside']),
      }),
    )
    .max(120),
  stacks: z.array(z.strictObject({ key: keySchema, name, shaft: z.string().trim().max(80) })).max(20),
  fasteners: z
    .array(
      z.strictObject({
        key: keySchema,
        name,
        size: z.string().trim().max(40),
        count: z.int().min(1).max(60),
        isLeftHand: z.boolean(),
      }),
    )
    .max(60),
  /** Work to get at it, in order. */
  access: z.array(z.strictObject({ key: keySchema, name })).max(20),
  checks: z.array(z.enum(CHECKS)).max(10),
  /** Parts that lie hidden under another part. */
  hidden: z.array(z.strictObject({ key: keySchema, name, under: seatIdSchema.nullable() })).max(20),
  /** What is inspected and kept or renewed: gears, forks, shafts, sleeves. */
  inspect: z
    .array(
      z.strictObject({
        key: keySchema,
        name,
        limitMm: z.number().min(0).max(200).nullable(),
        isLeast: z.boolean(),
        /** A person took the limit from the machine's manual; left out: the kind's placeholder. */
        isFromManual: z.boolean().optional(),
      }),
    )
    .max(40),
  special: z.array(z.strictObject({ step: stepSchema, text: z.string().trim().min(1).max(300) })).max(40),
  cautions: z.array(z.string().max(40)).max(12),
});
export type JobPlan = z.infer<typeof planSchema>;
export type PlanPart = JobPlan['parts'][number];

export const EMPTY_PLAN: JobPlan = {
  version: 1,
  order: [],
  parts: [],
  stacks: [],
  fasteners: [],
  access: [],
  checks: [],
  hidden: [],
  inspect: [],
  special: [],
  cautions: [],
};
