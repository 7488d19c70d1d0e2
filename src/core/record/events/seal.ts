import { z } from 'zod';
import {
  COLLAR_STATES,
  SEAL_DRIVERS,
  SEAL_FAILURES,
  SEAL_LIPS,
  SEAL_OUTSIDES,
  SEAL_SIDES,
  SEAL_WAY_TOLD_BY,
} from '../sealVocabulary';
import { mm } from './fields';

/** A seal: how it is built and what it parts, which way it looks, each try to fit it, and what proves it. */
export const sealBodies = {
  seal_kind_noted: z.strictObject({
    lips: z.enum(SEAL_LIPS),
    /** Toward the machine’s inside, and toward its outside. */
    inside: z.enum(SEAL_SIDES),
    outside: z.enum(SEAL_SIDES),
  }),
  /** Which way its spring looks, where a person had to find it out. */
  seal_way_told: z.strictObject({
    springToward: z.enum(['inside', 'outside']),
    by: z.enum(SEAL_WAY_TOLD_BY),
  }),
  /** How loose or tight it sat when it was tried: bigger than its bed by some tenths is right. */
  seal_tried: z.strictObject({
    bed: z.enum(['right', 'too_loose', 'too_tight']),
    lip: z.enum(['right', 'too_loose', 'too_tight']),
  }),
  /** `own`: the seat is the seal’s; `guard`: it stands in front of the seat’s bearing, which stays where it is. */
  seal_failed: z.strictObject({ how: z.enum(SEAL_FAILURES), of: z.enum(['own', 'guard']) }),
  seal_fitted: z.strictObject({
    outside: z.enum(SEAL_OUTSIDES),
    driver: z.enum(SEAL_DRIVERS).optional(),
    depthMm: mm(-5, 60).optional(),
  }),
  /** Felt round its rim: as deep all the way. */
  seal_felt: z.strictObject({ isEven: z.boolean() }),
  /** The shaft or collar turned and rocked through the lip. */
  lip_checked: z.strictObject({ isFolded: z.boolean() }),
  collar_noted: z.strictObject({ state: z.enum(COLLAR_STATES) }),
} as const;
