import { z } from 'zod';
import { keySchema } from '../plan';
import { FLUIDS, SIGNERS } from '../closingVocabulary';
import { empty, text } from './fields';

/** Time and money of a job: minutes of work, and an amount in the shop's own currency. Left out: not said. */
const spent = z.strictObject({
  minutes: z.int().min(0).max(60_000).optional(),
  cost: z.number().min(0).max(10_000_000).optional(),
});

/** Over to its owner: what is filled in again, tools counted back, who signs; and open again, with what has to be proved anew. */
export const handOverBodies = {
  refilled: z.strictObject({ what: z.enum(FLUIDS), amount: text(40) }),
  /** Empty: every tool is back on its hook. */
  tools_counted: z.strictObject({ missing: text(160) }),
  estimate_noted: spent,
  spent_noted: spent,
  hand_over_signed: z.strictObject({ as: z.enum(SIGNERS), name: text(60).min(1) }),
  job_handed_over: empty,
  /** What is done again: pieces of work, floats and stacks by their keys; seats say it themselves. */
  job_opened_again: z.strictObject({
    why: text(160).min(1),
    /** Taken apart: its work is asked for again, however far its seats are. Left out: of records made before that was asked. */
    isApart: z.boolean().optional(),
    tasks: z.array(keySchema).max(80),
    floats: z.array(keySchema).max(30),
    stacks: z.array(keySchema).max(40),
  }),
  /** Its part comes out again: all that was said of it before stays on record and counts no more. */
  seat_opened_again: empty,
} as const;
