import { z } from 'zod';
import { AGAINST_REASONS, RACE_HEATS, SHAFT_OFF_WAYS, SHAFT_ON_WAYS } from '../vocabulary';
import { empty, finite, text } from './fields';

/** A seat on a shaft: its bearing or cone comes off, and another goes on. */
export const shaftBodies = {
  off_shaft: z.strictObject({
    way: z.enum(SHAFT_OFF_WAYS),
    isSpoilt: z.boolean(),
    /** In a person's words, for another way. */
    how: text(120).optional(),
    /** Why, where something spoke against it. */
    because: z.enum(AGAINST_REASONS).optional(),
  }),
  onto_shaft: z.strictObject({
    way: z.enum(SHAFT_ON_WAYS),
    how: text(120).optional(),
    because: z.enum(AGAINST_REASONS).optional(),
  }),
  /** The bearing itself is warmed, to slide onto its shaft or off it. `gun`: `sourceC` is what its inner race is to reach. */
  race_into_heat: z.strictObject({
    source: z.enum(RACE_HEATS),
    sourceC: finite.min(20).max(200),
    does: z.enum(['on', 'off']),
  }),
  /** How hot its inner race is, by a thermometer or a stick that melted. */
  race_heat_read: z.strictObject({ celsius: finite.min(0).max(250) }),
  race_out_of_heat: empty,
  /** The shaft, or the gear, that it goes over. */
  shaft_into_freezer: z.strictObject({ freezerC: finite.min(-90).max(10) }),
  /** It holds half way along its seat. */
  race_grabbed: empty,
} as const;
