import { isAwaited } from '@/core/job/blocks';
import type { JobView } from '@/core/job/seatView';
import type { Task } from '@/core/record/plan';
import type { Stage, Step, WalkStyle } from '@/core/record/vocabulary';
import { keyItemId, seatItemId, type Item, type ItemAct } from './item';
import { areFloatsDone } from './floatOffers';
import { isTaskDone, troubleOfTask } from './taskDone';
import { RANK, stageRank } from './rank';
import { isPastStripping } from './facts';
import { carriedNow } from './carried';

/** How far the seats have come: work of earlier stages is behind them and is not asked for any more. */
export type Progress = {
  /** Something is out, or gone on with. */
  hasBegun: boolean;
  /** Something was measured, planned or fitted. */
  isPastStripping: boolean;
  isFitting: boolean;
};

export const progressOf = ({ seats }: JobView): Progress => ({
  hasBegun: seats.some((view) => view.history.takenOut !== null || isPastStripping(view)),
  isPastStripping: seats.some(isPastStripping),
  isFitting: seats.some(({ history }) => history.homeMs !== null),
});

/** Steps whose work a person left out. */
const STEP_OF_STAGE: Partial<Record<Stage, Step>> = {
  look: 'look',
  access: 'strip',
  out: 'strip',
  parts: 'parts',
};
export const isSkipped = ({ skipped }: JobView, stage: Stage) => {
  const step = STEP_OF_STAGE[stage];
  return step !== undefined && skipped[step] !== undefined;
};

const ofKey = (
  act: ItemAct,
  stage: Stage,
  { key, name }: { key: string; name: string },
  rest: Pick<Item, 'rank' | 'group' | 'isDone'> & { after?: string[] },
): Item => ({
  id: keyItemId(act, key),
  act,
  stage,
  key,
  name,
  seatId: null,
  why: null,
  isWaiting: false,
  after: [],
  ...rest,
});

/** Whether the seats have come past a piece of work that nobody said was done. */
function isTaskPast(task: Task, job: JobView, progress: Progress): boolean {
  const { key, stage, before } = task;
  const { seats, work } = job;
  if (work.handOver.undone.includes(key) || carriedNow(task, job).length > 0) return false;
  const isHome = seats.some(({ seat, history }) => before.includes(seat.id) && history.homeMs !== null);
  if (stage === 'look' || stage === 'access') return progress.hasBegun;
  if (stage === 'out' || stage === 'clean') return progress.isPastStripping;
  if (stage === 'parts' || stage === 'measure') return progress.isFitting;
  return stage === 'in' && isHome;
}

/** What stands for the seals of all seats, their retaining rings, and how they stood. */
const ALL: Readonly<Record<string, ItemAct>> = {
  all_seals: 'seal_out',
  all_rings: 'ring_out',
  all_found: 'as_found',
};

/** What a task waits for: seats go by what the stage does to them. */
function afterOf({ stage, after }: Task, job: JobView): string[] {
  const act: ItemAct = stage === 'out' || stage === 'access' ? 'part_out' : 'fit';
  return after.flatMap((place) => {
    const ofAll = ALL[place];
    if (ofAll)
      return job.seats.flatMap(({ seat: { id, spec } }) => [
        seatItemId(ofAll, id),
        ...(ofAll === 'seal_out' && spec.kind === 'seal_in_bore' ? [seatItemId(act, id)] : []),
      ]);
    const seat = job.seats.find(({ seat: { id } }) => id === place);
    return seat
      ? [seatItemId(act, seat.seat.id), ...(act === 'fit' ? [] : [seatItemId('seal_out', seat.seat.id)])]
      : [keyItemId('task', place), keyItemId(act === 'part_out' ? 'stack_off' : 'stack_back', place)];
  });
}

/** In the order in which they are said; what waits for seats does not pull them forward. */
function taskRank({ stage, after }: Task, i: number): number {
  // Readings come before what is decided by them.
  const waits = stage === 'measure' || (after.length > 0 && (stage === 'out' || stage === 'in'));
  return stageRank(stage) + (waits ? RANK.taskAfterSeats : RANK.task) + (i * RANK.perTask) / 10;
}

function taskItems(job: JobView, walk: WalkStyle, progress: Progress): Item[] {
  const isQuick = walk === 'quick';
  return job.plan.tasks
    .filter(({ isFullOnly }) => !isQuick || !isFullOnly)
    .map((task, i) =>
      ofKey('task', task.stage, task, {
        rank: taskRank(task, i),
        group: isQuick && task.stage === 'clean' ? 'clean' : null,
        isDone:
          isTaskDone(task, job) ||
          (areFloatsDone(task, job) && troubleOfTask(task, job) === null) ||
          isTaskPast(task, job, progress) ||
          isSkipped(job, task.stage),
        after: afterOf(task, job),
      }),
    );
}

function lookItems(job: JobView, walk: WalkStyle, { hasBegun }: Progress): Item[] {
  const { plan, work } = job;
  const isBehind = hasBegun || work.lookedOver !== null || isSkipped(job, 'look');
  const looks = plan.checks.map((check, i) =>
    ofKey(
      'look',
      'look',
      { key: check, name: check },
      {
        rank: stageRank('look') + i,
        group: walk === 'quick' ? 'look' : null,
        isDone: isBehind || work.looks[check] !== undefined,
      },
    ),
  );
  const access = plan.access.map((each, i) =>
    ofKey('access', 'access', each, {
      rank: stageRank('access') + i,
      group: walk === 'quick' ? 'access' : null,
      isDone:
        (hasBegun && !work.handOver.isApart) ||
        work.accessDone.includes(each.key) ||
        isSkipped(job, 'access'),
    }),
  );
  return [...looks, ...access];
}

function stackItems({ plan, work, skipped }: JobView, walk: WalkStyle, progress: Progress): Item[] {
  const isQuick = walk === 'quick';
  return plan.stacks
    .filter(({ isFullOnly }) => !isQuick || !isFullOnly)
    .flatMap((stack, i) => {
      const state = work.stacks[stack.key];
      const isBagged = work.bagged.includes(stack.key) || (state?.pieces.length ?? 0) > 0;
      const isBack =
        work.backWhole.includes(stack.key) ||
        (state?.pieces.every(({ pieceId }) => state.putBack.some((back) => back.pieceId === pieceId)) ??
          false);
      return [
        ofKey('stack_off', 'out', stack, {
          rank: RANK.stacksOff + i,
          group: isQuick ? 'stacks_off' : null,
          isDone: isBagged || progress.hasBegun || skipped.stacks !== undefined,
        }),
        // What never came off does not go back.
        ...(isBagged || !(progress.hasBegun || skipped.stacks)
          ? [
              ofKey('stack_back', 'shaft', stack, {
                rank: RANK.stackBack + i,
                group: isQuick ? 'stacks_back' : null,
                isDone: isBagged && isBack,
                after: [keyItemId('stack_off', stack.key)],
              }),
            ]
          : []),
      ];
    });
}

/** Kit counted and old things looked at, once all is out. What is still on its way can't be counted. */
function partItems(job: JobView, walk: WalkStyle, progress: Progress, group: string | null): Item[] {
  const { plan, work, skipped } = job;
  const isBehind = progress.isPastStripping || skipped.parts !== undefined;
  const kit = plan.parts.map((part) =>
    ofKey('count', 'parts', part, {
      rank: RANK.count,
      group: group ?? 'count',
      isDone: part.key in work.counted || isAwaited(part, work) || isBehind,
    }),
  );
  // In a hurry what is inspected is said by the job's own work.
  const looked = (walk === 'quick' ? [] : plan.inspect).map((each) =>
    ofKey('inspect', 'parts', each, {
      rank: RANK.inspect,
      group: 'inspect',
      isDone: each.key in work.inspected || progress.isFitting || isBehind,
    }),
  );
  return [...kit, ...looked];
}

export const jobItems = (job: JobView, walk: WalkStyle, progress: Progress, partsGroup: string | null) => [
  ...lookItems(job, walk, progress),
  ...taskItems(job, walk, progress),
  ...stackItems(job, walk, progress),
  ...partItems(job, walk, progress, partsGroup),
];
