import type { JobView, SeatView } from '@/core/job/seatView';
import type { Stage, WalkStyle } from '@/core/record/vocabulary';
import { seatItemId, type Item, type ItemAct } from './item';

/** One seat, in one walk: what its items are made of. */
export type Make = {
  view: SeatView;
  job: JobView;
  walk: WalkStyle;
  castingIndex: number;
  /** A small kit is counted, compared and heard in one go; null: each by itself. */
  partsGroup: string | null;
};

export const makeItem = (
  { view }: Make,
  act: ItemAct,
  stage: Stage,
  rest: Pick<Item, 'rank' | 'group' | 'isDone'> & { after?: string[] },
): Item => ({
  id: seatItemId(act, view.seat.id),
  act,
  stage,
  seatId: view.seat.id,
  key: null,
  name: view.seat.name,
  why: null,
  isWaiting: false,
  after: [],
  ...rest,
});

/** In a hurry what is alike is one move. */
export const inAHurry = ({ walk }: Make, group: string): string | null => (walk === 'quick' ? group : null);

/** A seal in front of a bearing has no name of its own. */
export const asSeal = (item: Item): Item => ({ ...item, name: `${item.name} seal` });
