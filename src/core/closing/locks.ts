import type { JobPlan, Task } from '@/core/record/plan';
import type { Locking } from '@/core/record/vocabulary';

/**
 * What holds a fastener against working loose: a locker of its grade, a split pin, a tab, a peened edge, a lock pin in its tooth. It is
 * set by a piece of work and proved with it; the manual's stands above the kind's. Common practice, no source.
 */
export type LockedFastener = JobPlan['fasteners'][number] & { locking: Exclude<Locking, 'none'> };

const isLocked = (fastener: JobPlan['fasteners'][number]): fastener is LockedFastener =>
  fastener.locking !== undefined && fastener.locking !== 'none';

export const lockedOf = ({ fasteners }: Pick<JobPlan, 'fasteners'>): LockedFastener[] =>
  fasteners.filter(isLocked);

/** The fasteners whose lock is set by this piece of work; of a task that names none, or where torque alone holds them: none. */
export const locksOf = (
  { locks = [] }: Pick<Task, 'locks'>,
  plan: Pick<JobPlan, 'fasteners'>,
): LockedFastener[] => lockedOf(plan).filter(({ key }) => locks.includes(key));

/** Locks that hold once: undone, a new one is taken. */
const HOLDS_ONCE: readonly Locking[] = ['medium_locker', 'strong_locker', 'split_pin', 'tab', 'peened'];
export const isSpentWhenUndone = ({ locking }: LockedFastener): boolean => HOLDS_ONCE.includes(locking);
