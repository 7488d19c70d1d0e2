import type { DepthSense } from '@/core/seating/squareness';
import type { Reducers } from './area';

/** One pass round the ring. Times in ms since the epoch. */
export type SquarePass = { pass: number; sense: DepthSense; circleMm: number; startedMs: number };

export type SquareState = {
  passes: SquarePass[];
  accepted: { pass: number; overruled: boolean; atMs: number } | null;
};

export const freshSquare: SquareState = { passes: [], accepted: null };

export const squareReducers: Reducers<SquareState> = {
  square_pass_started: ({ passes }, body, { atMs }) => ({
    passes: [...passes, { ...body, startedMs: atMs }],
  }),
  square_accepted: (_state, body, { atMs }) => ({ accepted: { ...body, atMs } }),
};
