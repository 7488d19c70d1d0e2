import { locksOf } from '@/core/closing/locks';
import { findBlocks } from '@/core/job/blocks';
import { counting } from '@/core/job/counting';
import { freezerMinutes } from '@/core/job/freezerMinutes';
import { planStrip } from '@/core/job/planStrip';
import { isOutByHeat } from '@/core/strip/removal';
import { boreSlotsOf, isSizedByBore, type JobView, type SeatView } from '@/core/job/seatView';
import type { AnySeatId } from '@/core/record/ids';
import { OUTSIDE_SLOTS, slotText } from '@/core/record/slots';
import type { Task } from '@/core/record/plan';
import type { Stage, Step, WalkStyle } from '@/core/record/vocabulary';
import { dueCautions } from './cautions';
import { fitPhase, squarePhase, urgencyOf } from './fitMove';
import type { Item, ItemAct } from './item';
import type { Move, MoveCode } from './move';
import { writeScript } from './script';
import { troubleOfTask } from './taskDone';
import { isSeal, troubleOf, wayOf, type Trouble } from './facts';

/** Code and screen of a move whose items are all of one act; hot and cold metal, and squaring, have more to say (`fitMove`). */
const OF_ACT: Record<Exclude<ItemAct, 'fit' | 'heat' | 'square'>, [MoveCode, Step]> = {
  look: ['look_over', 'look'],
  access: ['do_access', 'strip'],
  task: ['do_task', 'work'],
  stack_off: ['note_stack', 'stacks'],
  as_found: ['note_as_found', 'strip'],
  seal_out: ['take_out', 'strip'],
  part_out: ['take_out', 'strip'],
  ring_out: ['ring_out', 'strip'],
  hidden: ['find_hidden', 'strip'],
  clean: ['clean', 'measure'],
  count: ['count_kit', 'parts'],
  inspect: ['inspect', 'stacks'],
  compare: ['compare_part', 'parts'],
  feel: ['feel_new', 'parts'],
  measure: ['measure', 'measure'],
  freeze: ['part_into_freezer', 'heat_run'],
  way_in: ['choose_way_in', 'way_in'],
  depth: ['set_depth', 'square'],
  ring_in: ['ring_in', 'work'],
  seal_in: ['seal_in', 'seal'],
  seal_proof: ['seal_proof', 'seal'],
  stack_back: ['put_stack_back', 'stacks'],
};

const TROUBLE_STEP: Record<Trouble, [Step, Stage]> = {
  wait_for_part: ['parts', 'parts'],
  part_is_wrong: ['parts', 'parts'],
  check_remedy: ['measure', 'measure'],
  repair_seat: ['measure', 'measure'],
};

/** The slot that is read next: one to be read again first, then the first that has nothing. */
function nextSlot(view: SeatView, walk: WalkStyle) {
  if (view.fit?.doubted) return view.fit.doubted.reading.place;
  const taken = new Set(counting(view.readings).map(({ slot }) => slot));
  const isQuick = walk === 'quick';
  const bore = boreSlotsOf(view.seat).slice(0, isQuick ? 2 : undefined);
  return [...bore, ...(isSizedByBore(view.seat) ? [] : OUTSIDE_SLOTS.slice(0, isQuick ? 1 : undefined))].find(
    (slot) => !taken.has(slotText(slot)),
  );
}

/** In which job and walk. */
type Where = { job: JobView; walk: WalkStyle };

/** Where a seat of the move stands in detail. */
function detailOf(act: ItemAct, view: SeatView | undefined, { job, walk }: Where): Partial<Move> {
  if (!view) return {};
  switch (act) {
    case 'fit':
      // A seal of its own seat goes in with the seals.
      return view.seat.spec.kind === 'seal_in_bore' && view.history.letGoMs === null && !view.history.stuck
        ? { code: 'seal_in', step: 'seal', way: 'drive' }
        : fitPhase(view, job);
    case 'heat':
      return fitPhase(view, job);
    case 'square':
      return squarePhase(view);
    case 'freeze':
      return { minutes: Math.ceil(freezerMinutes(view, job.roomC) / 5) * 5 };
    case 'measure': {
      const slot = nextSlot(view, walk);
      return slot ? { slot } : {};
    }
    case 'way_in':
      return { blocks: findBlocks(view, job).map(({ code }) => code), way: wayOf(view, job) };
    default:
      return {};
  }
}

/** Parts counted and compared in one go. */
const isNewParts = (acts: ReadonlySet<ItemAct>) =>
  acts.has('compare') && (acts.has('count') || acts.has('feel'));

/** The kindest way out of each seat that is emptied. */
function removalsOf(views: readonly SeatView[], open: readonly Item[], job: JobView): Partial<Move> {
  const emptied = views.filter(({ seat }) =>
    open.some(({ act, seatId }) => act === 'part_out' && seatId === seat.id),
  );
  const removals = emptied.flatMap((view) => {
    const [kindest] = planStrip(view, job).ways;
    return kindest ? [{ seatId: view.seat.id, name: view.seat.name, way: kindest.way }] : [];
  });
  if (removals.length === 0) return {};
  // What keeps a part in, or suffers in the heat, is out before.
  const isClear = open.every(({ act }) => act !== 'seal_out' && act !== 'ring_out');
  const warm = isClear ? removals.find(({ way }) => isOutByHeat(way)) : undefined;
  return {
    removals: removals.map(({ name, way }) => ({ name, way })),
    ...(warm && { warmOutOf: warm.seatId }),
  };
}

/** Which casting it is about, where there are several. */
function castingNameOf(views: readonly SeatView[], { seats }: JobView): string | null {
  const names = new Set(views.map(({ casting }) => casting.name));
  const all = new Set(seats.map(({ casting }) => casting.name));
  return names.size === 1 && all.size > 1 ? [...names][0]! : null;
}

function codeAndStepOf({ act }: Item, acts: ReadonlySet<ItemAct>): readonly [MoveCode, Step] {
  if (isNewParts(acts)) return ['check_new_parts', 'parts'];
  if (acts.has('clean')) return OF_ACT.clean;
  return act === 'fit' || act === 'heat' || act === 'square' ? ['push_it_in', 'heat_run'] : OF_ACT[act];
}

/** Where a piece of work is done: with what it measures, on its shaft, or while the machine comes apart. */
function stepOfTask({ floats, onShaft }: Task, stage: Stage): Step {
  if (floats) return 'float';
  return !onShaft && (stage === 'access' || stage === 'out') ? 'strip' : 'work';
}

/** The move of items that are done together; only what is open counts. */
export function moveOf(items: readonly Item[], where: Where): Move {
  const { job } = where;
  const open = items.filter(({ isDone, isWaiting }) => !isDone && !isWaiting);
  const lead = open.find(({ act }) => act === 'part_out' || act === 'compare') ?? open[0]!;
  const acts = new Set(open.map(({ act }) => act));
  const views = job.seats.filter(({ seat }) => open.some(({ seatId }) => seatId === seat.id));
  const leadView = views.find(({ seat }) => seat.id === lead.seatId);
  const [code, step] = codeAndStepOf(lead, acts);
  const task = lead.act === 'task' ? job.plan.tasks.find(({ key }) => key === lead.key) : undefined;
  const isSealsIn = acts.has('seal_in');
  const move: Move = {
    code,
    stage: lead.stage,
    step: step === 'work' && task ? stepOfTask(task, lead.stage) : step,
    seatId: lead.seatId ?? job.seats[0]?.seat.id ?? null,
    seatIds: views.map(({ seat }) => seat.id),
    castingId: leadView?.casting.id ?? null,
    castingName: castingNameOf(views, job),
    items: open.map(({ id, act, seatId, key, name }) => ({ id, act, seatId, key, name })),
    cautions: [],
    isWarm: views.some(({ heat }) => heat.phase !== 'cold'),
    isOfSeals: views.length > 0 && views.every(isSeal),
    ...removalsOf(views, open, job),
    id: `${items[0]!.group ?? items[0]!.id}:${items.map(({ id }) => id).sort()[0]}`,
    ...(task && sayingOf(task, job)),
    ...(lead.why && (lead.act === 'fit' || lead.act === 'heat') && { why: lead.why }),
    ...(isSealsIn && lead.act === 'fit'
      ? { code: 'seal_in' as const, step: 'seal' as const }
      : detailOf(lead.act, leadView, where)),
  };
  return { ...move, cautions: dueCautions(move, job) };
}

/** Why it is done and what is locked with it; where it went wrong, what is done now. */
function sayingOf(task: Task, job: JobView): Pick<Move, 'reason' | 'locks'> {
  const trouble = troubleOfTask(task, job);
  if (trouble) return { reason: trouble };
  const locks = locksOf(task, job.plan).map(({ name, locking }) => ({ name, locking }));
  return { reason: task.why, ...(locks.length > 0 && { locks }) };
}

/** The move of a seat that is in trouble. */
function troubleMove(view: SeatView, job: JobView): Move | null {
  const trouble = troubleOf(view, job);
  if (!trouble) return null;
  const [step, stage] = TROUBLE_STEP[trouble];
  const { seat, casting } = view;
  return {
    code: trouble,
    stage,
    step,
    seatId: seat.id,
    seatIds: [seat.id],
    castingId: casting.id,
    castingName: null,
    items: [{ id: trouble, act: 'fit', seatId: seat.id, key: null, name: seat.name }],
    cautions: [],
    id: `${trouble}:${seat.id}`,
  };
}

const isOpen = ({ isDone, isWaiting }: Item) => !isDone && !isWaiting;

/** Hot or cold metal first, whatever else is open: of several, the one whose turn it is. */
function urgentMove(moves: readonly Item[][], where: Where): Move | null {
  const { job } = where;
  const left = new Set(moves.flat().flatMap(({ id, isDone }) => (isDone ? [] : [id])));
  const turns = moves.flatMap((items) =>
    items.flatMap((item) => {
      const view =
        item.act === 'fit' && isOpen(item) && job.seats.find(({ seat }) => seat.id === item.seatId);
      const urgency = view ? urgencyOf(view, job) : null;
      const waits = item.after.some((id) => id.startsWith('fit:') && left.has(id));
      return urgency === null || waits ? [] : [{ items, item, urgency }];
    }),
  );
  const first = turns.sort((a, b) => a.urgency - b.urgency)[0];
  if (!first) return null;
  const others = first.items.filter((each) => each !== first.item);
  return { ...moveOf([first.item, ...others], where), id: moveOf(first.items, where).id };
}

/** The items of one seat, with all that they wait for. */
function forSeat(moves: readonly Item[][], seatId: AnySeatId): Item[][] {
  const items = new Map(moves.flat().map((item) => [item.id, item]));
  const wanted = new Set<string>();
  const add = (id: string) => {
    const item = items.get(id);
    if (!item || wanted.has(id)) return;
    wanted.add(id);
    item.after.forEach(add);
  };
  for (const item of items.values()) if (item.seatId === seatId) add(item.id);
  return moves.map((move) => move.filter(({ id }) => wanted.has(id))).filter(({ length }) => length > 0);
}

/** The next move for one seat and what it waits for; null when it is proven. */
export function findSeatMove(view: SeatView, job: JobView, walk: WalkStyle): Move | null {
  const trouble = troubleMove(view, job);
  if (trouble && trouble.code !== 'wait_for_part') return trouble;
  const moves = forSeat(writeScript(job, walk), view.seat.id);
  const open = moves.find((move) => move.some(isOpen));
  return open ? moveOf(open, { job, walk }) : trouble;
}

const PROVEN: Move = {
  code: 'all_proven',
  stage: 'prove',
  step: 'record',
  seatId: null,
  seatIds: [],
  castingId: null,
  castingName: null,
  items: [],
  cautions: [],
  id: 'all_proven',
};

const HANDED_OVER: Move = { ...PROVEN, code: 'handed_over', id: 'handed_over' };

/** The job's next move: what can't wait, else the first in the order of the work that is open; last, what is in trouble. */
export function findNextMove(job: JobView, walk: WalkStyle): Move {
  if (job.work.handOver.handedOverMs !== null) return HANDED_OVER;
  const script = writeScript(job, walk);
  const where = { job, walk };
  const urgent = urgentMove(script, where);
  if (urgent) return urgent;
  const { firstSeat } = job.work;
  const own = firstSeat && forSeat(script, firstSeat).find((move) => move.some(isOpen));
  if (own) return moveOf(own, where);
  const next = script.find((move) => move.some(isOpen));
  if (next) return moveOf(next, where);
  const troubles = job.seats.flatMap((view) => troubleMove(view, job) ?? []);
  return troubles.find(({ code }) => code !== 'wait_for_part') ?? troubles[0] ?? PROVEN;
}
