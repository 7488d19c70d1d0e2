import { z } from 'zod';
import { HOUSING_CLASSES, SHAFT_CLASSES } from '@/core/catalogue/limits';
import { seatIdSchema } from './ids';
import {
  SEAL_MATERIALS,
  bearingPartSchema,
  bushPartSchema,
  conePartSchema,
  racePartSchema,
  sealPartSchema,
} from './fittedPart';
import { SEAL_LIPS } from './sealVocabulary';

/**
 * A seat as its drawing shows it, sizes in mm: a bore of a casting (depths count from the face that the part goes in from), or a
 * journal on a shaft.
 */
const mm = (min: number, max: number) => z.number().min(min).max(max);
const celsius = z.number().min(-40).max(250);

const inBore = {
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
};

const load = z.enum(['standing', 'rotating']);

/** Casting, outer race, and shaft with the inner race on it, °C, in one state of the machine. */
const inState = z.strictObject({ housingC: celsius, ringC: celsius, shaftC: celsius });

/** What holds by metal on metal has a fit, and may have a seal in front of it. */
const fitted = {
  ...inBore,
  seal: z
    .strictObject({
      shaftMm: mm(3, 250),
      outsideMm: mm(6, 300),
      widthMm: mm(2, 30),
      material: z.enum(SEAL_MATERIALS),
      /** Lip and spring face the bearing (its oil) or away from it. */
      springToward: z.enum(['bearing', 'outside']),
      /** How it is built; left out: nobody said, one lip. */
      lips: z.enum(SEAL_LIPS).optional(),
      /** An old seal still sits in the casting. */
      leftIn: z.boolean(),
    })
    .nullable(),
  load,
  running: z.strictObject({
    housingC: celsius,
    ringC: celsius,
    /** Left out: as is usual beside the other two (`core/job/runningStates`). */
    shaftC: celsius.optional(),
  }),
  /** The other states, where somebody knows better than what is usual. */
  states: z.strictObject({ cold_start: inState, warm_up: inState, hottest: inState }).optional(),
  usualClass: z.enum(HOUSING_CLASSES),
};

type InBore = {
  part: { boreMm: number; outsideMm: number; widthMm: number };
  housing: z.infer<typeof inBore.housing>;
  retainingRing: z.infer<typeof inBore.retainingRing>;
};

function checkBore({ part, housing, retainingRing }: InBore, context: z.core.$RefinementCtx) {
  const refuse = (path: string[], message: string) => context.addIssue({ code: 'custom', path, message });
  if (part.outsideMm <= part.boreMm) refuse(['part', 'outsideMm'], 'not_above_bore');
  if (housing.bossOutsideMm <= part.outsideMm) refuse(['housing', 'bossOutsideMm'], 'not_above_outside');
  if (housing.bossHeightMm < housing.depthToShoulderMm)
    refuse(['housing', 'bossHeightMm'], 'less_than_shoulder_depth');
  const ringEndMm = retainingRing ? retainingRing.grooveFromFaceMm + retainingRing.thicknessMm : 0;
  if (retainingRing && ringEndMm > housing.depthToShoulderMm - part.widthMm + 0.01)
    refuse(['housing', 'depthToShoulderMm'], 'no_space_for_ring');
  if (housing.shoulderBoreMm >= part.outsideMm) refuse(['housing', 'shoulderBoreMm'], 'no_shoulder');
}

export const boreSpecSchema = z.discriminatedUnion('kind', [
  z
    .strictObject({ kind: z.literal('bearing_in_bore'), part: bearingPartSchema, ...fitted })
    .superRefine(checkBore),
  z.strictObject({ kind: z.literal('race_in_bore'), part: racePartSchema, ...fitted }).superRefine(checkBore),
  z.strictObject({ kind: z.literal('bush_in_bore'), part: bushPartSchema, ...fitted }).superRefine(checkBore),
  z.strictObject({ kind: z.literal('seal_in_bore'), part: sealPartSchema, ...inBore }).superRefine(checkBore),
]);
/** A seat in a casting. */
export type BoreSpec = z.infer<typeof boreSpecSchema>;
/** One that holds by its fit: all but a seal's. */
export type FittedSpec = Exclude<BoreSpec, { kind: 'seal_in_bore' }>;

const journal = z.strictObject({
  nominalMm: mm(3, 250),
  /** Along the shaft; null: not measured yet. */
  lengthMm: mm(1, 500).nullable(),
  fromFirstEndMm: mm(0, 3000).nullable(),
  /** The end that the shoulder lies toward; null: none stops the part. */
  shoulderToward: z.enum(['first', 'second']).nullable(),
});
/** The seat in a casting that the other half of the same part sits in; null: it sits nowhere else. */
const sharedWith = seatIdSchema.nullable();

export const shaftSpecSchema = z.discriminatedUnion('kind', [
  z
    .strictObject({
      kind: z.literal('bearing_on_shaft'),
      journal,
      sharedWith,
      /** Null: the part of the seat that it is shared with. */
      part: z.discriminatedUnion('type', [bearingPartSchema, conePartSchema]).nullable(),
      load,
      running: z.strictObject({ shaftC: celsius, ringC: celsius }),
      /** Null: not said. */
      usualClass: z.enum(SHAFT_CLASSES).nullable(),
    })
    .superRefine(({ part, sharedWith: seatId }, context) => {
      // One part is said in one place.
      if ((part === null) === (seatId === null))
        context.addIssue({ code: 'custom', path: ['part'], message: 'own_or_shared' });
    }),
  /** A running track: nothing is pressed on, a lip runs on it. */
  z.strictObject({ kind: z.literal('seal_on_shaft'), journal, sharedWith: seatIdSchema }),
]);
/** A seat on a shaft. */
export type ShaftSpec = z.infer<typeof shaftSpecSchema>;
export type SeatSpec = BoreSpec | ShaftSpec;
