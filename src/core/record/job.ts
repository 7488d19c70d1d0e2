import { z } from 'zod';
import type { Tool } from '@/core/tools/tool';
import type { Entries } from './entries';
import { daySchema, momentSchema } from '@/core/quantity/moment';
import { planSchema } from './plan';
import { CASTING_METALS, WALKS } from './vocabulary';

const id = z.uuid();
const mm = (min: number, max: number) => z.number().min(min).max(max);
const name = z.string().trim().min(1).max(80);

/** The part that goes into a seat, sizes in mm. */
export const partSchema = z.strictObject({
  designation: z.string().trim().min(1).max(40),
  boreMm: mm(3, 200),
  outsideMm: mm(6, 300),
  widthMm: mm(2, 80),
  chamferMm: mm(0, 5),
  /** Left out: a deep-groove ball bearing. */
  type: z
    .enum([
      'deep_groove',
      'cylindrical_roller',
      'tapered_roller',
      'drawn_cup',
      'needle_rings',
      'bush',
      'seal',
    ])
    .optional(),
  /** Left out: bearing steel. */
  material: z.enum(['bearing_steel', 'tin_bronze', 'mild_steel', 'grey_iron']).optional(),
  closure: z.enum(['open', 'shielded', 'sealed']),
  cage: z.enum(['steel', 'polyamide']),
});

/**
 * A bearing seat as its drawing shows it, sizes in mm. Depths count from the face that the part goes in from.
 * `version` guards against two people editing one seat.
 */
export const seatSpecSchema = z
  .strictObject({
    kind: z.literal('bearing_in_bore'),
    part: partSchema,
    housing: z.strictObject({
      bossOutsideMm: mm(8, 500),
      /** From the face down to the shoulder that stops the part. */
      depthToShoulderMm: mm(1, 200),
      shoulderBoreMm: mm(0, 300),
      /** Whole thickness of the boss, face to back. */
      bossHeightMm: mm(2, 250),
      webThicknessMm: mm(1, 60),
      /** The bore goes through without a shoulder: depth is a number, and the part can leave on both sides. */
      isThrough: z.boolean().optional(),
      /** False: no puller may stand on this face. */
      faceCarries: z.boolean().optional(),
    }),
    retainingRing: z
      .strictObject({ grooveFromFaceMm: mm(0.2, 100), thicknessMm: mm(0.5, 6), grooveDiameterMm: mm(6, 320) })
      .nullable(),
    seal: z
      .strictObject({
        shaftMm: mm(3, 250),
        outsideMm: mm(6, 300),
        widthMm: mm(2, 30),
        material: z.enum(['nbr', 'acm', 'fkm']),
        /** Lip and spring face the bearing (its oil) or away from it. */
        springToward: z.enum(['bearing', 'outside']),
        /** An old seal still sits in the casting. */
        leftIn: z.boolean(),
      })
      .nullable(),
    load: z.enum(['standing', 'rotating']),
    running: z.strictObject({ housingC: z.number().min(-40).max(250), ringC: z.number().min(-40).max(250) }),
    usualClass: z.enum(['H7', 'J7', 'K7', 'M7', 'N7', 'P7', 'R7']),
    /** The shaft that goes into the part: its other mate. Left out where there is none. */
    journal: z.strictObject({ name, nominalMm: mm(3, 200) }).optional(),
  })
  .superRefine((spec, context) => {
    const refuse = (path: string[], message: string) => context.addIssue({ code: 'custom', path, message });
    const { part, housing, retainingRing } = spec;
    if (part.outsideMm <= part.boreMm) refuse(['part', 'outsideMm'], 'not_above_bore');
    if (housing.bossOutsideMm <= part.outsideMm) refuse(['housing', 'bossOutsideMm'], 'not_above_outside');
    if (housing.bossHeightMm < housing.depthToShoulderMm)
      refuse(['housing', 'bossHeightMm'], 'less_than_shoulder_depth');
    const ringEndMm = retainingRing ? retainingRing.grooveFromFaceMm + retainingRing.thicknessMm : 0;
    if (retainingRing && ringEndMm > housing.depthToShoulderMm - part.widthMm + 0.01)
      refuse(['housing', 'depthToShoulderMm'], 'no_space_for_ring');
    if (housing.shoulderBoreMm >= part.outsideMm) refuse(['housing', 'shoulderBoreMm'], 'no_shoulder');
  });
export type SeatSpec = z.infer<typeof seatSpecSchema>;

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

export const seatSchema = z.strictObject({
  id,
  name,
  xMm: mm(-2000, 2000),
  yMm: mm(-2000, 2000),
  spec: seatSpecSchema,
  version: z.int().min(1),
  /** Left out: the working face, as the map is drawn. */
  face: z.enum(['front', 'back']).optional(),
});
export type Seat = z.infer<typeof seatSchema>;

export const castingSchema = z.strictObject({
  id,
  name,
  material: z.enum(CASTING_METALS),
  massKg: z.number().min(0.01).max(200),
  areaM2: z.number().min(0.0005).max(5),
  map: castingMapSchema,
  seats: z.array(seatSchema).max(40),
});
export type Casting = z.infer<typeof castingSchema>;

export const instrumentSchema = z.strictObject({
  id,
  name,
  kind: z.enum(['bore_gauge', 'micrometer', 'depth_gauge', 'contact_probe', 'by_hand']),
  /** mm, or K for a probe. */
  resolution: z.number().positive().max(5),
  /** Standard uncertainty with its setting, mm, or K for a probe. */
  u: z.number().positive().max(20),
  isSimulated: z.boolean(),
  /** Last day on which its calibration holds; null: not watched. */
  calibrationDue: daySchema.nullable().optional(),
});
export type Instrument = z.infer<typeof instrumentSchema>;

export const personSchema = z.strictObject({
  id,
  initials: z.string().trim().min(1).max(4),
  name,
  units: z.enum(['metric', 'metric_um', 'imperial']),
  walk: z.enum(WALKS).optional(),
});
export type Person = z.infer<typeof personSchema>;

/** Numbers are counted up, and written on bags. */
export const JOB_NUMBER_MAX = 999_999;

/** A job with everything but its entries. */
export const jobHeadSchema = z.strictObject({
  id,
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
  plan: planSchema,
});
export type JobHead = z.infer<typeof jobHeadSchema>;

/** A photograph without its picture, which is fetched by its id. */
export const photographSchema = z.strictObject({
  id,
  seatId: id.nullable(),
  personId: id,
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
};
