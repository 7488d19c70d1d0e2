import { findCastingHeat } from '@/core/job/castingHeat';
import { findNextMove, type Move } from '@/core/job/nextMove';
import { WALKS, type WalkStyle } from '@/core/record/vocabulary';
import { viewJob, type PartState, type SeatState } from '@/core/job/seatView';
import type { Work } from '@/core/job/work';
import type { Casting, JobRecord } from '@/core/record/job';
import type { Stack } from '@/core/stack/pieces';
import { stackCode } from './bagCode';

type BenchMove = { move: Move; seatName: string };

/** One job as the bench shows it: its castings with their seats' states, its next move, what it waits for. */
export type BenchJob = {
  jobId: string;
  number: number;
  machine: string;
  machineSort: string;
  kind: JobRecord['kind'];
  castings: {
    casting: Casting;
    isHot: boolean;
    seats: { seatId: string; seatState: SeatState; partState: PartState }[];
  }[];
  /** The next move for each style of walk. */
  moves: Record<WalkStyle, BenchMove>;
  /** What stands out: trouble before hot before cold before anything else. */
  headline: { state: SeatState | 'cold'; seatName: string; count: number };
  waiting: Pick<NonNullable<Work['waiting']>, 'reason' | 'note'> | null;
  isDone: boolean;
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

/** @returns null for a job that was put away */
export function describeJob(record: JobRecord, nowMs: number): BenchJob | null {
  const job = viewJob(record, nowMs);
  if (job.work.putAway) return null;
  const castings = record.castings.map((casting) => ({
    casting,
    isHot: findCastingHeat(record.entries, casting.id, nowMs).phase !== 'cold',
    seats: job.seats
      .filter((view) => view.casting === casting)
      .map(({ seat, seatState, partState }) => ({ seatId: seat.id, seatState, partState })),
  }));
  const states = job.seats.flatMap(
    ({ seat, seatState, partState }): { state: SeatState | 'cold'; seatName: string }[] => [
      { state: seatState, seatName: seat.name },
      ...(partState === 'cold' ? [{ state: 'cold' as const, seatName: seat.name }] : []),
    ],
  );
  const state = LOUDEST.find((loud) => states.some((each) => each.state === loud)) ?? 'as_found';
  const those = states.filter((each) => each.state === state);
  const moveFor = (walk: WalkStyle): BenchMove => {
    const move = findNextMove(job, walk);
    return { move, seatName: job.seats.find(({ seat }) => seat.id === move.seatId)?.seat.name ?? '' };
  };
  const moves = Object.fromEntries(WALKS.map((walk) => [walk, moveFor(walk)])) as BenchJob['moves'];
  const { waiting } = job.work;
  return {
    jobId: record.id,
    number: record.number,
    machine: record.machine,
    machineSort: record.machineSort,
    kind: record.kind,
    castings,
    moves,
    headline: { state, seatName: those[0]?.seatName ?? '', count: those.length },
    waiting: waiting && { reason: waiting.reason, note: waiting.note },
    isDone: moves.full.move.code === 'all_proven',
  };
}

/** Codes of a job's stack bags, in the order of its plan. */
export const stackCodesOf = ({ number, plan }: JobRecord): string[] =>
  plan.stacks.map((_, i) => stackCode(number, i));

/** The stacks of a job as they are compared across the bench. */
export const stacksOf = ({ id, number, machine, plan }: JobRecord, work: Work): Stack[] =>
  plan.stacks.map(({ key, name }) => ({
    jobId: id,
    jobNumber: number,
    machine,
    stackKey: key,
    name,
    pieces: work.stacks.get(key)?.pieces ?? [],
    putBack: work.stacks.get(key)?.putBack ?? [],
  }));
