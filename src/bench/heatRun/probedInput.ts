import type { RunInput } from '@/core/job/heatRunStart';
import type { SeatView } from '@/core/job/seatView';
import type { useProbe } from './useProbe';

/** What a probe shows now, as far as this screen has one. */
export type Shown = Pick<ReturnType<typeof useProbe>, 'liveC' | 'liveAtMs' | 'freshMs'>;

/** What a run is reckoned from at a half second: what was stored of this heat, and what the probe shows where that is fresh. */
export function probedInput(
  view: SeatView,
  { liveC, liveAtMs, freshMs }: Shown,
  { tickedMs, roomC }: { tickedMs: number; roomC: number },
): RunInput {
  const { heat } = view;
  // The clock here goes by half seconds; what the probe shows may be newer, and counts.
  const isFresh = liveC !== null && tickedMs - liveAtMs < freshMs;
  const nowMs = isFresh ? Math.max(tickedMs, liveAtMs) : tickedMs;
  const sinceMs = heat.phase === 'cold' ? nowMs : heat.sinceMs;
  const stored = view.probe.filter(({ atMs }) => atMs >= sinceMs);
  return { view, probe: isFresh ? [...stored, { atMs: liveAtMs, celsius: liveC }] : stored, roomC, nowMs };
}
