import type { PlacedHeat } from './heatSchedule';
import type { JobHeatTask } from './heatTasks';
import type { HeatsPlan } from './planHeats';

/** One thing to do, or to wait for, at a moment of the plan. */
export type BoardAct = {
  /** `drops_wait`: it is out, and parts are not in. `drop_cold`: a part out of the freezer into a bore that nobody heats. */
  is: 'cold_in' | 'heat_in' | 'open' | 'drop_cold' | 'drops_wait' | 'rubber' | 'touch';
  atMs: number;
  task: JobHeatTask;
  placeKey: string | null;
  /** Seats whose parts go into the cold. */
  parts: string[];
};

function actsOf(task: JobHeatTask, heat: PlacedHeat): BoardAct[] {
  const act = (
    is: BoardAct['is'],
    atMs: number,
    placeKey = heat.placeKey,
    parts: string[] = [],
  ): BoardAct => ({
    is,
    atMs,
    task,
    placeKey,
    parts,
  });
  const toCold = heat.cold.filter((_, i) => task.cold[i]!.sinceMs === null);
  const isOut = task.outMs !== null;
  const isHeat = task.source !== null;
  return [
    ...(toCold[0]
      ? [
          act(
            'cold_in',
            toCold[0].fromMs,
            toCold[0].placeKey,
            toCold.map(({ key }) => key),
          ),
        ]
      : []),
    ...(isHeat && task.inMs === null ? [act('heat_in', heat.heat.fromMs)] : []),
    ...(task.drops.length === 0
      ? []
      : [isOut ? act('drops_wait', task.outMs!) : act(isHeat ? 'open' : 'drop_cold', heat.hands.fromMs)]),
    ...(isHeat ? [act('rubber', heat.rubberMs), act('touch', heat.touchMs)] : []),
  ];
}

/** Everything that is still to be done or waited for, soonest first: the board's headline, the sheet for the oven's door, the calendar. */
export const boardActs = (tasks: readonly JobHeatTask[], { heats }: HeatsPlan, nowMs: number): BoardAct[] =>
  heats
    .flatMap((heat) =>
      actsOf(
        tasks.find(({ key }) => key === heat.key)!,
        heat,
      ),
    )
    .filter(({ is, atMs }) => (is !== 'rubber' && is !== 'touch') || atMs >= nowMs)
    .sort((a, b) => a.atMs - b.atMs);

const isWork = ({ is }: BoardAct) => is !== 'rubber' && is !== 'touch';

/** What is done next: what is out and waits before everything; cooling only where nothing else is left. Null: nothing at all. */
export const nextAct = (acts: readonly BoardAct[]): BoardAct | null =>
  acts.find(({ is }) => is === 'drops_wait') ?? acts.find(isWork) ?? acts[0] ?? null;
