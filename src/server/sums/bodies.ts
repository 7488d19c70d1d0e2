import { z } from 'zod';
import { LONGEST_ASKED } from '@/core/ask/answer';

/** Bodies and queries of the API's other questions: order of bolts and drops, bearings by size. */
export const boltOrderBody = z.object({
  bolts: z
    .array(
      z.object({
        id: z.string().min(1).max(40),
        x_mm: z.number().min(-10_000).max(10_000),
        y_mm: z.number().min(-10_000).max(10_000),
      }),
    )
    .min(1)
    .max(200),
  passes: z.array(z.number().gt(0).max(1)).min(1).max(10).default([0.3, 0.6, 1]),
});

export const dropOrderBody = z.object({
  seats: z
    .array(
      z.object({
        id: z.string().min(1).max(40),
        needed_C: z.number().min(-100).max(400),
        handling_s: z.number().min(0).max(3600).default(30),
        cools_by_K: z.number().min(0).max(100).default(0),
        face: z.enum(['inside', 'outside']).default('inside'),
        after: z.array(z.string().max(40)).max(40).default([]),
        before: z.array(z.string().max(40)).max(40).default([]),
      }),
    )
    .min(1)
    .max(40),
  start_C: z.number().min(-100).max(400),
  room_C: z.number().min(-60).max(60).default(20),
  time_constant_s: z.number().min(1).max(100_000),
  turn_over_s: z.number().min(0).max(3600).default(20),
  reheat_s: z.number().min(0).max(86_400).default(1200),
});

export const askQuery = z.object({
  q: z.string().min(1).max(LONGEST_ASKED),
  units: z.enum(['metric', 'metric_um', 'imperial']).default('metric'),
});

const size = z.coerce.number().gt(0).max(1000);
export const bearingQuery = z
  .object({
    bore_mm: size.optional(),
    outside_mm: size.optional(),
    width_mm: size.optional(),
    within_mm: z.coerce.number().min(0).max(20).default(1),
  })
  .refine(
    ({ bore_mm, outside_mm, width_mm }) =>
      bore_mm !== undefined || outside_mm !== undefined || width_mm !== undefined,
    { message: 'one_size_at_least', path: ['bore_mm'] },
  );

export const pusherQuery = z.object({
  format: z.enum(['svg', 'dxf']),
  bore_mm: size,
  outside_mm: size,
  width_mm: size,
  depth_to_shoulder_mm: z.coerce.number().min(0).max(500).default(0),
  rod_mm: z.coerce.number().min(3).max(60).default(10),
  type: z
    .enum(['deep_groove', 'cylindrical_roller', 'tapered_roller', 'drawn_cup', 'needle_rings'])
    .default('deep_groove'),
  race: z.enum(['outer', 'inner']).default('outer'),
});
