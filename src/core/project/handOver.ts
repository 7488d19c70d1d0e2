import type { EventBody } from '@/core/record/entries';
import type { Fluid, Signer } from '@/core/record/closingVocabulary';
import type { ClosingState } from './closing';
import type { FloatsState } from './floats';
import type { StacksState } from './stacks';
import type { AccessState } from './strip';
import type { WalkState } from './walk';
import type { Reducers } from './area';

export type Spent = EventBody<'spent_noted'>;
export type Signature = { as: Signer; name: string; atMs: number };

/** Over to its owner, and open again. Times in ms since the epoch. */
export type HandOver = {
  refilled: Partial<Record<Fluid, string>>;
  /** What is not back on its hook; empty: all is. Null: not counted. */
  toolsMissing: string | null;
  estimate: Spent;
  spent: Spent;
  signatures: readonly Signature[];
  handedOverMs: number | null;
  /** Opened again, it came apart down to its seats: it is got at anew. */
  isApart: boolean;
  /** Pieces of work that opening it again has undone: asked for anew, however far the other seats are. */
  undone: readonly string[];
  /** Earlier hand-overs, and why each was opened again. */
  earlier: readonly {
    handedOverMs: number;
    openedMs: number;
    why: string;
    signatures: readonly Signature[];
  }[];
};
export type HandOverState = { handOver: HandOver };

const FRESH: HandOver = {
  refilled: {},
  toolsMissing: null,
  estimate: {},
  spent: {},
  signatures: [],
  handedOverMs: null,
  isApart: false,
  undone: [],
  earlier: [],
};
export const freshHandOver: HandOverState = { handOver: FRESH };

type Touched = HandOverState & WalkState & AccessState & FloatsState & ClosingState & StacksState;
const withIt = ({ handOver }: HandOverState, change: Partial<HandOver>): HandOverState => ({
  handOver: { ...handOver, ...change },
});
const without = <T>(record: Record<string, T>, keys: readonly string[]): Record<string, T> =>
  Object.fromEntries(Object.entries(record).filter(([key]) => !keys.includes(key)));

export const handOverReducers: Reducers<Touched> = {
  refilled: (state, { what, amount }) =>
    withIt(state, { refilled: { ...state.handOver.refilled, [what]: amount } }),
  tools_counted: (state, { missing }) => withIt(state, { toolsMissing: missing }),
  estimate_noted: (state, body) => withIt(state, { estimate: { ...state.handOver.estimate, ...body } }),
  spent_noted: (state, body) => withIt(state, { spent: { ...state.handOver.spent, ...body } }),
  hand_over_signed: (state, { as, name }, { atMs }) =>
    withIt(state, {
      signatures: [...state.handOver.signatures.filter((each) => each.as !== as), { as, name, atMs }],
    }),
  job_handed_over: (state, _body, { atMs }) => withIt(state, { handedOverMs: atMs }),
  // What opening makes undone is open again; what it cost before stays, and goes on.
  job_opened_again: (state, { why, isApart, tasks, floats, stacks }, { atMs }) => {
    const { handOver } = state;
    const { handedOverMs, signatures, earlier, estimate, spent } = handOver;
    return {
      handOver: {
        ...FRESH,
        estimate,
        spent,
        isApart: isApart === true,
        undone: isApart === undefined ? [] : tasks,
        earlier: [...earlier, { handedOverMs: handedOverMs ?? atMs, openedMs: atMs, why, signatures }],
      },
      putAway: null,
      tasks: without(state.tasks, tasks),
      ticked: without(state.ticked, tasks),
      floats: without(state.floats, floats),
      accessDone: isApart ? [] : state.accessDone,
      // A joint that is opened is tightened anew.
      joints: isApart === false ? state.joints : {},
      backWhole: state.backWhole.filter((key) => !stacks.includes(key)),
      stacks: Object.fromEntries(
        Object.entries(state.stacks).map(([key, stack]) => [
          key,
          stacks.includes(key) ? { ...stack, putBack: [] } : stack,
        ]),
      ),
    };
  },
};
