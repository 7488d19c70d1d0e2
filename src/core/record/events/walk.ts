import { z } from 'zod';
import { keySchema, stepSchema } from '../plan';
import { FASTENER_STATES, SKIP_REASONS, WAIT_REASONS } from '../vocabulary';
import { empty, text } from './fields';

/** The job on its way: steps left out, waiting, off the bench. */
export const walkBodies = {
  step_skipped: z.strictObject({ step: stepSchema, reason: z.enum(SKIP_REASONS) }),
  waiting_noted: z.strictObject({ reason: z.enum(WAIT_REASONS), note: text(160) }),
  waiting_over: empty,
  /** Off the bench, with its record; undone by withdrawing this. */
  job_put_away: empty,
  seat_removed: empty,
  /** A piece of the job's work, done whole; `choice` where schools differ. */
  task_done: z.strictObject({ key: keySchema, choice: keySchema.optional() }),
  /** One of the things that a piece of work lists. */
  task_ticked: z.strictObject({ key: keySchema, item: keySchema }),
  /** This seat is finished before the others, or takes its turn again. */
  seat_first: z.strictObject({ isOn: z.boolean() }),
  /** What was seen, of a step or a thing: `about` names it (`step_strip`, `part_gears`). */
  note_written: z.strictObject({ about: keySchema, text: text(300) }),
  /** A sum that was answered for this seat: its address holds the inputs in the sum's own units, the rest is what was seen. */
  sum_kept: z.strictObject({
    path: z
      .string()
      .regex(/^[a-z0-9_]+(\/[a-z0-9_]+)*$/i)
      .max(60),
    query: text(1500),
    title: text(120),
    answer: text(160),
    given: z.array(z.strictObject({ label: text(80), shown: text(80) })).max(60),
  }),
  fastener_noted: z.strictObject({ key: keySchema, state: z.enum(FASTENER_STATES) }),
} as const;
