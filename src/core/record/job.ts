import { z } from 'zod';
import type { Learned } from '@/core/heat/learned';
import type { Thresholds } from '@/core/heat/mildest';
import type { Tool } from '@/core/tools/tool';
import type { Entries } from './entries';
import { momentSchema } from '@/core/quantity/moment';
import { castingIdSchema, jobIdSchema, personIdSchema, photographIdSchema, seatIdSchema } from './ids';
import { keySchema, planSchema } from './plan';
import { boreSpecSchema } from './seatSpec';
import { shaftSchema } from './shafts';
import type { Instrument } from './instrument';
import type { Person } from './person';
import { CASTING_METALS } from './vocabulary';

const mm = (min: number, max: number) => z.number().min(min).max(max);
const name = z.string().trim().min(1).max(80);

const point = z.tuple([z.number().min(-2000).max(2000), z.number().min(-2000).max(2000)]);

/** The casting seen from the working face, mm, y upward, standing on y = 0. Rounded corners are drawn from the radius. */
export const castingMapSchema = z.strictObject({
  outline: z
    .array(z.strictObject({ at: point, radiusMm: mm(0, 400) }))
    .min(3)
    .max(60),
  bolts: z.array(point).max(60),
  ribs: z.array(z.tuple([point, point])).max(60),
});
export type CastingMap = z.infer<typeof castingMapSchema>;

/** A seat in a casting; `version` guards against two people editing one seat. */
export const seatSchema = z.strictObject({
  id: seatIdSchema,
  name,
  xMm: mm(-2000, 2000),
  yMm: mm(-2000, 2000),
  spec: boreSpecSchema,
  version: z.int().min(1),
  /** Left out: the working face, as the map is drawn. */
  face: z.enum(['front', 'back']).optional(),
});
export type Seat = z.infer<typeof seatSchema>;

export const castingSchema = z.strictObject({
  id: castingIdSchema,
  name,
  material: z.enum(CASTING_METALS),
  massKg: z.number().min(0.01).max(200),
  areaM2: z.number().min(0.0005).max(5),
  map: castingMapSchema,
  seats: z.array(seatSchema).max(40),
});
export type Casting = z.infer<typeof castingSchema>;

/** Numbers are counted up, and written on bags. */
export const JOB_NUMBER_MAX = 999_999;

/** A job with everything but its entries. */
export const jobHeadSchema = z.strictObject({
  id: jobIdSchema,
  number: z.int().min(1).max(JOB_NUMBER_MAX),
  kind: z.enum([
    'one_seat',
    'own',
    'two_stroke_crankcase',
    'offroad_crankcase',
    'saw_crankcase',
    'blind_needle_gearbox_a',
    'blind_needle_gearbox_b',
    'side_gearbox',
    'pulley_half',
    'wheel_hub',
    'swing_arm',
    'steering_head',
    'final_drive',
    'flat_twin_housing',
    'press_tool_main',
    'seal_only',
  ]),
  machine: name,
  machineSort: name,
  roomC: z.number().min(-20).max(50),
  openedAt: momentSchema,
  castings: z.array(castingSchema).min(1).max(8),
  shafts: z.array(shaftSchema).max(40),
  plan: planSchema,
});
export type JobHead = z.infer<typeof jobHeadSchema>;

/** A photograph without its picture, which is fetched by its id. */
export const photographSchema = z.strictObject({
  id: photographIdSchema,
  seatId: seatIdSchema.nullable(),
  /** The thing that it is of, as a note names it; null: the seat, or the job. Left out by files of before. */
  about: keySchema.nullable().default(null),
  personId: personIdSchema,
  caption: z.string().trim().max(120),
  widthPx: z.int().min(1).max(4000),
  heightPx: z.int().min(1).max(4000),
  bytes: z.int().min(1).max(8_000_000),
  takenAt: momentSchema,
});
export type Photograph = z.infer<typeof photographSchema>;

/** A job as a page loads it: plain data, from which all else is derived. */
export type JobRecord = JobHead & {
  entries: Entries;
  people: Person[];
  instruments: Instrument[];
  photographs: Photograph[];
  tools: Tool[];
  /** From where on a nip counts as real in this shop. */
  rules: Thresholds;
  /** What the shop's own heats have taught; left out or null: nothing yet, or it is switched off. */
  learned?: Learned | null;
  /** Of the demo: what is simulated serves it as a matter of course. */
  isDemo: boolean;
};
