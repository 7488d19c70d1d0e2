import { z } from 'zod';
import { stepSchema } from '../plan';
import { SKIP_REASONS, WAIT_REASONS } from '../vocabulary';
import { empty, text } from './fields';

/** The job on its way: steps left out, waiting, off the bench. */
export const walkBodies = {
  step_skipped: z.strictObject({ step: stepSchema, reason: z.enum(SKIP_REASONS) }),
  waiting_noted: z.strictObject({ reason: z.enum(WAIT_REASONS), note: text(160) }),
  waiting_over: empty,
  /** Off the bench, with its record; undone by withdrawing this. */
  job_put_away: empty,
  seat_removed: empty,
} as const;
