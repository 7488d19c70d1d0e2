import { z } from 'zod';

/** Fields that the bodies of events are made of. */
export const mm = (min: number, max: number) => z.number().min(min).max(max);
export const text = (max: number) => z.string().trim().max(max);
export const finite = z.number().refine(Number.isFinite);
/** An event that says all by its kind. */
export const empty = z.strictObject({});
