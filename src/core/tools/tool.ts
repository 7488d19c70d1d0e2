import { z } from 'zod';
import { toolIdSchema } from '@/core/record/ids';

/**
 * What hangs on the shop's tool wall. Sizes in mm, forces in N, temperatures in °C. A socket serves as a driver by its outside, not by the
 * size of its hexagon.
 */
/** Tools whose size does not decide whether they serve. */
export const HAND_TOOLS = [
  'ring_pliers',
  'seal_hook',
  'ring_nut_wrench',
  'crank_tool',
  'feelers',
  'thread_locker',
] as const;

const mm = (min: number, max: number) => z.number().min(min).max(max);
const common = {
  id: toolIdSchema,
  name: z.string().trim().min(1).max(80),
  /** Who has it, while it is away; left out: it hangs here. */
  lentTo: z.string().trim().min(1).max(80).optional(),
};
/** Of an oven or a freezer: castings or parts at once (left out: one casting, many parts), and how much hotter it is than it says. */
const place = {
  holds: z.number().int().min(1).max(60).optional(),
  offsetK: z.number().min(-40).max(40).optional(),
};
const push = { outsideMm: mm(3, 400), insideMm: mm(0, 390), lengthMm: mm(3, 1000) };

export const toolSchema = z.discriminatedUnion('sort', [
  z.strictObject({ ...common, sort: z.literal('driver'), ...push }),
  z.strictObject({ ...common, sort: z.literal('socket'), ...push }),
  z.strictObject({
    ...common,
    sort: z.literal('receiver'),
    insideMm: mm(5, 400),
    outsideMm: mm(6, 420),
    lengthMm: mm(3, 1000),
  }),
  z.strictObject({ ...common, sort: z.literal('collet'), fromMm: mm(4, 200), toMm: mm(4, 210) }),
  z.strictObject({
    ...common,
    sort: z.literal('rod'),
    threadMm: mm(4, 60),
    pitchMm: mm(0.5, 8),
    lengthMm: mm(50, 3000),
    hasThrustBearing: z.boolean(),
  }),
  z.strictObject({ ...common, sort: z.literal('press'), maxN: z.number().min(100).max(5_000_000) }),
  z.strictObject({
    ...common,
    sort: z.literal('clamp'),
    maxN: z.number().min(100).max(200_000),
    openingMm: mm(10, 2000),
  }),
  z.strictObject({
    ...common,
    ...place,
    sort: z.literal('heat'),
    maxC: z.number().min(40).max(600),
    isEven: z.boolean(),
  }),
  z.strictObject({ ...common, ...place, sort: z.literal('cold'), minC: z.number().min(-200).max(10) }),
  z.strictObject({ ...common, sort: z.literal('puller'), fromMm: mm(4, 400), toMm: mm(4, 500) }),
  /** Expands inside of a part that nothing reaches from behind. */
  z.strictObject({ ...common, sort: z.literal('blind_puller'), fromMm: mm(4, 200), toMm: mm(4, 210) }),
  // Known by their name alone.
  z.strictObject({ ...common, sort: z.enum(HAND_TOOLS) }),
]);
export type Tool = z.infer<typeof toolSchema>;
export type ToolSort = Tool['sort'];
