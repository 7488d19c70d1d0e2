import { z } from 'zod';
import { SEAL_LIPS } from './sealVocabulary';

const mm = (min: number, max: number) => z.number().min(min).max(max);

/** Metals that a part is of where it meets its seat. */
export const PART_METALS = ['bearing_steel', 'tin_bronze', 'mild_steel', 'grey_iron'] as const;
export const SEAL_MATERIALS = ['nbr', 'acm', 'fkm'] as const;

/** Every part has these, in mm. A seal's `boreMm` is the shaft that its lip runs on. */
const sizes = {
  designation: z.string().trim().min(1).max(40),
  boreMm: mm(3, 200),
  outsideMm: mm(6, 300),
  widthMm: mm(2, 80),
  chamferMm: mm(0, 5),
};
/** Left out: bearing steel. */
const material = z.enum(PART_METALS).optional();
const closed = { closure: z.enum(['open', 'shielded', 'sealed']), cage: z.enum(['steel', 'polyamide']) };

/** A bearing that goes in whole. */
export const bearingPartSchema = z.strictObject({
  ...sizes,
  type: z.enum(['deep_groove', 'cylindrical_roller', 'drawn_cup', 'needle_rings']),
  material,
  ...closed,
});

/** The outer race of a taper roller bearing by itself: rollers and cage stay on the cone. `widthMm` is the race's own. */
export const racePartSchema = z.strictObject({ ...sizes, type: z.literal('tapered_roller'), material });

/** A cone with its rollers and cage: the inner half of a taper roller bearing. */
export const conePartSchema = z.strictObject({ ...sizes, type: z.literal('tapered_roller'), ...closed });

export const bushPartSchema = z.strictObject({
  ...sizes,
  type: z.literal('bush'),
  material: z.enum(PART_METALS),
});

export const sealPartSchema = z.strictObject({
  ...sizes,
  type: z.literal('seal'),
  material: z.enum(SEAL_MATERIALS),
  /** How it is built; left out: nobody said, one lip. */
  lips: z.enum(SEAL_LIPS).optional(),
});

/** What goes into a bore. */
export type BorePart =
  | z.infer<typeof bearingPartSchema>
  | z.infer<typeof racePartSchema>
  | z.infer<typeof bushPartSchema>
  | z.infer<typeof sealPartSchema>;
