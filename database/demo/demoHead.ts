import { startJob, type JobKind } from '@/core/job/kinds/jobKind';
import type { KindSeat } from '@/core/job/kinds/seats';
import type { Casting, JobHead, Seat } from '@/core/record/job';
import { ago, idOf } from './shop';

/** A casting of the demo, whose ids follow from names. */
export type DemoCasting = Omit<Casting, 'id' | 'seats'> & { seats: readonly KindSeat[] };

/** A demo job's head from its kind; `castings` in place of the kind's own where the machine differs from the usual. */
export function demoHead(
  job: string,
  kind: JobKind,
  about: {
    number: number;
    machine: string;
    machineSort?: string;
    minutesAgo: number;
    nowMs: number;
    castings?: readonly DemoCasting[];
    /** Stacks of this machine that its kind does not have. */
    moreStacks?: JobKind['stacks'];
  },
): JobHead {
  const withStacks: JobKind = { ...kind, stacks: [...(kind.stacks ?? []), ...(about.moreStacks ?? [])] };
  const own: JobKind = about.castings
    ? {
        ...withStacks,
        castings: about.castings,
        order: [],
        hidden: (kind.hidden ?? []).map(({ name }) => ({ name })),
      }
    : withStacks;
  const head = startJob(own, {
    number: about.number,
    machine: about.machine,
    roomC: 20,
    openedAt: ago(about.nowMs, about.minutesAgo),
    makeId: (name) => idOf(name === 'job' ? job : `${job} ${name}`),
  });
  return about.machineSort ? { ...head, machineSort: about.machineSort } : head;
}

export const seatsOf = (head: JobHead) => head.castings.flatMap(({ seats }) => seats);

/** A seat by its name; a slip in the demo shows at once. */
export function seatNamed(head: JobHead, name: string): Seat {
  const seat = seatsOf(head).find((each) => each.name === name);
  if (!seat) throw new Error(`no seat ${name} in the demo job of ${head.machine}`);
  return seat;
}

export const partKey = (head: JobHead, start: string): string => {
  const part = head.plan.parts.find(({ name }) => name.startsWith(start));
  if (!part) throw new Error(`no part ${start} in the demo job of ${head.machine}`);
  return part.key;
};
