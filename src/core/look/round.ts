import type { PointFinding } from '@/core/record/vocabulary';
import type { Round, RoundGone } from './roundSchema';

export type PointView = {
  key: string;
  name: string;
  /** What was found the last times, newest last. */
  before: PointFinding[];
  /** Watched twice running is enough: it gets a job. */
  asks: 'nothing' | 'look_closely' | 'job';
};
export type RoundView = { round: Round; lastMs: number | null; points: PointView[] };

const KEPT = 5;

function asksFor(before: readonly PointFinding[]): PointView['asks'] {
  const [last, one] = [before.at(-1), before.at(-2)];
  if (last === 'bad' || (last === 'watch' && one === 'watch')) return 'job';
  return last === 'watch' ? 'look_closely' : 'nothing';
}

const ASKED: Record<PointView['asks'], number> = { job: 0, look_closely: 1, nothing: 2 };
const mostAsked = ({ points }: RoundView) => Math.min(...points.map(({ asks }) => ASKED[asks]));

/** Every round with what was found on it before: what asks for a job first, then what was not gone for the longest. */
export function viewRounds(rounds: readonly Round[], gone: readonly RoundGone[]): RoundView[] {
  const inOrder = [...gone].sort((a, b) => Date.parse(a.at) - Date.parse(b.at));
  return rounds
    .map((round): RoundView => {
      const own = inOrder.filter(({ roundId }) => roundId === round.id);
      const last = own.at(-1);
      return {
        round,
        lastMs: last ? Date.parse(last.at) : null,
        points: round.points.map(({ key, name }) => {
          const before = own.flatMap(({ findings }) => findings[key] ?? []).slice(-KEPT);
          return { key, name, before, asks: asksFor(before) };
        }),
      };
    })
    .sort((a, b) => mostAsked(a) - mostAsked(b) || (a.lastMs ?? 0) - (b.lastMs ?? 0));
}
