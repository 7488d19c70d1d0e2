'use client';
import { useMemo, useState } from 'react';
import { spotsOf } from '@/core/board/heatSpots';
import type { JobHeatTask } from '@/core/board/heatTasks';
import type { HeatPlan } from '@/core/record/heatPlan';
import type { Tool } from '@/core/tools/tool';
import { useLatest } from '@/bench/frame/useLatest';
import { workerOf } from '@/bench/frame/worker';
import { useNow } from '@/bench/record/hooks';
import { keepShopEdit, useShop } from '@/bench/record/useShop';
import { boardWork, type Board, type BoardInput, type BoardWorker } from './boardWork';

export type BoardFacts = {
  tasks: readonly JobHeatTask[];
  tools: readonly Tool[];
  heatPlan: HeatPlan;
  nowMs: number;
};

const MINUTE_MS = 60_000;

/** Twenty-four orders are nothing to wait for. */
const FIRST_PROVEN = 4;

const boardWorker = workerOf<BoardWorker>(
  () => new Worker(new URL('./boardWorker.ts', import.meta.url), { type: 'module' }),
);
const askBoard = async (input: BoardInput) => (await (await boardWorker()).board(input)) as unknown as Board;

type Change = { before: HeatPlan; words: string };

/** The board as of this minute, with what is wanted and what is being dragged; and the ways to change it. */
export function useHeatBoard({ tasks, tools: toolsSaid, heatPlan: planSaid, nowMs: drawnMs }: BoardFacts) {
  const { tools, heatPlan } = useShop({ tools: toolsSaid, heatPlan: planSaid }, drawnMs);
  const nowMs = Math.floor(useNow(drawnMs, 5000) / MINUTE_MS) * MINUTE_MS;
  const [held, setHeld] = useState<{ key: string; doorMs: number } | null>(null);
  const [lastChange, setLastChange] = useState<Change | null>(null);
  const spots = useMemo(() => spotsOf(tools), [tools]);
  const input = useMemo(() => {
    const doors = held
      ? { ...heatPlan.doors, [held.key]: new Date(held.doorMs).toISOString() }
      : heatPlan.doors;
    return { tasks, spots, heatPlan: { ...heatPlan, doors }, nowMs };
  }, [tasks, spots, heatPlan, held, nowMs]);
  // eslint-disable-next-line react-hooks/exhaustive-deps -- only what the first drawing shows is reckoned here
  const first = useMemo(() => boardWork.board(input, FIRST_PROVEN), []);
  const { output } = useLatest(askBoard, input, null);
  const board = output ?? first;
  const change = (next: HeatPlan, words: string) => {
    setLastChange({ before: heatPlan, words });
    keepShopEdit({ what: 'heat_plan', heatPlan: next });
  };
  return {
    spots,
    nowMs,
    heatPlan,
    board,
    hold: setHeld,
    /** Doors of heats that are no more are forgotten with the first change. */
    setDoor: (key: string, doorMs: number | null, words: string) => {
      const keys = new Set(tasks.map((task) => task.key));
      const others = Object.entries(heatPlan.doors).filter(([each]) => each !== key && keys.has(each));
      const own = doorMs === null ? [] : [[key, new Date(doorMs).toISOString()]];
      change({ ...heatPlan, doors: Object.fromEntries([...others, ...own]) }, words);
    },
    want: (wanted: HeatPlan['wanted'], words: string) => change({ ...heatPlan, wanted }, words),
    lastChange,
    putBack: () => {
      if (lastChange) keepShopEdit({ what: 'heat_plan', heatPlan: lastChange.before });
      setLastChange(null);
    },
  };
}
export type HeatBoardState = ReturnType<typeof useHeatBoard>;
