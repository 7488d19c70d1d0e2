import { locksOf, type LockedFastener } from '@/core/closing/locks';
import { isLeftOutInAHurry, viewFloats, type FloatView } from '@/core/job/floatView';
import { viewJoint } from '@/core/job/jointView';
import type { JobView, SeatView } from '@/core/job/seatView';
import { viewSeal } from '@/core/job/sealView';
import type { EventBody } from '@/core/record/entries';
import { guardOf } from '@/core/record/seatFacts';
import type { Task } from '@/core/record/plan';
import type { Stage, Step } from '@/core/record/vocabulary';
import { checkPutBack } from '@/core/stack/pieces';
import { isTaskDone } from '@/core/walk/taskDone';

/**
 * What has to be proved before a job goes to its owner, and by what each was: by readings with their doubt, by the eye and hand, on
 * somebody's word against what was found, or not yet. Common practice, no source.
 */
export const PROVED_BY = ['figures', 'hand', 'word', 'not_here', 'open'] as const;
export type ProvedBy = (typeof PROVED_BY)[number];

export type Proof = {
  key: string;
  sort: 'seat' | 'ring' | 'plate' | 'seal' | 'float' | 'stack' | 'joint' | 'lock' | 'work';
  name: string;
  by: ProvedBy;
  /** Where it is proved. */
  at: { seatId: string | null; step: Step };
};

/** What was taken although something spoke against it, or without looking: it stands on the sheet with its reason. */
export type Overruled = { name: string } & (
  | { what: 'square' }
  | { what: 'float'; because: string }
  | { what: 'compared'; reason: EventBody<'compare_overruled'>['reason'] }
  | { what: 'skipped'; step: Step; reason: EventBody<'step_skipped'>['reason'] }
);

/** Stages whose work is a proof, or closes what can't be seen afterwards. */
const PROVING: readonly Stage[] = ['close', 'prove'];

/** By what a piece of work was proved. */
function workBy(task: Task, job: JobView): ProvedBy {
  if (!isTaskDone(task, job)) return 'open';
  return job.work.tasks[task.key]?.choice === 'not_here' ? 'not_here' : 'hand';
}

function seatProofs(view: SeatView, job: JobView): Proof[] {
  const { seat, history } = view;
  const proof = (sort: Proof['sort'], name: string, by: ProvedBy, step: Step): Proof => ({
    key: `${sort}:${seat.id}`,
    sort,
    name,
    by,
    at: { seatId: seat.id, step },
  });
  const { accepted } = history;
  const isIn = history.homeMs !== null && accepted !== null;
  const stands = !isIn ? 'open' : accepted.overruled ? 'word' : accepted.pass === null ? 'hand' : 'figures';
  // Not all round, or over an oil passage, it is in and proves nothing.
  const { ring: found } = history;
  const ring =
    found?.isIn && found.isAllRound !== false && found.isClearOfPassage !== false ? 'hand' : 'open';
  const isOwn = seat.spec.kind === 'seal_in_bore';
  const seal = isOwn || guardOf(seat.spec) ? viewSeal(view, job) : null;
  return [
    proof('seat', seat.name, stands, 'square'),
    ...(seat.spec.retainingRing ? [proof('ring', `${seat.name}, its ring`, ring, 'square')] : []),
    ...job.plan.tasks
      .filter(({ holds }) => holds?.includes(seat.id))
      .map((task) => ({
        ...proof('plate', `${seat.name}, its plate`, workBy(task, job), 'work'),
        key: `plate:${seat.id}:${task.key}`,
      })),
    ...(seal
      ? [
          proof(
            'seal',
            isOwn ? seat.name : `${seat.name}, its seal`,
            !seal.isIn ? 'open' : seal.isProven ? 'hand' : 'word',
            'seal',
          ),
        ]
      : []),
  ];
}

/** What only the longer walks measure proves nothing in a hurry, unless it was begun. */
const isLeftOut = ({ float, readings, done }: FloatView, { plan }: JobView): boolean =>
  readings.length === 0 && done.accepted === null && isLeftOutInAHurry(float.key, plan);

const floatProofs = (job: JobView): Proof[] =>
  viewFloats(job)
    .filter((view) => !isLeftOut(view, job))
    .map(({ float, done: { accepted } }) => ({
      key: `float:${float.key}`,
      sort: 'float',
      name: float.name,
      by: !accepted ? 'open' : accepted.because ? 'word' : accepted.by,
      at: { seatId: null, step: 'float' },
    }));

/** Of what came off: in a hurry some are never bagged, and lie with their shaft. */
const stackProofs = ({ plan, work }: JobView): Proof[] =>
  plan.stacks
    .filter(({ key }) => work.bagged.includes(key) || (work.stacks[key]?.pieces.length ?? 0) > 0)
    .map(({ key, name }) => {
      const stack = work.stacks[key];
      const isBack = work.backWhole.includes(key) || (stack !== undefined && checkPutBack(stack).isComplete);
      return {
        key: `stack:${key}`,
        sort: 'stack',
        name,
        by: isBack ? 'hand' : 'open',
        at: { seatId: null, step: 'stacks' },
      };
    });

/** Joints that were begun bolt by bolt: tight in every pass, and turned after each. */
const jointProofs = ({ seats, work }: JobView): Proof[] =>
  [...new Map(seats.map(({ casting }) => [casting.id, casting])).values()].flatMap((casting): Proof[] => {
    const joint = work.joints[casting.id];
    const view = joint && joint.tightened.length > 0 ? viewJoint(casting, joint) : null;
    if (!view) return [];
    return [
      {
        key: `joint:${casting.id}`,
        sort: 'joint',
        name: casting.name,
        by: !view.isTight || view.feelDue !== null ? 'open' : view.worseSince !== null ? 'word' : 'hand',
        at: { seatId: casting.seats[0]?.id ?? null, step: 'work' },
      },
    ];
  });

/** What only the longer walks ask for is open only where somebody began it. */
const isAsked = ({ key, isFullOnly }: Task, { work }: JobView): boolean =>
  !isFullOnly || key in work.tasks || key in work.ticked;

const LOCK_NAMES: Record<LockedFastener['locking'], string> = {
  medium_locker: 'locker',
  strong_locker: 'strong locker',
  split_pin: 'split pin',
  tab: 'tab',
  peened: 'peened edge',
  lock_pin: 'lock pin',
};

/** What holds the fasteners: proved by the work that sets it; a spoilt thread holds nothing, whatever locks it. */
const lockProofs = (job: JobView): Proof[] =>
  job.plan.tasks
    .filter((task) => isAsked(task, job))
    .flatMap((task) =>
      locksOf(task, job.plan).map((fastener) => ({
        key: `lock:${fastener.key}`,
        sort: 'lock',
        name: `${fastener.name}: ${LOCK_NAMES[fastener.locking]}`,
        by: job.work.fasteners[fastener.key] === 'thread_damaged' ? 'open' : workBy(task, job),
        at: { seatId: null, step: 'work' },
      })),
    );

const workProofs = (job: JobView): Proof[] =>
  job.plan.tasks
    .filter((task) => PROVING.includes(task.stage) && !task.floats && isAsked(task, job))
    .map((task) => ({
      key: `work:${task.key}`,
      sort: 'work',
      name: task.name,
      by: workBy(task, job),
      at: { seatId: null, step: 'work' },
    }));

/** Every proof of the job: seats in the order of its castings, then what lies between them, then what closes it. */
export const proofsOf = (job: JobView): Proof[] => [
  ...job.seats.flatMap((view) => seatProofs(view, job)),
  ...floatProofs(job),
  ...stackProofs(job),
  ...jointProofs(job),
  ...lockProofs(job),
  ...workProofs(job),
];

export function overruledOf(job: JobView): Overruled[] {
  const ofSeats = job.seats.flatMap(({ seat: { name }, history: { accepted, overruled } }): Overruled[] => [
    ...(accepted?.overruled ? [{ name, what: 'square' } as const] : []),
    ...(overruled ? [{ name, what: 'compared', reason: overruled } as const] : []),
  ]);
  const ofFloats = viewFloats(job).flatMap(({ float: { name }, done: { accepted } }): Overruled[] =>
    accepted?.because ? [{ name, what: 'float', because: accepted.because }] : [],
  );
  const skipped = (Object.keys(job.skipped) as Step[]).flatMap((step): Overruled[] => {
    const reason = job.skipped[step]?.reason;
    return reason ? [{ name: '', what: 'skipped', step, reason }] : [];
  });
  return [...ofSeats, ...ofFloats, ...skipped];
}
