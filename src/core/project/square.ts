import type { DepthSense } from '@/core/seating/squareness';
import type { EventBody } from '@/core/record/entries';
import type { Reducers } from './area';

export type HomeSign = EventBody<'squared_by_eye'>['signs'][number];

/** One pass round the ring. Times in ms since the epoch. */
export type SquarePass = { pass: number; sense: DepthSense; circleMm: number; startedMs: number };

export type SquareState = {
  passes: SquarePass[];
  /** Proven square: by a pass of readings, or by the signs of eye, ear and hand. */
  accepted: { pass: number | null; overruled: boolean; signs: readonly HomeSign[]; atMs: number } | null;
};

export const freshSquare: SquareState = { passes: [], accepted: null };

export const squareReducers: Reducers<SquareState> = {
  square_pass_started: ({ passes }, body, { atMs }) => ({
    passes: [...passes, { ...body, startedMs: atMs }],
  }),
  square_accepted: (_state, body, { atMs }) => ({ accepted: { ...body, signs: [], atMs } }),
  squared_by_eye: (_state, { signs }, { atMs }) => ({
    accepted: { pass: null, overruled: false, signs, atMs },
  }),
};
