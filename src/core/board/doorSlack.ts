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

/** The first heat that opens at another time when this door is held open until `outMs`. */
function movedBy(key: string, outMs: number, tasks: readonly HeatTask[], plan: HeatsPlan, frame: HeatFrame) {
  const again = planHeats(tasks, { ...frame, pinned: { ...frame.pinned, [key]: outMs } });
  return again.heats
    .filter((heat) => heat.key !== key)
    .sort((a, b) => a.hands.fromMs - b.hands.fromMs)
    .find(
      (heat) =>
        Math.abs(heat.hands.fromMs - plan.heats.find((each) => each.key === heat.key)!.hands.fromMs) >=
        MINUTE_MS,
    );
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
    const slackMs = (minutes - 1) * MINUTE_MS;
    const moved = movedBy(key, outMs, tasks, plan, frame);
    if (moved) return { slackMs, then: { is: 'moves', key: moved.key, doorMs: moved.hands.fromMs } };
    return { slackMs, then: { is: isLate ? 'done_late' : 'breaks' } };
  }
  return null;
}
