import { z } from 'zod';
import { journalIdSchema, shaftIdSchema } from './ids';
import { shaftSpecSchema } from './seatSpec';

const name = z.string().trim().min(1).max(80);

const shaftSeatSchema = z.strictObject({
  id: journalIdSchema,
  name,
  spec: shaftSpecSchema,
  version: z.int().min(1),
});
export type ShaftSeat = z.infer<typeof shaftSeatSchema>;

const endSchema = z.strictObject({
  name,
  /** As written on it (`M12×1.25`); null: none, or not known. */
  thread: z.string().trim().min(1).max(20).nullable(),
  isLeftHand: z.boolean(),
});

export const SHAFT_METALS = ['mild_steel', 'bearing_steel', 'grey_iron'] as const;

/** A shaft (crank, axle, sleeve, stem) with its seats; places along it count from its first end, mm. */
export const shaftSchema = z.strictObject({
  id: shaftIdSchema,
  name,
  material: z.enum(SHAFT_METALS),
  /** Null: not measured. */
  lengthMm: z.number().min(1).max(3000).nullable(),
  ends: z.tuple([endSchema, endSchema]),
  seats: z.array(shaftSeatSchema).max(20),
});
export type Shaft = z.infer<typeof shaftSchema>;
