import type { BlockCode } from '@/core/job/blocks';
import type { CautionCode } from '@/core/catalogue/cautions';
import type { LockedFastener } from '@/core/closing/locks';
import type { CastingId, SeatId } from '@/core/record/ids';
import type { Slot } from '@/core/record/slots';
import type { HeatSource, OrderReason, Stage, Step, Way } from '@/core/record/vocabulary';
import type { RemovalWay } from '@/core/strip/removal';
import type { Item } from './item';

/** Nothing is asked any more. */
export type EndCode = 'all_proven' | 'handed_over';

export type MoveCode =
  | 'look_over'
  | 'do_access'
  | 'do_task'
  | 'note_stack'
  | 'note_as_found'
  | 'take_out'
  | 'ring_out'
  | 'find_hidden'
  | 'clean'
  | 'count_kit'
  | 'inspect'
  | 'check_new_parts'
  | 'compare_part'
  | 'feel_new'
  | 'wait_for_part'
  | 'part_is_wrong'
  | 'check_remedy'
  | 'repair_seat'
  | 'measure'
  | 'part_into_freezer'
  | 'choose_way_in'
  | 'find_tool'
  | 'set_depth'
  | 'casting_into_heat'
  | 'take_out_and_drop'
  | 'drop_now'
  | 'say_home_or_stuck'
  | 'reheat'
  | 'free_it'
  | 'back_it_out'
  | 'look_at_bore'
  | 'push_it_in'
  | 'start_square_pass'
  | 'read_depths'
  | 'tap_high_side'
  | 'read_again'
  | 'read_eight'
  | 'judge_by_eye'
  | 'bring_to_depth'
  | 'accept_square'
  | 'ring_in'
  | 'bring_home'
  | 'seal_in'
  | 'seal_proof'
  | 'put_stack_back'
  | EndCode;

/** The one next move: what, where, on which seats, and the facts that its sentence needs. */
export type Move = {
  code: MoveCode;
  stage: Stage;
  step: Step;
  /** The seat whose screen shows it; null where it belongs to none. */
  seatId: SeatId | null;
  /** Every seat that it covers and that is still open. */
  seatIds: SeatId[];
  castingId: CastingId | null;
  /** Named where all of it is in one casting of several. */
  castingName: string | null;
  /** What is to be done, item by item. */
  items: Pick<Item, 'id' | 'act' | 'seatId' | 'key' | 'name'>[];
  /** The same for one move from its first item to its last. */
  id: string;
  slot?: Slot;
  angleDeg?: number;
  heatedBy?: HeatSource;
  /** Its casting is still warm. */
  isWarm?: boolean;
  /** All that it covers are seals. */
  isOfSeals?: boolean;
  /** The first of its parts that comes out by heat: where a run of its own begins. */
  warmOutOf?: SeatId;
  /** How each part comes out. */
  removals?: { name: string; way: RemovalWay }[];
  /** How it goes in. */
  way?: Way;
  /** Its part stands deeper than it may. */
  isTooDeep?: boolean;
  tool?: string;
  /** Why a task is done, as the plan says it. */
  reason?: string;
  /** What is locked with it, and how. */
  locks?: Pick<LockedFastener, 'name' | 'locking'>[];
  /** In the freezer. */
  minutes?: number;
  blocks?: BlockCode[];
  why?: { seat: string; reason: OrderReason };
  /** Shown with it, and acknowledged by doing it: each once in a job. */
  cautions: CautionCode[];
};

export const isEnd = ({ code }: Pick<Move, 'code'>): boolean =>
  code === 'all_proven' || code === 'handed_over';
