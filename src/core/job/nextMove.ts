import type { SeatId } from '@/core/record/ids';
import type { JobPlan } from '@/core/record/plan';
import type { Check, HeatSource, Step, WalkStyle } from '@/core/record/vocabulary';
import { OUTSIDE_SLOTS, slotText, type Slot } from '@/core/record/slots';
import { counting } from './counting';
import { awaitedPart, findBlocks, isAwaited, type BlockCode } from './blocks';
import { wouldEightTell, type JudgedPass } from './squarePasses';
import { boreSlotsOf, type JobView, type SeatView } from './seatView';

export type MoveCode =
  | 'look_over'
  | 'do_access'
  | 'note_as_found'
  | 'find_hidden'
  | 'take_out'
  | 'note_stack'
  | 'count_kit'
  | 'wait_for_part'
  | 'compare_part'
  | 'part_is_wrong'
  | 'clean_seat'
  | 'check_remedy'
  | 'read_bore'
  | 'read_outside'
  | 'repair_seat'
  | 'choose_way_in'
  | 'first_the_other'
  | 'find_tool'
  | 'take_seal_out'
  | 'part_into_freezer'
  | 'casting_into_heat'
  | 'take_out_and_drop'
  | 'drop_now'
  | 'say_home_or_stuck'
  | 'reheat'
  | 'drive_it_in'
  | 'start_square_pass'
  | 'read_depths'
  | 'tap_high_side'
  | 'read_again'
  | 'read_eight'
  | 'judge_by_eye'
  | 'accept_square'
  | 'put_stack_back'
  | 'all_proven';

/** The one next move: what, where, and the facts that its sentence needs. */
export type Move = {
  code: MoveCode;
  seatId: SeatId | null;
  step: Step;
  slot?: Slot;
  angleDeg?: number;
  seatName?: string;
  /** Name of the thing: a part, a stack, a piece of access work, what is hidden. */
  name?: string;
  check?: Check;
  heatedBy?: HeatSource;
  blocks?: BlockCode[];
};
type SeatMove = Omit<Move, 'seatId'>;

const missingSlot = (view: SeatView, slots: readonly Slot[]) => {
  const taken = new Set(counting(view.readings).map(({ slot }) => slot));
  return slots.find((slot) => !taken.has(slotText(slot)));
};

const PASS_ANGLES = [0, 90, 180, 270] as const;

function moveAfterPass(pass: JudgedPass): SeatMove {
  const { verdict, tapAtDeg } = pass.result ?? { verdict: 'misread', tapAtDeg: null };
  if (verdict === 'square' || verdict === 'within_limit') return { code: 'accept_square', step: 'square' };
  if (verdict === 'misread') return { code: 'read_again', step: 'square' };
  if (tapAtDeg !== null) return { code: 'tap_high_side', step: 'square', angleDeg: tapAtDeg };
  // No lean is seen, so there is nothing to tap: more readings tell, or the eye does.
  return { code: wouldEightTell(pass) ? 'read_eight' : 'judge_by_eye', step: 'square' };
}

function moveToSquare(view: SeatView): SeatMove {
  const pass = view.passes.at(-1);
  if (!pass) return { code: 'start_square_pass', step: 'square' };
  const nextAngle = PASS_ANGLES.find((angle) => !pass.readings.some(({ angleDeg }) => angleDeg === angle));
  if (nextAngle !== undefined) return { code: 'read_depths', step: 'square', angleDeg: nextAngle };
  return moveAfterPass(pass);
}

function moveToFit(view: SeatView, job: JobView): SeatMove {
  const { history, heat, leftIn } = view;
  const way = history.wayIn!;
  if (history.letGoMs !== null) return { code: 'say_home_or_stuck', step: 'heat_run' };
  const blocks = heat.phase === 'cold' ? findBlocks(view, job) : [];
  const before = blocks.find(({ code }) => code === 'other_seat_first');
  if (before)
    return { code: 'first_the_other', step: 'way_in', ...(before.name && { seatName: before.name }) };
  const tool = blocks.find(({ code }) => code === 'tool_missing');
  if (tool) return { code: 'find_tool', step: 'way_in', ...(tool.name && { name: tool.name }) };
  if (way.way === 'drive') return { code: 'drive_it_in', step: 'heat_run' };
  const needsChill = way.way === 'chill' || way.way === 'heat_chill';
  if (needsChill && !history.freezer) return { code: 'part_into_freezer', step: 'heat_run' };
  if (way.way === 'chill') return { code: 'drop_now', step: 'heat_run' };
  if (leftIn.length > 0 && heat.phase === 'cold')
    return { code: 'take_seal_out', step: 'way_in', seatName: leftIn[0]!.seatName };
  if (heat.phase === 'cold')
    return { code: 'casting_into_heat', step: 'heat_run', heatedBy: way.heatedBy ?? 'oven' };
  if (heat.phase === 'in_heat') return { code: 'take_out_and_drop', step: 'heat_run', heatedBy: heat.source };
  return { code: 'drop_now', step: 'heat_run' };
}

/** A seat whose new part was measured, planned or fitted is past its stripping: what was left out before is not asked for any more. */
const isPastStripping = ({ readings, history, isMeasured }: SeatView) =>
  isMeasured ||
  history.wayIn !== null ||
  history.usualFitAccepted ||
  counting(readings, 'bore').length > 0 ||
  counting(readings, 'outside').length > 0;

/** Stripping of one seat: what is measured before it is destroyed, then out; only in the longer walks. */
function moveToStrip(view: SeatView, { plan, work, skipped }: JobView): SeatMove | null {
  if (skipped.strip || view.history.takenOut || isPastStripping(view)) return null;
  if (!view.history.asFound) return { code: 'note_as_found', step: 'strip' };
  const hidden = plan.hidden.find(({ key, under }) => under === view.seat.id && !(key in work.hidden));
  return hidden
    ? { code: 'find_hidden', step: 'strip', name: hidden.name }
    : { code: 'take_out', step: 'strip' };
}

/** What speaks against this part before any force: known to be wrong, on its way, or not compared yet. */
function moveToParts(view: SeatView, job: JobView): SeatMove | null {
  const awaited = awaitedPart(view, job);
  if (awaited) return { code: 'wait_for_part', step: 'parts', name: awaited.name };
  if (view.partCheck.verdict === 'wrong' && !view.history.overruled)
    return { code: 'part_is_wrong', step: 'parts' };
  if (view.history.wayIn || job.skipped.parts) return null;
  if (view.isMeasured && view.partCheck.verdict === 'not_yet' && !view.history.overruled)
    return { code: 'compare_part', step: 'parts' };
  return null;
}

function moveToMeasure(view: SeatView, walk: WalkStyle): SeatMove | null {
  const { history, fit, isMeasured, seat } = view;
  if (history.remedy && history.remedy.isGood === null) return { code: 'check_remedy', step: 'measure' };
  if (!isMeasured && !history.usualFitAccepted && !history.wayIn) {
    if (walk !== 'quick' && history.takenOut && !history.cleaned.includes('bore'))
      return { code: 'clean_seat', step: 'measure' };
    const bore = missingSlot(view, boreSlotsOf(seat));
    return bore
      ? { code: 'read_bore', step: 'measure', slot: bore }
      : { code: 'read_outside', step: 'measure', slot: missingSlot(view, OUTSIDE_SLOTS)! };
  }
  if (
    isMeasured &&
    fit &&
    (fit.judgement.verdict === 'slack' || fit.judgement.verdict === 'too_tight') &&
    !history.remedy?.isGood
  )
    return { code: 'repair_seat', step: 'measure' };
  return null;
}

/** The next move for one seat; null when the seat is proven. */
export function findSeatMove(view: SeatView, job: JobView, walk: WalkStyle): Move | null {
  const { history, seat } = view;
  const at = (move: SeatMove): Move => ({ ...move, seatId: seat.id });
  if (history.accepted) return null;
  if (history.stuck) return at({ code: 'reheat', step: 'heat_run' });
  if (history.homeMs !== null) return at(moveToSquare(view));
  const before =
    (walk === 'quick' ? null : moveToStrip(view, job)) ?? moveToParts(view, job) ?? moveToMeasure(view, walk);
  if (before) return at(before);
  if (!history.wayIn)
    return at({
      code: 'choose_way_in',
      step: 'way_in',
      blocks: findBlocks(view, job).map(({ code }) => code),
    });
  return at(moveToFit(view, job));
}

const countNotes = (plan: JobPlan, key: string, job: JobView) => job.work.stacks[key]?.pieces.length ?? 0;

/** Moves of the whole job: looking, getting at it, stacks, counting. They come before the seats, until work on the seats has begun. */
function findJobMove(job: JobView): Move | null {
  const { plan, work, seats, skipped } = job;
  const seatId = seats[0]?.seat.id ?? null;
  const at = (move: SeatMove): Move => ({ ...move, seatId });
  const hasBegun = seats.some((view) => isPastStripping(view) || view.history.takenOut);
  if (!hasBegun && !skipped.look) {
    const check = plan.checks.find((each) => !work.looks[each]);
    if (check) return at({ code: 'look_over', step: 'look', check });
  }
  if (!hasBegun && !skipped.strip) {
    const access = plan.access.find(({ key }) => !work.accessDone.includes(key));
    if (access) return at({ code: 'do_access', step: 'strip', name: access.name });
  }
  if (!hasBegun && !skipped.stacks) {
    const stack = plan.stacks.find(({ key }) => countNotes(plan, key, job) === 0);
    if (stack) return at({ code: 'note_stack', step: 'stacks', name: stack.name });
  }
  return null;
}

/** Moves that belong to the job, whichever of its seats is looked at. */
export const isJobMove = ({ code }: Move): boolean =>
  (
    ['look_over', 'do_access', 'note_stack', 'count_kit', 'put_stack_back', 'all_proven'] as MoveCode[]
  ).includes(code);

/** Kit to be counted once everything is out and nothing is measured yet; what is still on its way can't be. */
function findKitMove({ plan, work, seats, skipped }: JobView): Move | null {
  const isOut = seats.every((view) => view.history.takenOut);
  if (!isOut || skipped.parts || plan.parts.length === 0) return null;
  const uncounted = plan.parts.find((part) => !(part.key in work.counted) && !isAwaited(part, work));
  return uncounted && !seats.some(isPastStripping)
    ? { code: 'count_kit', step: 'parts', seatId: seats[0]?.seat.id ?? null, name: uncounted.name }
    : null;
}

/** Moves on hot or cold metal come first, then what is nearest to done. */
const URGENCY: Partial<Record<MoveCode, number>> = {
  say_home_or_stuck: 0,
  drop_now: 1,
  take_out_and_drop: 2,
  reheat: 3,
  note_as_found: 12,
  find_hidden: 12,
  take_out: 12,
  first_the_other: 18,
  repair_seat: 20,
  part_is_wrong: 20,
  wait_for_part: 25,
};

/** The job's next move over all its seats. */
export function findNextMove(job: JobView, walk: WalkStyle): Move {
  const urgency = (move: Move) => URGENCY[move.code] ?? 10;
  const moves = job.seats
    .flatMap((view) => findSeatMove(view, job, walk) ?? [])
    .sort((a, b) => urgency(a) - urgency(b));
  const first = moves[0];
  if (first && urgency(first) < 5) return first;
  if (walk !== 'quick') {
    const early = findJobMove(job) ?? findKitMove(job);
    if (early) return early;
  }
  if (first) return first;
  const open = job.plan.stacks.find(({ key }) => {
    const stack = job.work.stacks[key];
    return (
      stack &&
      stack.pieces.length > 0 &&
      !stack.pieces.every(({ pieceId }) => stack.putBack.some((back) => back.pieceId === pieceId))
    );
  });
  if (open)
    return { code: 'put_stack_back', step: 'stacks', seatId: job.seats[0]?.seat.id ?? null, name: open.name };
  return { code: 'all_proven', seatId: null, step: 'record' };
}
