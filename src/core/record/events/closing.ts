import { z } from 'zod';
import { BOLT_FINDINGS, TURN_FEELS } from '../closingVocabulary';
import { empty } from './fields';

const bolt = z.int().min(0).max(59);
const pass = z.int().min(1).max(5);

/** Bolts of a casting's joint, each by its place on the casting's map, and how the shafts turn between the passes. */
export const closingBodies = {
  /** Final torque, N·m; null: by hand with a short ratchet. What was tightened before counts no more. */
  joint_set: z.strictObject({ torqueNm: z.number().min(0.5).max(500).nullable() }),
  bolt_tightened: z.strictObject({ bolt, pass }),
  /** Found as it was dropped into its hole, or as it was turned. */
  bolt_noted: z.strictObject({ bolt, what: z.enum(BOLT_FINDINGS) }),
  /** Turned after a pass; pass 0: before the first bolt. */
  turn_felt: z.strictObject({ pass: z.int().min(0).max(5), feel: z.enum(TURN_FEELS) }),
  joint_loosened: empty,
} as const;
