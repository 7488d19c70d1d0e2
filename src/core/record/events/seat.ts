import { z } from 'zod';
import { CLEANINGS, HEAT_SOURCES, REMEDIES, STOPS, TOOL_WAYS, WAYS_IN } from '../vocabulary';
import { empty, finite, text } from './fields';

/** A seat before its part goes in: cleaned, believed or mended, and the way in chosen. */
export const seatBodies = {
  cleaned: z.strictObject({ what: z.enum(CLEANINGS) }),
  usual_fit_accepted: empty,
  remedy_chosen: z.strictObject({ remedy: z.enum(REMEDIES) }),
  remedy_checked: z.strictObject({ isGood: z.boolean() }),
  way_in_chosen: z.strictObject({
    way: z.enum(WAYS_IN),
    housingC: finite.min(-60).max(300),
    ringC: finite.min(-60).max(200),
    /** Left out: in an oven, the whole casting. */
    heatedBy: z.enum(HEAT_SOURCES).optional(),
    /** As wide as a bore of this temperature that grows freely; left out: `housingC`. */
    boreC: finite.min(-60).max(300).optional(),
    /** Clearance at which it is let go, mm on diameter; left out: the usual one. */
    wantedMm: finite.min(0.001).max(2).optional(),
    /** What stops the part where no shoulder does. */
    stop: z.enum(STOPS).optional(),
    /** Why, where it is not the one that was proposed, or goes beyond it. */
    because: text(120).optional(),
    /** Version of the formulas that gave it. */
    formulaVersion: z.string().max(20),
  }),
  caution_acknowledged: z.strictObject({ caution: z.string().max(40) }),
  laid_out: z.strictObject({ item: z.string().max(40) }),
  tool_sorted: z.strictObject({ need: z.string().max(40), how: z.enum(TOOL_WAYS) }),
} as const;
