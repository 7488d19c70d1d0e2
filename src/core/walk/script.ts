import { precedencesOf } from '@/core/job/precedence';
import type { JobView, SeatView } from '@/core/job/seatView';
import { isChilled, isHeated } from '@/core/heat/waySorts';
import { isFromSameFace } from '@/core/strip/coaxial';
import type { SeatId } from '@/core/record/ids';
import type { OrderReason, WalkStyle } from '@/core/record/vocabulary';
import { carrierOf, directionOf } from './carried';
import { keyItemId, seatItemId, type Item } from './item';
import { isSeal, wayOf } from './facts';
import { jobItems, isSkipped, progressOf } from './jobItems';
import { RANK, stageRank } from './rank';
import { seatItems } from './seatItems';
import { sortItems, withoutCircles } from './sortItems';
import { chosenOf } from './taskDone';

/** A kit of so few parts is counted while it is compared. Common practice, no source. */
const SMALL_KIT = 8;

/** The way in is a move by itself where heat or cold makes it a choice; in the longer walks always. */
const asksForWay = (views: readonly SeatView[], job: JobView, walk: WalkStyle) =>
  walk !== 'quick' ||
  views.some((view) => {
    const way = wayOf(view, job);
    return !isSeal(view) && view.history.homeMs === null && (isHeated(way) || isChilled(way));
  });

/** Everything that there is to do on this job, in no order yet. */
function collectItems(job: JobView, walk: WalkStyle): Item[] {
  const progress = progressOf(job);
  const castings = [...new Set(job.seats.map(({ casting }) => casting.id))];
  const isSmallKit = walk === 'quick' && job.plan.parts.length <= SMALL_KIT;
  const partsGroup = isSmallKit ? 'new_parts' : null;
  const ofSeats = job.seats.flatMap((view) => {
    const beside = job.seats.filter(({ casting }) => casting.id === view.casting.id);
    return seatItems(
      { view, job, walk, castingIndex: castings.indexOf(view.casting.id), partsGroup },
      asksForWay(beside, job, walk),
    );
  });
  return [...jobItems(job, walk, progress, partsGroup), ...ofSeats].map((item) =>
    isSkipped(job, item.stage) && item.act !== 'seal_out' ? { ...item, isDone: true } : item,
  );
}

/** The school that was chosen fits the seals after the halves are joined. */
const areSealsLast = (job: JobView): boolean =>
  job.plan.tasks.some((task) => chosenOf(task, job)?.sealsAfterJoining === true);

/**
 * Seals as the last of closing, behind all its work; but one that lies behind a bearing went in before it, whatever the school.
 */
function withSealsLast(items: readonly Item[], { plan, seats }: JobView): Item[] {
  const closing = plan.tasks
    .filter(({ stage }) => stage === 'close')
    .map(({ key }) => keyItemId('task', key));
  const isCovered = (id: string) => items.some(({ act, after }) => act === 'fit' && after.includes(id));
  const isSealIn = ({ id, act, seatId }: Item) =>
    act === 'seal_in' ||
    act === 'seal_proof' ||
    (act === 'fit' && !isCovered(id) && seats.some((view) => view.seat.id === seatId && isSeal(view)));
  return items.map((item) =>
    isSealIn(item)
      ? {
          ...item,
          stage: 'close',
          rank: stageRank('close') + RANK.lastOfStage + (item.rank - RANK.sealsIn) / 10,
          after: [...item.after, ...closing],
        }
      : item,
  );
}

/** Where these are why a part goes in first, what goes in after it covers it, from the same face. */
const LIES_UNDER: readonly OrderReason[] = ['inner_first', 'seal_behind'];

/**
 * How deep a part stood is read when what covers it is out: a gauge does not reach through a seal, nor past a shaft. In a hurry all depths
 * are one move, and each is read when it can be; but what a shaft stands in is asked for when that is out.
 */
function readWhenBare(byId: Map<string, Item>, under: SeatId, coverOut: string) {
  const depth = byId.get(seatItemId('as_found', under));
  const out = byId.get(coverOut);
  if (!depth || !out) return;
  depth.after.push(out.id);
  // It comes later itself: what is out in one go stays so.
  depth.rank = Math.max(depth.rank, out.rank + 0.1);
}

/** A part that moves with its shaft is out or in when that work is done. */
function movedBy(job: JobView): (id: string) => string {
  const aliases = new Map(
    job.seats.flatMap(({ seat: { id } }) =>
      (['out', 'in'] as const).flatMap((direction) => {
        const carrier = carrierOf(id, direction, job);
        const own = seatItemId(direction === 'out' ? 'part_out' : 'fit', id);
        return carrier ? [[own, keyItemId('task', carrier.key)] as const] : [];
      }),
    ),
  );
  return (id) => aliases.get(id) ?? id;
}

/** Work that comes before a seat, a stack or other work. */
function linkTasks(
  byId: ReadonlyMap<string, Item>,
  { plan }: JobView,
  wait: (id: string, forId: string) => void,
) {
  for (const task of plan.tasks)
    for (const place of task.before) {
      const isOut = directionOf(task) === 'out';
      const seatActs = isOut ? (['part_out', 'ring_out'] as const) : (['fit', 'heat'] as const);
      const own = keyItemId('task', task.key);
      // What the work waits for itself does not wait for it: a ring that is out before the case goes under the press.
      const first = byId.get(own)?.after ?? [];
      for (const id of seatActs.map((act) => `${act}:${place}`)) if (!first.includes(id)) wait(id, own);
      wait(keyItemId('task', place), own);
      wait(keyItemId(isOut ? 'stack_off' : 'stack_back', place), own);
    }
}

/** Puts in what goes before what: among seats, and between seats and the job's other work. */
function link(items: readonly Item[], job: JobView, walk: WalkStyle): Item[] {
  const moved = movedBy(job);
  const byId = new Map(items.map((item) => [item.id, { ...item, after: item.after.map(moved) }]));
  const wait = (id: string, forId: string) => {
    if (moved(id) !== moved(forId)) byId.get(moved(id))?.after.push(moved(forId));
  };
  const nameOf = (id: string) => job.seats.find(({ seat }) => seat.id === id)?.seat.name ?? '';
  const seatOf = (id: SeatId) => job.seats.find(({ seat }) => seat.id === id)!.seat;
  const isOneFace = (a: SeatId, b: SeatId) => isFromSameFace(seatOf(a), seatOf(b));
  for (const { first, then, why } of precedencesOf(job)) {
    wait(seatItemId('fit', then), seatItemId('fit', first));
    wait(seatItemId('heat', then), seatItemId('fit', first));
    // Out the other way round, with whatever holds or covers the outer one. A seal that is reached from its own face waits for nobody.
    const isTrapped = why !== 'seal_behind' || isOneFace(first, then);
    for (const act of ['part_out', 'ring_out', 'seal_out'] as const)
      if (isTrapped) wait(seatItemId(act, first), seatItemId('part_out', then));
    for (const { key, under } of job.plan.hidden)
      if (under === then) wait(seatItemId('part_out', first), keyItemId('hidden', key));
    const coverOut = seatItemId('part_out', then);
    const isBareSoon = walk === 'quick' && moved(coverOut) === coverOut;
    if (!isBareSoon && LIES_UNDER.includes(why) && isOneFace(first, then))
      readWhenBare(byId, first, moved(coverOut));
    const later = byId.get(seatItemId('fit', then));
    if (later) later.why = { seat: nameOf(first), reason: why };
    // A seal that a bearing waits for does not wait for the other seals.
    const sooner = byId.get(seatItemId('fit', first));
    if (sooner?.group === 'seals_in' && why === 'seal_behind') sooner.group = 'seals_first';
  }
  linkTasks(byId, job, wait);
  return [...byId.values()];
}

/** What something waits for comes just before it, however late its own turn would be. */
function withInheritedRanks(items: readonly Item[]): Item[] {
  const ranks = new Map(items.map(({ id, rank }) => [id, rank]));
  // As many rounds as the longest chain; a circle ends with them.
  for (let round = 0; round < items.length; round += 1) {
    let isSettled = true;
    for (const { id, after } of items)
      for (const before of after) {
        const rank = ranks.get(before);
        const most = ranks.get(id)! - 0.01;
        if (rank === undefined || rank <= most) continue;
        ranks.set(before, most);
        isSettled = false;
      }
    if (isSettled) break;
  }
  return items.map((item) => ({ ...item, rank: ranks.get(item.id)! }));
}

/** What is not done waits with what it waits for. */
function withWaiting(moves: Item[][]): Item[][] {
  const waiting = new Set<string>();
  for (const item of moves.flat())
    if (!item.isDone && (item.isWaiting || item.after.some((id) => waiting.has(id)))) waiting.add(item.id);
  return moves.map((move) => move.map((item) => ({ ...item, isWaiting: waiting.has(item.id) })));
}

/**
 * The whole work in its order, one list for each move: by stages over the whole casting, never seat by seat; out from outer to inner, in
 * from inner to outer.
 */
export function writeScript(job: JobView, walk: WalkStyle): Item[][] {
  const linked = link(collectItems(job, walk), job, walk);
  const ordered = areSealsLast(job) ? withSealsLast(linked, job) : linked;
  const items = withInheritedRanks(withoutCircles(ordered));
  return withWaiting(sortItems(items));
}
