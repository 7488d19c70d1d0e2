import { isDrop, isHeated } from '@/core/heat/waySorts';
import type { BorePart } from '@/core/record/fittedPart';
import type { SeatId } from '@/core/record/ids';
import type { Way } from '@/core/record/vocabulary';
import type { SeatView } from './seatView';

/** What must be at hand before a hot casting leaves the heat: it cools while one looks for it. Common practice, no source. */
export const REACH_ITEMS = [
  'gloves',
  'extinguisher',
  'sand',
  'wood',
  'probe',
  'bearing',
  'part',
  'driver',
  'rod',
  'clip_pliers',
] as const;
export type ReachItem = (typeof REACH_ITEMS)[number];

/** Laid out once for a casting, whichever of its seats it was ticked at. */
const OF_THE_CASTING: readonly ReachItem[] = ['gloves', 'extinguisher', 'sand', 'wood', 'probe'];

const HAS_INNER_RACE: readonly BorePart['type'][] = ['deep_groove', 'cylindrical_roller'];
/** Stood on its inner race the hot bore is lowered over it; what has none, or is tapped or drawn in, lies ready by itself. */
const standsOnSocket = ({ seat: { spec } }: SeatView, way: Way): boolean =>
  HAS_INNER_RACE.includes(spec.part.type) && isDrop(way);

/** What this seat's way asks for; nothing where nothing is heated. */
export function itemsWithinReach(view: SeatView): ReachItem[] {
  const { seat, casting, history, heat } = view;
  const { wayIn } = history;
  if (!wayIn || !isHeated(wayIn.way)) return [];
  const isMagnesium = casting.material === 'az91';
  const isOnSocket = standsOnSocket(view, wayIn.way);
  const liesOnWood = heat.phase === 'cold' || heat.rest === 'wood';
  const asked: Record<ReachItem, boolean> = {
    gloves: true,
    // Water and gas do nothing against burning magnesium.
    extinguisher: !isMagnesium,
    sand: isMagnesium,
    wood: liesOnWood && wayIn.heatedBy !== 'gun',
    probe: wayIn.heatedBy === 'gun',
    bearing: isOnSocket,
    part: !isOnSocket,
    driver: wayIn.way !== 'warm_draw',
    rod: wayIn.way === 'warm_draw',
    clip_pliers: seat.spec.kind !== 'seal_in_bore' && seat.spec.retainingRing !== null,
  };
  return REACH_ITEMS.filter((item) => asked[item]);
}

/** One thing that is to be at hand, for which seat; `name` is that seat's where its heat has several parts. */
export type ReachNeed = { item: ReachItem; seatId: SeatId; name: string | null };

/** All that the parts of one heat ask for: what belongs to the casting once, the rest part by part. */
export function needsOfHeat(parts: readonly SeatView[]): ReachNeed[] {
  const needs = parts.flatMap((view) =>
    itemsWithinReach(view).map((item) => ({
      item,
      seatId: view.seat.id,
      name: parts.length > 1 && !OF_THE_CASTING.includes(item) ? view.seat.name : null,
    })),
  );
  return needs.filter(
    ({ item }, i) => !OF_THE_CASTING.includes(item) || needs.findIndex((each) => each.item === item) === i,
  );
}

/** Of those, what nobody has ticked yet; what belongs to the casting may be ticked at any of its seats. */
export function missingInHeat(parts: readonly SeatView[], seats: readonly SeatView[]): ReachNeed[] {
  return needsOfHeat(parts).filter(({ item, seatId }) => {
    const { casting } = parts.find(({ seat }) => seat.id === seatId)!;
    const asked = OF_THE_CASTING.includes(item)
      ? seats.filter((view) => view.casting.id === casting.id)
      : parts.filter(({ seat }) => seat.id === seatId);
    return !asked.some(({ history }) => history.laidOut.includes(item));
  });
}
