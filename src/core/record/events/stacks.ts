import { z } from 'zod';
import { keySchema } from '../plan';
import { FINDINGS, PIECES, SIDES } from '../vocabulary';
import { pieceIdSchema } from '../ids';
import { mm, text } from './fields';

/** Stacks that come off a shaft's end, piece by piece, and what is inspected beside them. */
export const stackBodies = {
  stack_piece_noted: z.strictObject({
    stackKey: keySchema,
    pieceId: pieceIdSchema,
    position: z.int().min(1).max(40),
    what: z.enum(PIECES),
    thicknessMm: mm(0.01, 200).nullable(),
    notches: z.int().min(0).max(12),
    side: z.enum(SIDES),
    mark: text(40),
    place: text(60),
  }),
  stack_piece_put_back: z.strictObject({
    stackKey: keySchema,
    pieceId: pieceIdSchema,
    thicknessMm: mm(0.01, 200).nullable(),
    side: z.enum(SIDES),
    position: z.int().min(1).max(40),
  }),
  /** Bagged and photographed as it came off, and put back so: without a word on its pieces. */
  stack_bagged: z.strictObject({ stackKey: keySchema }),
  stack_put_back: z.strictObject({ stackKey: keySchema }),
  part_inspected: z.strictObject({
    key: keySchema,
    finding: z.enum(FINDINGS),
    valueMm: mm(0, 500).nullable(),
  }),
} as const;
