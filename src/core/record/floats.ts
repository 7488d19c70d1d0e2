import { z } from 'zod';
import { CASTING_METALS } from './vocabulary';

/**
 * What is measured between parts, along an axis or round it: room for a crank, end float, run-out, side load, backlash, preload. Each is
 * judged against what is wanted of it, and is measured at the piece of work that names it. Lengths in mm, torque in N·m; what a closed
 * case loses, bar a minute.
 */
export const FLOAT_SORTS = [
  'room',
  'push_pull',
  'run_out',
  'side_load',
  'backlash',
  'preload',
  'even_faces',
  'o_ring',
  'case_pressure',
] as const;
export type FloatSort = (typeof FLOAT_SORTS)[number];

const key = z.string().regex(/^[a-z0-9_]{1,60}$/);
const name = z.string().trim().min(1).max(80);

/** One size of a chain. What adds makes room, what takes away fills it. */
const linkSchema = z.strictObject({
  key,
  name,
  sign: z.union([z.literal(1), z.literal(-1)]),
  /** As the kind or the manual has it; a reading stands above it. */
  nominalMm: z.number().min(0.01).max(3000),
  /** Until it is read it lies anywhere within ± this. */
  withinMm: z.number().min(0.001).max(10),
  /** Null: it does not grow to speak of (a gasket). */
  metal: z.enum([...CASTING_METALS, 'bearing_steel']).nullable(),
  /** As warm as the shaft, not as the casting. */
  isShaft: z.boolean(),
});
export type FloatLink = z.infer<typeof linkSchema>;

export const floatSchema = z
  .strictObject({
    key,
    name,
    sort: z.enum(FLOAT_SORTS),
    links: z.array(linkSchema).max(12),
    /** What is wanted, mm, N·m of a preload, bar a minute of a pressure check. */
    low: z.number().min(-5).max(200),
    high: z.number().min(-5).max(200),
    /** A person took it from the machine’s manual; left out: the kind’s placeholder. */
    isFromManual: z.boolean().optional(),
    /** The stack that its shims lie in. */
    stackKey: key.optional(),
    /** It is to come out as this one was before: the same pieces back. */
    like: key.optional(),
    /** Running, °C. Left out: as is usual of an engine. */
    running: z
      .strictObject({ caseC: z.number().min(-40).max(250), shaftC: z.number().min(-40).max(250) })
      .optional(),
    /** Of a preload: from the axis to where it is pulled, mm. */
    leverMm: z.number().min(10).max(2000).optional(),
    /** Of a pressure check: what the closed case holds, cm³, and how long it stands, minutes. */
    standing: z
      .strictObject({ volumeCm3: z.number().min(10).max(20_000), minutes: z.number().min(0.5).max(60) })
      .optional(),
  })
  .refine(({ low, high }) => low <= high, { path: ['high'], message: 'out_of_order' });
export type Float = z.infer<typeof floatSchema>;
