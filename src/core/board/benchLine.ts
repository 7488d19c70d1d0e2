import type { CastingId, JobId, SeatId } from '@/core/record/ids';
import { findNextMove } from '@/core/walk/nextMove';
import { isEnd, type Move } from '@/core/walk/move';
import type { JobView, PartState, SeatState } from '@/core/job/seatView';
import type { Casting, JobHead } from '@/core/record/job';
import type { Work } from '@/core/project/jobState';
import type { WalkStyle } from '@/core/record/vocabulary';
import { stackCode } from './bagCode';

/** What the bench says of one job: its seats' states by casting, its next move, what it waits for. Kept beside the job's state. */
export type BenchLine = {
  castings: {
    castingId: CastingId;
    isHot: boolean;
    seats: { seatId: SeatId; seatState: SeatState; partState: PartState }[];
  }[];
  /** The next move for each style of walk. */
  moves: Record<WalkStyle, Move>;
  /** What stands out: trouble before hot before cold before anything else. */
  headline: { state: SeatState | 'cold'; seatName: string; count: number };
  waiting: Pick<NonNullable<Work['waiting']>, 'reason' | 'note'> | null;
  isDone: boolean;
};

/** One job as the bench shows it. */
export type BenchJob = Omit<BenchLine, 'castings'> & {
  jobId: JobId;
  castings: (Omit<BenchLine['castings'][number], 'castingId'> & { casting: Casting })[];
  number: number;
  machine: string;
  machineSort: string;
  kind: JobHead['kind'];
  /** Codes of its stacks’ bags, in the order of its plan. */
  stackCodes: readonly string[];
};

const LOUDEST: readonly (SeatState | 'cold')[] = [
  'trouble',
  'hot',
  'cold',
  'planned',
  'home',
  'measured',
  'as_found',
  'proven',
];

function headlineOf({ seats }: JobView): BenchLine['headline'] {
  const states = seats.flatMap(
    ({ seat, seatState, partState }): { state: SeatState | 'cold'; seatName: string }[] => [
      { state: seatState, seatName: seat.name },
      ...(partState === 'cold' ? [{ state: 'cold' as const, seatName: seat.name }] : []),
    ],
  );
  const state = LOUDEST.find((loud) => states.some((each) => each.state === loud)) ?? 'as_found';
  const those = states.filter((each) => each.state === state);
  return { state, seatName: those[0]?.seatName ?? '', count: those.length };
}

export function describeJob({ castings }: Pick<JobHead, 'castings'>, job: JobView): BenchLine {
  const full = findNextMove(job, 'full');
  // Taught says more of the same moves.
  const moves: BenchLine['moves'] = { quick: findNextMove(job, 'quick'), full, taught: full };
  const { waiting } = job.work;
  return {
    castings: castings.map(({ id }) => {
      const seats = job.seats.filter(({ casting }) => casting.id === id);
      return {
        castingId: id,
        isHot: seats.some(({ heat }) => heat.phase !== 'cold'),
        seats: seats.map(({ seat, seatState, partState }) => ({ seatId: seat.id, seatState, partState })),
      };
    }),
    moves,
    headline: headlineOf(job),
    waiting: waiting && { reason: waiting.reason, note: waiting.note },
    isDone: isEnd(moves.full),
  };
}

/** A job's line with what its drawing needs. */
export const benchJob = (
  { id, number, machine, machineSort, kind, plan, castings }: JobHead,
  line: BenchLine,
): BenchJob => ({
  ...line,
  jobId: id,
  number,
  machine,
  machineSort,
  kind,
  castings: castings.map((casting) => ({
    casting,
    isHot: false,
    seats: [],
    ...line.castings.find(({ castingId }) => castingId === casting.id),
  })),
  stackCodes: plan.stacks.map((_, i) => stackCode(number, i)),
});
