import type { SeatId } from '@/core/record/ids';
import type { OrderReason, Stage } from '@/core/record/vocabulary';

/** One thing to be done: at a seat, with a stack, or a piece of work of the job. Several of one group are one move. */
export type ItemAct =
  | 'look'
  | 'access'
  | 'task'
  | 'stack_off'
  | 'as_found'
  | 'seal_out'
  | 'ring_out'
  | 'part_out'
  | 'hidden'
  | 'clean'
  | 'count'
  | 'inspect'
  | 'compare'
  | 'feel'
  | 'measure'
  | 'freeze'
  | 'way_in'
  | 'depth'
  | 'heat'
  | 'fit'
  | 'square'
  | 'ring_in'
  | 'seal_in'
  | 'seal_proof'
  | 'stack_back';

export type Item = {
  /** Names it: the act and what it is done to. */
  id: string;
  act: ItemAct;
  stage: Stage;
  /** Among what could be done, the least comes first; 1000 a stage. */
  rank: number;
  seatId: SeatId | null;
  /** Key of the task, stack, part, check or hidden thing. */
  key: string | null;
  name: string;
  /** Items of one group that can be done together are one move; null: by itself. */
  group: string | null;
  /** Items that come before it. */
  after: string[];
  /** Why it waits for another seat's. */
  why: { seat: string; reason: OrderReason } | null;
  isDone: boolean;
  /** It can't be gone on with: its part is on its way, or wrong. */
  isWaiting: boolean;
};

export const seatItemId = (act: ItemAct, seatId: SeatId) => `${act}:${seatId}`;
export const keyItemId = (act: ItemAct, key: string) => `${act}:${key}`;
