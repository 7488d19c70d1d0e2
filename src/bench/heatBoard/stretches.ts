import type { PlacedHeat } from '@/core/board/heatSchedule';
import type { JobHeatTask } from '@/core/board/heatTasks';
import type { HeatsPlan } from '@/core/board/planHeats';

/** What begins so long after all before it is done is looked at by itself. */
export const FAR_AHEAD_MS = 120 * 60_000;

/** A stretch of work: heats with less than two hours of nothing between them. */
export type Stretch = { fromMs: number; toMs: number; keys: string[] };

/** What is done at a heat, or was, and what has to be watched; a part that lies in the freezer already waits for no one. */
function spanOf(task: JobHeatTask, heat: PlacedHeat) {
  const toCold = heat.cold.filter((_, i) => task.cold[i]!.sinceMs === null);
  const starts = [...toCold, ...(task.source === null ? [] : [heat.heat]), heat.hands];
  return {
    fromMs: Math.min(...starts.map(({ fromMs }) => fromMs)),
    toMs: Math.max(task.source === null ? 0 : heat.touchMs, heat.hands.toMs),
  };
}

/** The stretches of a plan, soonest first: one that is days ahead would make everything else a dot. */
export function stretchesOf(tasks: readonly JobHeatTask[], plan: HeatsPlan): Stretch[] {
  const spans = plan.heats.map((heat) => ({
    key: heat.key,
    ...spanOf(
      tasks.find(({ key }) => key === heat.key)!,
      heat,
    ),
  }));
  const found: Stretch[] = [];
  for (const { fromMs, toMs, key } of spans.sort((a, b) => a.fromMs - b.fromMs)) {
    const last = found.at(-1);
    if (last && fromMs < last.toMs + FAR_AHEAD_MS) {
      last.toMs = Math.max(last.toMs, toMs);
      last.keys.push(key);
    } else found.push({ fromMs, toMs, keys: [key] });
  }
  return found;
}
