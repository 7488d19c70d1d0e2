import type { WalkState } from '@/core/project/walk';
import type { Task } from '@/core/record/plan';
import type { EventBody, EventKind } from '@/core/record/entries';
import type { AnySeatId, CastingId } from '@/core/record/ids';

/** An event that is not on record yet: what it says, and of what. */
export type Draft = {
  [K in EventKind]: { kind: K; body: EventBody<K>; seatId?: AnySeatId; castingId?: CastingId };
}[EventKind];

/** What a person can answer to a move with one tap. */
export type OfferCode =
  | 'done'
  | 'renew'
  | 'keep'
  | 'look_again'
  | 'good'
  | 'bad'
  | 'choice'
  | 'tick'
  | 'trouble'
  | 'not_here'
  | 'bagged'
  | 'as_it_was'
  | 'out'
  | 'by_hand'
  | 'found'
  | 'not_there'
  | 'all_there'
  | 'all_good'
  | 'match_and_run'
  | 'by_eye'
  | 'figures_right'
  | 'right_by_hand'
  | 'renewed'
  | 'off_shaft'
  | 'onto_shaft'
  | 'usual_fit'
  | 'as_proposed'
  | 'in_freezer'
  | 'in_heat'
  | 'metal_out'
  | 'let_go'
  | 'home'
  | 'stuck'
  | 'out_of_bore'
  | 'bore_clean'
  | 'bore_scored'
  | 'square'
  | 'all_round'
  | 'will_not_enter'
  | 'as_drawn'
  | 'flush'
  | 'sealed'
  | 'sealed_by_place'
  | 'seal_whole'
  | 'seal_cocked'
  | 'lip_cut'
  | 'put_back'
  | 'arrived'
  | 'overrule'
  | 'remedy'
  | 'holds'
  | 'does_not_hold'
  | 'tool'
  | 'same_for_others';

export type Offer = {
  code: OfferCode;
  /** Which of several of one code: a school, a remedy, a reason. */
  key?: string;
  /** In words that the plan brings. */
  name?: string;
  /** All that one tap puts on record; worked out when it is tapped, as a proposed way in takes its time. */
  drafts: () => Draft[];
  /** There is nothing to put on record: it is not offered. */
  isEmpty: boolean;
};

type Ticked = { work: Pick<WalkState, 'ticked'> };

/** What of a list is not ticked yet. */
export const openItems = ({ key, items }: Task, { work }: Ticked): Task['items'] =>
  items.filter((item) => !(work.ticked[key] ?? []).includes(item.key));
