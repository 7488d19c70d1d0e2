import type { EventBody } from '@/core/record/entries';
import type { CollarState, SealFailure } from '@/core/record/sealVocabulary';
import type { Reducers } from './area';

/** The seal of a seat, its own or the one in front of its bearing. Times in ms since the epoch. */
export type SealState = {
  sealKind: EventBody<'seal_kind_noted'> | null;
  sealWay: EventBody<'seal_way_told'> | null;
  sealTried: EventBody<'seal_tried'> | null;
  /** Seals that a try used up. */
  sealsSpoilt: { how: SealFailure; atMs: number }[];
  /** It is in, with what is on its outside. */
  sealFitted: (EventBody<'seal_fitted'> & { atMs: number }) | null;
  /** Null: not felt yet. */
  isSealEven: boolean | null;
  isLipFolded: boolean | null;
  collar: CollarState | null;
};

export const freshSeal: SealState = {
  sealKind: null,
  sealWay: null,
  sealTried: null,
  sealsSpoilt: [],
  sealFitted: null,
  isSealEven: null,
  isLipFolded: null,
  collar: null,
};

const UNPROVEN = { isSealEven: null, isLipFolded: null } as const;

export const sealReducers: Reducers<SealState> = {
  seal_kind_noted: (_state, body) => ({ sealKind: body }),
  seal_way_told: (_state, body) => ({ sealWay: body }),
  seal_tried: (_state, body) => ({ sealTried: body }),
  // It comes out again, and another one goes in.
  seal_failed: ({ sealsSpoilt }, { how }, { atMs }) => ({
    ...UNPROVEN,
    sealsSpoilt: [...sealsSpoilt, { how, atMs }],
    sealFitted: null,
  }),
  seal_fitted: (_state, body, { atMs }) => ({ ...UNPROVEN, sealFitted: { ...body, atMs } }),
  seal_felt: (_state, { isEven }) => ({ isSealEven: isEven }),
  lip_checked: (_state, { isFolded }) => ({ isLipFolded: isFolded }),
  collar_noted: (_state, { state }) => ({ collar: state }),
};
