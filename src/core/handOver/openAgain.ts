import { isSpentWhenUndone, lockedOf, locksOf, type LockedFastener } from '@/core/closing/locks';
import { journalsOf } from '@/core/job/journalView';
import type { JobView, SeatView } from '@/core/job/seatView';
import type { AnySeatId, SeatId } from '@/core/record/ids';
import type { PlanPart, Task } from '@/core/record/plan';
import type { EventBody } from '@/core/record/entries';
import type { Stage } from '@/core/record/vocabulary';
import { isSeal } from '@/core/walk/facts';
import type { Draft } from '@/core/walk/offer';

/**
 * A machine that was handed over and is opened again: what is done and proved anew, and what that uses up. Common practice, no source.
 */

/** Taken apart down to the seats, or what is reached from outside alone, with what closes it left shut. */
export const HOW_FAR = ['apart', 'outside'] as const;
export type HowFar = (typeof HOW_FAR)[number];

export type Opening = { opened: readonly SeatView[]; howFar: HowFar };

/** What comes apart goes together again, and is proved anew; kits are counted and castings looked over once. */
const UNDONE: Readonly<Record<HowFar, readonly Stage[]>> = {
  apart: ['access', 'out', 'clean', 'in', 'square', 'shaft', 'close', 'prove'],
  outside: ['in', 'square', 'prove'],
};
/** Work of a seat, and of no other. */
const OF_SEATS: readonly Stage[] = ['in', 'square'];

const isOpened = (id: SeatId, { opened }: Opening) => opened.some(({ seat }) => seat.id === id);

/** The work that draws a shaft, or puts it in: only for what rides on it, or lies under what does. */
const isShaftMoved = (carries: readonly SeatId[], { plan }: JobView, opening: Opening): boolean =>
  carries.some(
    (id) =>
      isOpened(id, opening) || plan.order.some(({ first, then }) => then === id && isOpened(first, opening)),
  );

/** A bearing that comes out with its shaft stays on it, unless it is the one that is renewed. */
function isLeftOnShaft({ onShaft }: Task, job: JobView, opening: Opening): boolean {
  const riding = new Set(job.plan.tasks.flatMap(({ carries = [] }) => carries));
  const shared = journalsOf(job, onShaft?.seats ?? []).flatMap(({ spec }) => spec.sharedWith ?? []);
  return shared.length > 0 && shared.every((id) => riding.has(id) && !isOpened(id, opening));
}

function isUndone(task: Task, job: JobView, opening: Opening): boolean {
  const { opened, howFar } = opening;
  if (!UNDONE[howFar].includes(task.stage) || (task.closesAccess && howFar === 'outside')) return false;
  // A cover that was off goes on again, whatever stayed in it.
  if (task.carries && task.stage !== 'close' && !isShaftMoved(task.carries, job, opening)) return false;
  if (isLeftOnShaft(task, job, opening)) return false;
  if (!OF_SEATS.includes(task.stage)) return true;
  const named = [...task.before, ...task.after, ...(task.holds ?? [])].filter((place) =>
    job.seats.some(({ seat }) => seat.id === place),
  );
  if (named.length > 0) return named.some((id) => isOpened(id as SeatId, opening));
  // A half is set up for its bearings; where seals are the whole job, its work is theirs.
  return opened.some((view) => !isSeal(view) || job.seats.every(isSeal));
}

const undoneTasks = (job: JobView, opening: Opening): Task[] =>
  job.plan.tasks.filter((task) => isUndone(task, job, opening));

/** What a job handed over has to do again once it is open: pieces of work, floats and stacks, by their keys. */
export function doneAgain(job: JobView, opening: Opening): Omit<EventBody<'job_opened_again'>, 'why'> {
  const tasks = undoneTasks(job, opening);
  const isApart = opening.howFar === 'apart';
  return {
    isApart,
    tasks: tasks.map(({ key }) => key),
    floats: [...new Set(tasks.flatMap(({ floats = [] }) => floats))],
    stacks: isApart ? job.plan.stacks.map(({ key }) => key) : [],
  };
}

export type UsedUp = {
  /** Parts of the plan that it takes anew; what is not on the shelf is waited for. */
  parts: readonly PlanPart[];
  /** Fasteners whose lock holds once. */
  fasteners: readonly LockedFastener[];
};

/** Sorts of parts that opening uses up, where their seat comes out. */
const SPENT: readonly PlanPart['what'][] = ['seal', 'o_ring'];

/** What the work to be done again locks; a job of before says nowhere which that is, so all of what comes apart. */
function locksUndone(job: JobView, opening: Opening): LockedFastener[] {
  const { plan } = job;
  if (plan.tasks.some(({ locks }) => locks))
    return undoneTasks(job, opening).flatMap((task) => locksOf(task, plan));
  return opening.howFar === 'apart' ? lockedOf(plan) : [];
}

/**
 * What opening uses up whatever was wrong: gaskets and locks of what comes apart, seals and O-rings of what comes out, and what is spent
 * by every try.
 */
export function usedUpBy(job: JobView, opening: Opening): UsedUp {
  const { plan } = job;
  const isApart = opening.howFar === 'apart';
  return {
    parts: plan.parts.filter((part) => {
      if (part.what === 'gasket') return isApart;
      const isTaken =
        part.seatId === null ? isApart && opening.opened.length > 0 : isOpened(part.seatId, opening);
      return isTaken && (SPENT.includes(part.what) || part.isSpent);
    }),
    fasteners: locksUndone(job, opening).filter(isSpentWhenUndone),
  };
}

/**
 * All that opening puts on record.
 * @param missing keys of parts that are not on the shelf: ordered, and waited for
 */
export function openAgainDrafts(
  job: JobView,
  opening: Opening,
  { why, missing }: { why: string; missing: readonly string[] },
): Draft[] {
  const journals = undoneTasks(job, opening).flatMap(({ onShaft }) => onShaft?.seats ?? []);
  const begun: readonly AnySeatId[] = [...opening.opened.map(({ seat }) => seat.id), ...new Set(journals)];
  return [
    { kind: 'job_opened_again', body: { why, ...doneAgain(job, opening) } },
    ...begun.map((seatId): Draft => ({ kind: 'seat_opened_again', body: {}, seatId })),
    ...usedUpBy(job, opening)
      .parts.filter(({ key }) => missing.includes(key))
      .map(({ key }): Draft => ({
        kind: 'order_noted',
        body: { partKey: key, state: 'ordered', kitNumber: '', promisedFor: null },
      })),
  ];
}
