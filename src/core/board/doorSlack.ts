import { placeAt, type HeatTask } from './heatSchedule';
import { planHeats, type HeatFrame, type HeatsPlan } from './planHeats';

/** How late a door may open before another heat has to move. */
export type DoorSlack = {
  slackMs: number;
  /** Opened one minute later than that: what breaks. `done_late`: not all is home by the hour that was wanted. */
  then: { is: 'moves'; key: string; doorMs: number } | { is: 'done_late' } | { is: 'breaks' };
};

const MINUTE_MS = 60_000;
const LOOKED_AT_MIN = 120;

/** A plan that is only asked what would happen tries fewer orders. */
const PROVEN_UP_TO = 3;

const conflictsIn = ({ heats }: HeatsPlan) => heats.reduce((sum, { conflicts }) => sum + conflicts.length, 0);

/** What happens when this door is held open until `outMs`: another one moves, the plan breaks, or nothing but the choice of an oven. */
function heldOpen(
  key: string,
  outMs: number,
  tasks: readonly HeatTask[],
  plan: HeatsPlan,
  frame: HeatFrame,
): DoorSlack['then'] | null {
  const pinned = { ...frame.pinned, [key]: outMs };
  const again = planHeats(tasks, { ...frame, pinned, provenUpTo: PROVEN_UP_TO });
  const doorOf = (of: string) => plan.heats.find((each) => each.key === of)!.hands.fromMs;
  const [moved] = again.heats
    .filter((heat) => heat.key !== key && Math.abs(heat.hands.fromMs - doorOf(heat.key)) >= MINUTE_MS)
    .sort((a, b) => a.hands.fromMs - b.hands.fromMs);
  if (moved) return { is: 'moves', key: moved.key, doorMs: moved.hands.fromMs };
  return conflictsIn(again) > conflictsIn(plan) ? { is: 'breaks' } : null;
}

/**
 * Minute by minute, up to two hours. @returns null where a door that late touches nothing else
 * @param key the heat whose door it is
 */
export function doorSlack(
  key: string,
  tasks: readonly HeatTask[],
  plan: HeatsPlan,
  frame: HeatFrame,
): DoorSlack | null {
  const task = tasks.find((each) => each.key === key)!;
  const heat = plan.heats.find((each) => each.key === key)!;
  const others = plan.heats.flatMap((each) =>
    each.key === key ? [] : [{ task: tasks.find((other) => other.key === each.key)!, heat: each }],
  );
  const { wanted } = frame;
  for (let minutes = 1; minutes <= LOOKED_AT_MIN; minutes += 1) {
    const outMs = heat.hands.fromMs + minutes * MINUTE_MS;
    const isLate = wanted.is === 'done' && outMs + task.handsMs > wanted.atMs;
    const { conflicts } = placeAt(task, outMs, others, frame.spots, frame.nowMs);
    if (!isLate && conflicts.length <= heat.conflicts.length) continue;
    const then = heldOpen(key, outMs, tasks, plan, frame) ?? (isLate ? { is: 'done_late' as const } : null);
    if (then) return { slackMs: (minutes - 1) * MINUTE_MS, then };
  }
  return null;
}
