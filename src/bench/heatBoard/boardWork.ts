import { boardActs, nextAct } from '@/core/board/boardActs';
import { doorSlack } from '@/core/board/doorSlack';
import { frameOf } from '@/core/board/heatFrame';
import type { ShopSpot } from '@/core/board/heatSpots';
import type { JobHeatTask } from '@/core/board/heatTasks';
import { planHeats } from '@/core/board/planHeats';
import type { HeatPlan } from '@/core/record/heatPlan';

export type BoardInput = {
  tasks: readonly JobHeatTask[];
  spots: readonly ShopSpot[];
  heatPlan: HeatPlan;
  nowMs: number;
};

/** What the board shows, reckoned beside the page: the plan, what is to be done, and how late each door may be. */
export const boardWork = {
  /** @param provenUpTo for a first drawing that waits for nothing: so many free heats in every order */
  board: ({ tasks, spots, heatPlan, nowMs }: BoardInput, provenUpTo?: number) => {
    const frame = { ...frameOf(heatPlan, spots, nowMs), ...(provenUpTo !== undefined && { provenUpTo }) };
    const plan = planHeats(tasks, frame);
    const acts = boardActs(tasks, plan, nowMs);
    const next = nextAct(acts);
    const door = acts.find(({ is }) => is === 'open' || is === 'drop_cold') ?? null;
    return {
      plan,
      acts,
      next,
      door: door && { key: door.task.key, slack: doorSlack(door.task.key, tasks, plan, frame) },
    };
  },
};
export type BoardWorker = typeof boardWork;
export type Board = ReturnType<BoardWorker['board']>;
