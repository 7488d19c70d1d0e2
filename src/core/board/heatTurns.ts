import { soakInOven, timeUntil } from '@/core/heat/soak';
import { castingAt } from '@/core/job/heatRunStart';
import type { JobView, SeatView } from '@/core/job/seatView';
import { castingBody } from '@/core/job/castingBody';
import { orderDrops, type CastingDrops } from './castingDrops';
import { isForOven } from './castingRun';

/** Whose turn it is among the parts of one heat (`partsOfHeat`). */
const hottestC = (parts: readonly SeatView[]) =>
  Math.max(...parts.map(({ history }) => history.wayIn?.housingC ?? -Infinity));

/** The order of what still goes in, from the heat that the casting has at a moment, or will have at the door. */
export function orderAt(parts: readonly SeatView[], job: JobView, atMs: number): CastingDrops | null {
  const [first] = parts;
  if (!first || !isForOven(first, job)) return null;
  const { casting, heat } = first;
  const wantedC = hottestC(parts);
  const housingC = castingAt(first, job.roomC, atMs) ?? wantedC;
  const startC = heat.phase === 'out' ? housingC : Math.max(housingC, wantedC);
  const dialC = heat.phase === 'cold' ? wantedC : Math.max(heat.sourceC, wantedC + 1);
  const soak = soakInOven(castingBody(casting), { startC: Math.min(startC, wantedC), surroundingsC: dialC });
  return orderDrops(casting, parts, job, {
    startC,
    reheatS: timeUntil(soak, wantedC) ?? 0,
    reheatC: wantedC,
  });
}

/** A part that is in somebody's hand, or hangs in its bore, has the next move whatever the order says. */
const isInHand = ({ history }: SeatView) => history.letGoMs !== null || history.stuck !== null;

/** Since when the order of a heat stands: the door, or the last part that came home through it. */
const orderedMs = ({ heat, casting }: SeatView, job: JobView, nowMs: number): number =>
  heat.phase === 'out'
    ? Math.max(
        heat.outMs,
        ...job.seats
          .filter((each) => each.casting.id === casting.id)
          .map(({ history }) => history.homeMs ?? heat.outMs),
      )
    : nowMs;

/**
 * Which part the run shows. Before the door, and where nothing else goes in, the seat's own. From the door on what is in the hand, else the
 * first of the order; it stands until that part is home, so that nothing changes under somebody's hands: what readings say meanwhile
 * moves the order that is shown beside it.
 * @param isAsked somebody asked for this very seat
 */
export function shownInHeat(
  view: SeatView,
  parts: readonly SeatView[],
  job: JobView,
  { nowMs, isAsked = false }: { nowMs: number; isAsked?: boolean },
): SeatView {
  const isHere = view.history.homeMs === null;
  if (view.heat.phase === 'cold' || parts.length === 0) return view;
  if (isHere && (isAsked || view.heat.phase === 'in_heat' || parts.length === 1)) return view;
  const firstId = orderAt(parts, job, orderedMs(view, job, nowMs))?.drops[0]?.seatId;
  return parts.find(isInHand) ?? parts.find(({ seat }) => seat.id === firstId) ?? parts[0]!;
}
