import type { AnyId, SeatId } from '@/core/record/ids';
import type { CautionCode } from '@/core/catalogue/cautions';
import type { JobPlan, PlanPart, Task } from '@/core/record/plan';
import { keyFrom, withKeys, type SeatFinding } from '@/core/record/vocabulary';
import type { Casting, JobHead } from '@/core/record/job';
import { partsOfSeat } from '@/core/parts/kit';
import { lubricationOf, type Lubricant } from '@/core/parts/lubrication';
import type { Shaft } from '@/core/record/shafts';
import { floatsOfTasks, keysOfFloats, type KindFloat } from './kindFloats';
import type { KindSeat } from './seats';
import { shaftsOfKind, type KindShaft } from './kindShafts';
import { FILM_CHOICES, TURN_CHOICES } from './usualChoices';

type WithoutKey<T> = Omit<T, 'key'>;

/** A choice that says something of seats. */
export type KindChoice = { say: string; finding: SeatFinding; seats: readonly string[] };

/** The school that fits the seals after the halves are joined. */
export type KindSchoolOfSeals = { say: string; sealsAfterJoining: true };

/** The school that puts the bearings into their casting first, and the shaft into them there. */
export type KindSchoolOfBearings = { say: string; intoCastingFirst: true };

/** How it can go wrong: what is seen, what that means and what is done now. */
export type KindTrouble = { say: string; then: string };

type AnyChoice = string | KindChoice | KindSchoolOfSeals | KindSchoolOfBearings;

/** A piece of work that is no seat's own; seats, other work and stacks that it waits for are spoken of by name or key. */
export type KindTask = {
  /** Left out: from what is said. */
  key?: string;
  stage: Task['stage'];
  say: string;
  why?: string;
  isFullOnly?: boolean;
  choices?: readonly AnyChoice[];
  items?: readonly string[];
  /** Its list grows by what the seats and parts of the kind want of oil or grease. */
  lubricates?: Lubricant;
  troubles?: readonly KindTrouble[];
  /** Everything is turned and felt; `since`: held against how it turned at that other work. */
  turns?: { since?: string };
  /** Seats whose part it holds. */
  holds?: readonly string[];
  /** Seats whose part moves with it, on its shaft. */
  carries?: readonly string[];
  isSealed?: boolean;
  /** What was taken off to get at it goes back on. */
  closesAccess?: true;
  /** Fasteners whose lock is set with it. */
  locks?: readonly string[];
  /** Tools are counted with it. */
  countsTools?: true;
  caution?: CautionCode;
  after?: readonly string[];
  before?: readonly string[];
  /** What is measured with it. */
  floats?: readonly KindFloat[];
  /** Seats on shafts (`stem, lower cone`) that a bearing or cone comes off by it, or goes onto. */
  off?: readonly string[];
  onto?: readonly string[];
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
  shafts?: readonly KindShaft[];
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
  heatedBy?: JobPlan['heatedBy'];
};

/** What each seat takes. */
const partsOfSeats = ({ castings }: Pick<JobKind, 'castings'>) =>
  castings.flatMap(({ seats }) =>
    seats.flatMap((seat) => partsOfSeat(seat).map(({ of: _of, ...part }) => ({ ...part, seat: seat.name }))),
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

/** The seats on shafts that a piece of work is about; a machine of the kind may have fewer. */
function onShaftOf(
  { off, onto }: Pick<KindTask, 'off' | 'onto'>,
  shafts: readonly Shaft[],
): Pick<Task, 'onShaft'> {
  const words = off ?? onto ?? [];
  const seats = shafts.flatMap(({ name, seats: on }) =>
    on.flatMap((seat) => (words.includes(`${name}, ${seat.name}`) ? [seat.id] : [])),
  );
  return seats.length > 0 ? { onShaft: { does: off ? 'off' : 'onto', seats } } : {};
}

/** A choice with the seats that it says something of; a machine of the kind may have fewer. */
function choiceOf(choice: AnyChoice, kind: JobKind, seatId: (name: string) => SeatId) {
  if (typeof choice === 'string') return { name: choice };
  if ('sealsAfterJoining' in choice) return { name: choice.say, sealsAfterJoining: true };
  if ('intoCastingFirst' in choice) return { name: choice.say, intoCastingFirst: true };
  const seats = choice.seats.filter((name) => seatNames(kind).includes(name)).map(seatId);
  return { name: choice.say, ...(seats.length > 0 && { finding: { what: choice.finding, seats } }) };
}

/** Schools, how it turned, and how it can go wrong: all that a piece of work can be answered with. */
function choicesOf(
  { choices = [], troubles = [], turns, isSealed }: KindTask,
  kind: JobKind,
  seatId: (name: string) => SeatId,
): Task['choices'] {
  const ofTurning = turns ? TURN_CHOICES : [];
  const ofFilm = isSealed ? FILM_CHOICES : [];
  return [
    ...ofTurning,
    ...ofFilm,
    ...withKeys([
      ...choices.map((choice) => choiceOf(choice, kind, seatId)),
      ...troubles.map(({ say, then }) => ({ name: say, trouble: then })),
    ]),
  ];
}

function itemsOf({ items = [], lubricates }: KindTask, kind: JobKind): Task['items'] {
  const names = lubricates ? lubricationOf(kind.castings, kind.parts ?? [], lubricates, items) : items;
  return withKeys(names.map((name) => ({ name: name.slice(0, 80) })));
}

function tasksOfKind(kind: JobKind, seatId: (name: string) => SeatId, shafts: readonly Shaft[]): Task[] {
  const seats = seatNames(kind);
  const placeOf = (name: string) => (seats.includes(name) ? seatId(name) : keyFrom(name));
  const keyed = withKeys((kind.tasks ?? []).map((task) => ({ ...task, name: task.key ?? task.say })));
  return keyed.map(({ key, stage, say, why = '', ...task }) => ({
    key,
    name: say,
    why,
    stage,
    isFullOnly: task.isFullOnly ?? false,
    choices: choicesOf({ stage, say, ...task }, kind, seatId),
    ...(task.turns?.since && { since: keyFrom(task.turns.since) }),
    ...(task.holds && { holds: task.holds.filter((name) => seats.includes(name)).map(seatId) }),
    ...(task.carries && { carries: task.carries.filter((name) => seats.includes(name)).map(seatId) }),
    ...(task.closesAccess && { closesAccess: true }),
    ...(task.locks && { locks: task.locks.map(keyFrom) }),
    ...(task.isSealed && { isSealed: true }),
    ...(task.countsTools && { countsTools: true }),
    items: itemsOf({ stage, say, ...task }, kind),
    caution: task.caution ?? null,
    ...onShaftOf(task, shafts),
    ...(task.floats && { floats: keysOfFloats(task.floats) }),
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

function planOfKind(kind: JobKind, seatId: (name: string) => SeatId, shafts: readonly Shaft[]): JobPlan {
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
    tasks: tasksOfKind(kind, seatId, shafts),
    floats: floatsOfTasks(kind.tasks ?? []),
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
    special: (kind.special ?? []).map(({ seat, ...note }) => ({
      ...note,
      ...(seat && { seatId: seatId(seat) }),
    })),
    cautions: [...(kind.cautions ?? [])],
    ...(kind.preferredWay && { preferredWay: kind.preferredWay }),
    ...(kind.heatedBy && { heatedBy: kind.heatedBy }),
  };
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
  const shafts = shaftsOfKind(kind, castings, makeId);
  return {
    id: makeId('job'),
    number,
    kind: kind.kind,
    machine,
    machineSort: kind.machineSort,
    roomC,
    openedAt,
    castings,
    shafts,
    plan: planOfKind(kind, seatId, shafts),
  };
}
