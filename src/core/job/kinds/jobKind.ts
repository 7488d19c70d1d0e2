import type { AnyId, SeatId } from '@/core/record/ids';
import type { CautionCode } from '@/core/catalogue/words';
import type { JobPlan, PlanPart, Task } from '@/core/record/plan';
import { freeKey, keyFrom } from '@/core/record/vocabulary';
import type { Casting, JobHead } from '@/core/record/job';
import { gatherShafts } from '@/core/record/gatherShafts';
import { guardOf } from '@/core/record/seatFacts';
import type { Shaft } from '@/core/record/shafts';
import type { KindSeat } from './seats';

type WithoutKey<T> = Omit<T, 'key'>;

/** A piece of work that is no seat's own; seats, other work and stacks that it waits for are spoken of by name or key. */
export type KindTask = {
  /** Left out: from what is said. */
  key?: string;
  stage: Task['stage'];
  say: string;
  why?: string;
  isFullOnly?: boolean;
  choices?: readonly string[];
  items?: readonly string[];
  caution?: CautionCode;
  after?: readonly string[];
  before?: readonly string[];
};

/**
 * A job kind: what a job of this sort starts with. Seats are spoken of by name. The person changes sizes as they are measured; nothing
 * is mandatory to begin.
 */
export type JobKind = {
  kind: JobHead['kind'];
  name: string;
  machineSort: string;
  /** Words by which people ask for it, beside its name. */
  keywords: string;
  castings: readonly (Omit<Casting, 'id' | 'seats'> & { seats: readonly KindSeat[] })[];
  /** How much has to come apart again to reach a seat of this kind. */
  reach: PlanPart['reach'];
  /** What is said of a shaft beyond the seats that speak of it. */
  shafts?: readonly (Pick<Shaft, 'name'> & Partial<Pick<Shaft, 'material' | 'lengthMm' | 'ends'>>)[];
  order?: readonly { first: string; then: string; why: JobPlan['order'][number]['why'] }[];
  /** Beside the bearing, bush or seal of each seat, which come by themselves. */
  parts?: readonly (Pick<PlanPart, 'name' | 'what'> &
    Partial<Pick<PlanPart, 'count' | 'isSpent' | 'reach'>> & { seat?: string })[];
  stacks?: readonly WithoutKey<JobPlan['stacks'][number]>[];
  fasteners?: readonly (Pick<JobPlan['fasteners'][number], 'name' | 'size'> &
    Partial<JobPlan['fasteners'][number]>)[];
  access?: readonly string[];
  /** What else is done, in order within its stage. */
  tasks?: readonly KindTask[];
  checks?: JobPlan['checks'];
  hidden?: readonly { name: string; under?: string }[];
  inspect?: readonly { name: string; limitMm?: number; isLeast?: boolean }[];
  special?: readonly (Omit<JobPlan['special'][number], 'seatId'> & { seat?: string })[];
  cautions?: readonly string[];
  preferredWay?: JobPlan['preferredWay'];
};

/** Keys from names, the second of a name numbered. */
function withKeys<T extends { name: string }>(items: readonly T[]): (T & { key: string })[] {
  const taken = new Set<string>();
  return items.map((item) => {
    const key = freeKey(item.name, taken);
    taken.add(key);
    return { ...item, key };
  });
}

const SORT_OF: Partial<Record<string, PlanPart['what']>> = { bush: 'bush', seal: 'seal' };

const guards = (seal: ReturnType<typeof guardOf>) => (seal ? [seal] : []);

/** What each seat takes: its bearing, bush or seal; the seal beside it; its retaining ring. */
const partsOfSeats = (kind: Pick<JobKind, 'castings' | 'reach'>) =>
  kind.castings.flatMap(({ seats }) =>
    seats.flatMap(({ name, spec }) => [
      {
        name: `${name}: ${spec.part.designation}`,
        what: SORT_OF[spec.part.type] ?? ('bearing' as const),
        seat: name,
      },
      ...guards(guardOf(spec)).map(({ shaftMm, outsideMm, widthMm }) => ({
        name: `${name}: seal ${shaftMm}×${outsideMm}×${widthMm}`,
        what: 'seal' as const,
        seat: name,
      })),
      ...(spec.retainingRing
        ? [{ name: `${name}: retaining ring`, what: 'retaining_ring' as const, seat: name }]
        : []),
    ]),
  );

/** Destroyed by a failed attempt, so two are bought. Common practice, no source. */
const IS_SPENT: readonly PlanPart['what'][] = ['o_ring'];

const partsOfKind = (kind: JobKind, seatId: (name: string) => SeatId): PlanPart[] =>
  withKeys([...partsOfSeats(kind), ...(kind.parts ?? [])] as NonNullable<JobKind['parts']>).map(
    ({ key, name, what, seat, count = 1, isSpent, reach }) => ({
      key,
      name,
      what,
      seatId: seat ? seatId(seat) : null,
      count,
      isSpent: isSpent ?? IS_SPENT.includes(what),
      reach: reach ?? kind.reach,
    }),
  );

const seatNames = ({ castings }: JobKind) => castings.flatMap(({ seats }) => seats.map(({ name }) => name));

function tasksOfKind(kind: JobKind, seatId: (name: string) => SeatId): Task[] {
  const seats = seatNames(kind);
  const placeOf = (name: string) => (seats.includes(name) ? seatId(name) : keyFrom(name));
  const keyed = withKeys((kind.tasks ?? []).map((task) => ({ ...task, name: task.key ?? task.say })));
  return keyed.map(({ key, stage, say, why = '', choices = [], items = [], ...task }) => ({
    key,
    name: say,
    why,
    stage,
    isFullOnly: task.isFullOnly ?? false,
    choices: withKeys(choices.map((name) => ({ name }))),
    items: withKeys(items.map((name) => ({ name }))),
    caution: task.caution ?? null,
    after: (task.after ?? []).map(placeOf),
    before: (task.before ?? []).map(placeOf),
  }));
}

const fastenersOfKind = ({ fasteners = [] }: JobKind): JobPlan['fasteners'] =>
  withKeys(fasteners).map(({ key, name, size, count = 1, isLeftHand = false, locking }) => ({
    key,
    name,
    size,
    count,
    isLeftHand,
    ...(locking && { locking }),
  }));

function planOfKind(kind: JobKind, seatId: (name: string) => SeatId): JobPlan {
  return {
    version: 1,
    order: (kind.order ?? []).map(({ first, then, why }) => ({
      first: seatId(first),
      then: seatId(then),
      why,
    })),
    parts: partsOfKind(kind, seatId),
    stacks: withKeys(kind.stacks ?? []),
    fasteners: fastenersOfKind(kind),
    tasks: tasksOfKind(kind, seatId),
    access: withKeys((kind.access ?? []).map((name) => ({ name }))),
    checks: [...(kind.checks ?? ['free_turn', 'rough', 'rust'])],
    hidden: withKeys(kind.hidden ?? []).map(({ key, name, under }) => ({
      key,
      name,
      under: under ? seatId(under) : null,
    })),
    inspect: withKeys(kind.inspect ?? []).map(({ key, name, limitMm = null, isLeast = true }) => ({
      key,
      name,
      limitMm,
      isLeast,
    })),
    special: (kind.special ?? []).map(({ step, text, seat }) => ({
      step,
      text,
      ...(seat && { seatId: seatId(seat) }),
    })),
    cautions: [...(kind.cautions ?? [])],
    ...(kind.preferredWay && { preferredWay: kind.preferredWay }),
  };
}

function shaftsOfKind(
  { castings: kindCastings, shafts = [] }: JobKind,
  castings: readonly Casting[],
  makeId: (name: string) => AnyId,
): Shaft[] {
  const named = kindCastings.flatMap(({ seats }, i) =>
    seats.flatMap(({ shaft, spec }, j) =>
      shaft ? [{ words: shaft, nominalMm: spec.part.boreMm, seat: castings[i]!.seats[j]! }] : [],
    ),
  );
  const gathered = gatherShafts(named, {
    shaft: (name) => makeId(`shaft ${name}`),
    journal: (seatName) => makeId(`journal in ${seatName}`),
  });
  return gathered.map((shaft) => ({ ...shaft, ...shafts.find(({ name }) => name === shaft.name) }));
}

/** A job head from its kind. `makeId` gives the ids (the caller owns the source of chance); seats start at version 1. */
export function startJob(
  kind: JobKind,
  {
    number,
    machine,
    roomC,
    openedAt,
    makeId,
  }: { number: number; machine: string; roomC: number; openedAt: string; makeId: (name: string) => AnyId },
): JobHead {
  const castings = kind.castings.map(({ seats, ...casting }) => ({
    ...casting,
    id: makeId(casting.name),
    seats: seats.map(({ shaft: _shaft, ...seat }) => ({ ...seat, id: makeId(seat.name), version: 1 })),
  }));
  const ids = new Map(castings.flatMap(({ seats }) => seats.map(({ name, id }) => [name, id] as const)));
  const seatId = (name: string) => {
    const id = ids.get(name);
    if (!id) throw new Error(`the kind ${kind.kind} speaks of a seat that it has not: ${name}`);
    return id;
  };
  return {
    id: makeId('job'),
    number,
    kind: kind.kind,
    machine,
    machineSort: kind.machineSort,
    roomC,
    openedAt,
    castings,
    shafts: shaftsOfKind(kind, castings, makeId),
    plan: planOfKind(kind, seatId),
  };
}
