import type { DepthSense } from '@/core/seating/squareness';
import type { EventBody } from '@/core/record/entries';
import type { Reducers } from './area';

export type HomeSign = EventBody<'squared_by_eye'>['signs'][number];

/** One pass round the ring. Times in ms since the epoch. */
export type SquarePass = { pass: number; sense: DepthSense; circleMm: number; startedMs: number };

export type SquareState = {
  /** What a person said of how deep it goes; null: nothing. */
  depthSaid: EventBody<'depth_target_set'> | null;
  passes: SquarePass[];
  /** What the device’s ear made of the blows, the last time; null: nobody asked it. */
  heard: EventBody<'note_heard'> | null;
  /** Its retaining ring: in its groove, with what was looked at, or refused by it. */
  ring: { isIn: true; isAllRound: boolean | null; isClearOfPassage: boolean | null } | { isIn: false } | null;
  /** Proven square: by a pass of readings, or by the signs of eye, ear and hand. */
  accepted: { pass: number | null; overruled: boolean; signs: readonly HomeSign[]; atMs: number } | null;
};

export const freshSquare: SquareState = {
  depthSaid: null,
  heard: null,
  ring: null,
  passes: [],
  accepted: null,
};

export const squareReducers: Reducers<SquareState> = {
  depth_target_set: (_state, body) => ({ depthSaid: body }),
  retaining_ring_in: (_state, { isAllRound = null, isClearOfPassage = null }) => ({
    ring: { isIn: true, isAllRound, isClearOfPassage },
  }),
  // What keeps its ring out is not home: what was read round it is to be read again.
  retaining_ring_refused: () => ({ ring: { isIn: false }, accepted: null }),
  note_heard: (_state, body) => ({ heard: body }),
  home: ({ ring }) => ({ ring: ring?.isIn ? ring : null }),
  seal_failed: ({ accepted }, { of }) => ({ accepted: of === 'own' ? null : accepted }),
  square_pass_started: ({ passes }, body, { atMs }) => ({
    passes: [...passes, { ...body, startedMs: atMs }],
  }),
  square_accepted: (_state, body, { atMs }) => ({ accepted: { ...body, signs: [], atMs } }),
  squared_by_eye: (_state, { signs }, { atMs }) => ({
    accepted: { pass: null, overruled: false, signs, atMs },
  }),
};
