import { z } from 'zod';
import { floatSchema } from './floats';
import { journalIdSchema, seatIdSchema } from './ids';
import {
  CHECKS,
  HEAT_SOURCES,
  LOCKINGS,
  ORDER_REASONS,
  PART_SORTS,
  SEAT_FINDINGS,
  STAGES,
  STEPS,
  WAYS_IN,
  WORKPIECES,
} from './vocabulary';

/**
 * What a job knows beyond its castings: the order of its seats, the parts that are bought, the stacks that come off, what lies hidden,
 * what is looked at first. It starts as the job kind says and is changed by the person; events point into it by `key`.
 */
const name = z.string().trim().min(1).max(80);
export const keySchema = z.string().regex(/^[a-z0-9_]{1,60}$/);

export const stepSchema = z.enum(STEPS);

/** What a piece of work waits for, or goes before: seats by their id, other work by its key. */
const placesSchema = z.array(z.union([seatIdSchema, keySchema])).max(20);

/** A piece of work that is no seat's own: splitting halves, drawing a crank in, a list of places to oil. */
const taskSchema = z.strictObject({
  key: keySchema,
  /** In the imperative, as it is said. */
  name: z.string().trim().min(1).max(120),
  why: z.string().trim().max(240),
  stage: z.enum(STAGES),
  /** Asked in the longer walks only. */
  isFullOnly: z.boolean(),
  /** Where schools differ: either is right, the reason is asked once. */
  choices: z
    .array(
      z.strictObject({
        key: keySchema,
        name,
        /** It went wrong: what that means and what is done now. The work stays open. */
        trouble: z.string().trim().min(1).max(240).optional(),
        /** The school that fits the seals when the halves are joined: they wait for it. */
        sealsAfterJoining: z.boolean().optional(),
        /** The school that puts the bearings of this work into their casting first, and the shaft into them there. */
        intoCastingFirst: z.boolean().optional(),
        /** What it says of seats: it changes a later step there. */
        finding: z
          .strictObject({ what: z.enum(SEAT_FINDINGS), seats: z.array(seatIdSchema).min(1).max(20) })
          .optional(),
      }),
    )
    .max(8),
  /** How it turns is held against how it turned at this other work: seals add an even drag, which is no fault. */
  since: keySchema.optional(),
  /** Seats whose part it holds: plates and screws that nothing else shows. */
  holds: z.array(seatIdSchema).min(1).max(20).optional(),
  /** Seats whose part moves with it, on its shaft: emptied while it comes apart, filled while it goes together. */
  carries: z.array(seatIdSchema).min(1).max(20).optional(),
  /** The tools are counted with it: done, none is missing. */
  countsTools: z.boolean().optional(),
  /** What was taken off to get at it goes back on: it stays on while the work is reached from outside. */
  closesAccess: z.boolean().optional(),
  /** Fasteners whose lock is set with it: keys. */
  locks: z.array(keySchema).min(1).max(10).optional(),
  /** A joint is sealed by it: which film, where. */
  isSealed: z.boolean().optional(),
  /** What is ticked, thing by thing. */
  items: z.array(z.strictObject({ key: keySchema, name })).max(30),
  /** The caution of the trade that belongs to it. */
  caution: z.string().max(40).nullable(),
  /** Parts come off seats of shafts by it, or go onto them: how is computed from the fit there. */
  onShaft: z
    .strictObject({ does: z.enum(['off', 'onto']), seats: z.array(journalIdSchema).min(1).max(20) })
    .optional(),
  /** What is measured with it: keys of floats. */
  floats: z.array(keySchema).max(6).optional(),
  after: placesSchema,
  before: placesSchema,
});

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
  stacks: z
    .array(
      z.strictObject({
        key: keySchema,
        name,
        shaft: z.string().trim().max(80),
        /** Asked for in the longer walks only. */
        isFullOnly: z.boolean().optional(),
      }),
    )
    .max(20),
  fasteners: z
    .array(
      z.strictObject({
        key: keySchema,
        name,
        size: z.string().trim().max(40),
        count: z.int().min(1).max(60),
        isLeftHand: z.boolean(),
        /** Left out: nothing holds it but its torque. */
        locking: z.enum(LOCKINGS).optional(),
      }),
    )
    .max(60),
  /** Work to get at it, in order. */
  access: z.array(z.strictObject({ key: keySchema, name })).max(20),
  /** Work beyond the seats, in order within its stage; jobs of before have none. */
  tasks: z.array(taskSchema).max(80).default([]),
  /** What is measured between parts; jobs of before have none. */
  floats: z.array(floatSchema).max(30).default([]),
  /** What holds the seats; left out: as the kind of job has it. */
  workpiece: z.enum(WORKPIECES).optional(),
  /** How this kind of job is done where its tools are at hand; left out: as each seat asks for. */
  preferredWay: z.enum(WAYS_IN).optional(),
  /** Where its heat comes from; left out: as what holds the seats asks for. */
  heatedBy: z.enum(HEAT_SOURCES).optional(),
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
  special: z
    .array(
      z.strictObject({
        step: stepSchema,
        text: z.string().trim().min(1).max(300),
        /** The seat that it is said of; left out: every one. */
        seatId: seatIdSchema.optional(),
        /** Only where the heat comes from there, or none is used; left out: always. */
        by: z.enum([...HEAT_SOURCES, 'none']).optional(),
      }),
    )
    .max(60),
  cautions: z.array(z.string().max(40)).max(12),
});
export type JobPlan = z.infer<typeof planSchema>;
export type Task = JobPlan['tasks'][number];
export type PlanPart = JobPlan['parts'][number];

export const EMPTY_PLAN: JobPlan = {
  version: 1,
  order: [],
  parts: [],
  stacks: [],
  fasteners: [],
  access: [],
  tasks: [],
  floats: [],
  checks: [],
  hidden: [],
  inspect: [],
  special: [],
  cautions: [],
};
