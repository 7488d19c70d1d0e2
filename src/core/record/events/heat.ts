import { z } from 'zod';
import { CASTING_STUFF, FELT_BY, HEAT_SOURCES, HOME_HOWS, RESCUE_STEPS, RESTS } from '../vocabulary';
import { toolIdSchema } from '../ids';
import { empty, finite } from './fields';

/** Which oven or freezer: by its id on the tool wall, with the name that it had then. */
export const heatPlaceSchema = z.strictObject({
  toolId: toolIdSchema,
  name: z.string().trim().min(1).max(80),
});
export type HeatPlace = z.infer<typeof heatPlaceSchema>;

/** Heat and cold, and what became of the drop. `place`: null where it was not said. */
export const heatBodies = {
  part_into_freezer: z.strictObject({
    freezerC: finite.min(-90).max(10),
    place: heatPlaceSchema.nullable(),
  }),
  /** Read on the part itself while it lies in the cold. */
  part_cold_read: z.strictObject({ celsius: finite.min(-90).max(60) }),
  casting_into_heat: z.strictObject({
    /** `gun`: hot air or a torch on the boss alone; `sourceC` is then what the boss is to reach. */
    source: z.enum(HEAT_SOURCES),
    sourceC: finite.min(20).max(300),
    castingC: finite.min(-30).max(300),
    place: heatPlaceSchema.nullable(),
  }),
  /** Said once per heat, before the door opens; unsaid: wood. */
  casting_rest_noted: z.strictObject({ on: z.enum(RESTS) }),
  /** A temperature stick melted or did not, a drop of water boiled or lay still: it is at least so hot, or less. */
  casting_heat_felt: z.strictObject({
    by: z.enum(FELT_BY),
    celsius: finite.min(20).max(300),
    isAtLeast: z.boolean(),
  }),
  /** Something on the casting that heat spoils, `apartMm` outside of this seat's boss; or it is not there (any more). */
  casting_stuff_noted: z.strictObject({
    what: z.enum(CASTING_STUFF),
    isThere: z.boolean(),
    apartMm: finite.min(0).max(500),
  }),
  casting_out: empty,
  let_go: empty,
  /** `how`: left out where nobody said. */
  home: z.strictObject({ how: z.enum(HOME_HOWS).optional() }),
  stuck: z.strictObject({ depthMm: finite.min(0).max(200).nullable() }),
  rescue_noted: z.strictObject({ step: z.enum(RESCUE_STEPS) }),
} as const;
