import type { SeatId } from '@/core/record/ids';
import { useMemo } from 'react';
import { partsOfHeat, viewCastingRun } from '@/core/board/castingRun';
import type { SeatView } from '@/core/job/seatView';
import { missingInHeat } from '@/core/job/withinReach';
import { useNow } from '@/bench/record/hooks';
import { useJob } from '@/bench/record/JobProvider';
import { useLoaded } from '@/bench/record/useLoaded';
import { probedInput, type Shown } from './probedInput';

/** The order of what still goes in is looked at anew so often, and with every act. */
const ORDER_EVERY_MS = 2000;

const loadTurns = () => import('@/core/board/heatTurns');
/**
 * The part that is run: the one that was tapped, as long as it is not home, else as `shownInHeat` has it. It follows from what is on record
 * alone, so that every screen shows the same; taken back, the one before stands here again.
 */
export function useShownPart(view: SeatView | null, picked: SeatId | null) {
  const { job, drawnMs } = useJob();
  const nowMs = useNow(drawnMs, ORDER_EVERY_MS);
  const parts = useMemo(() => (view ? partsOfHeat(view, job) : []), [view, job]);
  const isOneOfSeveral = parts.length > (view?.history.homeMs === null ? 1 : 0);
  const turns = useLoaded(loadTurns, isOneOfSeveral ? 'now' : 'spare');
  return useMemo(() => {
    if (!view || !turns) return view && { view, parts, order: null };
    const asked = parts.find(({ seat }) => seat.id === picked);
    const shown = turns.shownInHeat(asked ?? view, parts, job, { nowMs, isAsked: asked !== undefined });
    return { view: shown, parts, order: turns.orderAt(parts, job, nowMs) };
  }, [view, parts, turns, picked, job, nowMs]);
}

/** The run at this half second, by what the probe shows where it is fresh. */
export function useRunNow(view: SeatView, parts: readonly SeatView[], probe: Shown, nowMs: number) {
  const { record, job } = useJob();
  const missing = missingInHeat(parts, job.seats);
  const isLaidOut = missing.length === 0;
  const half = Math.floor(nowMs / 500);
  const { roomC } = record;
  const { liveC, liveAtMs, freshMs } = probe;
  const run = useMemo(() => {
    const input = probedInput(view, { liveC, liveAtMs, freshMs }, { tickedMs: half * 500, roomC });
    return viewCastingRun({ ...input, isLaidOut }, parts);
  }, [half, view, parts, roomC, liveC, liveAtMs, freshMs, isLaidOut]);
  return { run, missing };
}
