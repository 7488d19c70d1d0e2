import { z } from 'zod';
import { DEPTH_SOURCES, HOME_SIGNS, NOTES_HEARD } from '../vocabulary';
import { empty, finite, mm } from './fields';

/** Squaring up, pass by pass, and how deep the part goes. */
export const squareBodies = {
  depth_target_set: z.strictObject({
    from: z.enum(DEPTH_SOURCES),
    /** Below the face, below zero standing out; only where a number says it. */
    depthMm: mm(-200, 300).optional(),
    /** How far off is still there, ±; left out: as is usual for what says it. */
    withinMm: mm(0.005, 10).optional(),
  }),
  square_pass_started: z.strictObject({
    pass: z.int().min(1).max(99),
    sense: z.enum(['sunk', 'standing_out']),
    circleMm: finite.min(1).max(400),
  }),
  /** Home and square by the signs that eye, ear and hand gave: no gauge. */
  squared_by_eye: z.strictObject({ signs: z.array(z.enum(HOME_SIGNS)).min(1).max(HOME_SIGNS.length) }),
  /** What was heard while it was driven, in figures: the sound itself is never kept. */
  note_heard: z.strictObject({
    verdict: z.enum(NOTES_HEARD),
    blows: z.int().min(1).max(500),
    /** The first blow that sounded otherwise, from 1; null: none. */
    changedAt: z.int().min(1).max(500).nullable(),
    /** Where half of the sound’s power lies above, Hz, of the first blows and of the last. */
    middleHz: z.strictObject({ first: z.number().min(50).max(30_000), last: z.number().min(50).max(30_000) }),
  }),
  square_accepted: z.strictObject({ pass: z.int().min(1).max(99), overruled: z.boolean() }),
  /** It is in its groove; a person looked whether all round, and whether clear of an oil passage. */
  retaining_ring_in: z.strictObject({ isAllRound: z.boolean(), isClearOfPassage: z.boolean() }).partial(),
  /** It would not enter its groove: the part is not home. */
  retaining_ring_refused: empty,
} as const;
