import { z } from 'zod';
import { stockIdSchema } from '@/core/record/ids';
import { STOCK_SORTS } from './sorts';

const mm = (min: number, max: number) => z.number().min(min).max(max);

/** Some pieces of one size in stock. Sizes in mm; null: not measured. `widthMm` is a shim's thickness, an O-ring's section. */
export const stockItemSchema = z.strictObject({
  id: stockIdSchema,
  /** Designation, or how the shop calls it. */
  name: z.string().trim().min(1).max(80),
  sort: z.enum(STOCK_SORTS),
  insideMm: mm(0.5, 300).nullable(),
  outsideMm: mm(1, 400).nullable(),
  widthMm: mm(0.02, 200).nullable(),
  count: z.int().min(0).max(9999),
  /** Where it comes from. */
  supplier: z.string().trim().max(80).optional(),
  /** Just in case: as many as should always lie here. */
  keepAtLeast: z.int().min(0).max(999).optional(),
});
export type StockItem = z.infer<typeof stockItemSchema>;
export type StockSort = StockItem['sort'];
