import type { BoltFinding, TurnFeel } from '@/core/record/closingVocabulary';
import type { Reducers } from './area';

/** One joint on its way: which bolts are tight in which pass, and how it turned after each. Times in ms since the epoch. */
export type Joint = {
  /** N·m; null: by hand. */
  torqueNm: number | null;
  tightened: readonly { bolt: number; pass: number; atMs: number }[];
  /** By pass; 0: before the first bolt. The newest of each counts. */
  feels: Readonly<Record<number, TurnFeel>>;
  findings: Readonly<Record<number, BoltFinding>>;
};
export type ClosingState = { joints: Record<string, Joint> };

export const FRESH_JOINT: Joint = { torqueNm: null, tightened: [], feels: {}, findings: {} };
export const freshClosing: ClosingState = { joints: {} };

const withJoint = (
  { joints }: ClosingState,
  castingId: string | null,
  change: (joint: Joint) => Partial<Joint>,
): Partial<ClosingState> => {
  if (castingId === null) return {};
  const joint = joints[castingId] ?? FRESH_JOINT;
  return { joints: { ...joints, [castingId]: { ...joint, ...change(joint) } } };
};

export const closingReducers: Reducers<ClosingState> = {
  joint_set: (state, { torqueNm }, { castingId }) =>
    withJoint(state, castingId, () => ({ torqueNm, tightened: [], feels: {} })),
  bolt_tightened: (state, { bolt, pass }, { castingId, atMs }) =>
    withJoint(state, castingId, ({ tightened }) => ({ tightened: [...tightened, { bolt, pass, atMs }] })),
  bolt_noted: (state, { bolt, what }, { castingId }) =>
    withJoint(state, castingId, ({ findings }) => ({ findings: { ...findings, [bolt]: what } })),
  turn_felt: (state, { pass, feel }, { castingId }) =>
    withJoint(state, castingId, ({ feels }) => ({ feels: { ...feels, [pass]: feel } })),
  joint_loosened: (state, _body, { castingId }) =>
    withJoint(state, castingId, () => ({ tightened: [], feels: {} })),
};
