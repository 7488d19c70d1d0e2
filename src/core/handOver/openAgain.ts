import type { JobView, SeatView } from '@/core/job/seatView';
import type { PlanPart } from '@/core/record/plan';
import type { EventBody } from '@/core/record/entries';
import { guardOf } from '@/core/record/seatFacts';
import type { Locking, Stage } from '@/core/record/vocabulary';

/** Stages whose work is undone when the machine is opened: what comes apart goes together again, and is proved anew. */
const UNDONE: readonly Stage[] = ['access', 'out', 'in', 'square', 'shaft', 'close', 'prove'];
/** What holds once. Common practice, no source. */
const HOLDS_ONCE: readonly Locking[] = ['medium_locker', 'strong_locker', 'split_pin', 'tab', 'peened'];

/** What a job handed over has to do again once it is open: pieces of work, floats and stacks, by their keys. */
export function doneAgain({ plan }: Pick<JobView, 'plan'>): Omit<EventBody<'job_opened_again'>, 'why'> {
  const tasks = plan.tasks.filter(({ stage }) => UNDONE.includes(stage));
  return {
    tasks: tasks.map(({ key }) => key),
    floats: [...new Set(tasks.flatMap(({ floats = [] }) => floats))],
    stacks: plan.stacks.map(({ key }) => key),
  };
}

export type UsedUp = { seals: readonly string[]; fasteners: readonly { name: string; locking: Locking }[] };

/** What opening uses up whatever was wrong: seals in front of what comes out, and what holds only once. */
export const usedUpBy = ({ plan }: Pick<JobView, 'plan'>, opened: readonly SeatView[]): UsedUp => ({
  seals: opened
    .filter(({ seat: { spec } }) => spec.kind === 'seal_in_bore' || guardOf(spec) !== null)
    .map(({ seat }) => seat.name),
  fasteners: plan.fasteners.flatMap(({ name, locking }) =>
    locking && HOLDS_ONCE.includes(locking) ? [{ name, locking }] : [],
  ),
});

/** Sorts of parts that opening uses up, where their seat comes out. */
const SPENT: readonly PlanPart['what'][] = ['seal', 'o_ring'];

/**
 * Parts of the plan that it takes anew: seals and O-rings of what comes out, gaskets whatever it was, and what is spent by every try.
 * What is not on the shelf is waited for.
 */
export const partsUsedUp = ({ plan }: Pick<JobView, 'plan'>, opened: readonly SeatView[]): PlanPart[] =>
  plan.parts.filter(({ what, seatId, isSpent }) => {
    if (what === 'gasket') return true;
    const isOfOpened = seatId === null || opened.some(({ seat }) => seat.id === seatId);
    return isOfOpened && opened.length > 0 && (SPENT.includes(what) || isSpent);
  });
