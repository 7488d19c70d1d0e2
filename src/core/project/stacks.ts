import type { EventBody } from '@/core/record/entries';
import type { PutBack, StackPiece } from '@/core/stack/pieces';
import { including, type Reducers } from './area';

/** Stacks as they came off and went back, by their key in the plan; and what was inspected. */
export type StacksState = {
  stacks: Record<string, { pieces: StackPiece[]; putBack: PutBack[] }>;
  inspected: Record<string, EventBody<'part_inspected'>>;
  /** Bagged, or back, as a whole, without a word on their pieces. */
  bagged: string[];
  backWhole: string[];
};

export const freshStacks: StacksState = { stacks: {}, inspected: {}, bagged: [], backWhole: [] };

const stackOf = ({ stacks }: StacksState, key: string) => stacks[key] ?? { pieces: [], putBack: [] };

export const stackReducers: Reducers<StacksState> = {
  stack_piece_noted: (state, body) => {
    const stack = stackOf(state, body.stackKey);
    // Noted again under its id, a piece is corrected, not doubled.
    const pieces = [...stack.pieces.filter(({ pieceId }) => pieceId !== body.pieceId), body];
    return { stacks: { ...state.stacks, [body.stackKey]: { ...stack, pieces } } };
  },
  stack_piece_put_back: (state, body) => {
    const stack = stackOf(state, body.stackKey);
    return { stacks: { ...state.stacks, [body.stackKey]: { ...stack, putBack: [...stack.putBack, body] } } };
  },
  stack_bagged: ({ bagged }, { stackKey }) => ({ bagged: including(bagged, stackKey) }),
  stack_put_back: ({ backWhole }, { stackKey }) => ({ backWhole: including(backWhole, stackKey) }),
  part_inspected: ({ inspected }, body) => ({ inspected: { ...inspected, [body.key]: body } }),
};
