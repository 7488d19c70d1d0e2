import { isHeated } from '@/core/heat/waySorts';
import type { SeatId } from '@/core/record/ids';
import type { SeatView } from './seatView';

/** What must be at hand before a hot casting leaves the heat: it cools while one looks for it. Common practice, no source. */
export const REACH_ITEMS = [
  'gloves',
  'extinguisher',
  'sand',
  'wood',
  'probe',
  'bearing',
  'driver',
  'rod',
  'clip_pliers',
] as const;
export type ReachItem = (typeof REACH_ITEMS)[number];

/** Laid out once for a casting, whichever of its seats it was ticked at. */
const OF_THE_CASTING: readonly ReachItem[] = ['gloves', 'extinguisher', 'sand', 'wood', 'probe'];

/** What this seat's way asks for; nothing where nothing is heated. */
export function itemsWithinReach({ seat, casting, history, heat }: SeatView): ReachItem[] {
  const { wayIn } = history;
  if (!wayIn || !isHeated(wayIn.way)) return [];
  const isMagnesium = casting.material === 'az91';
  const liesOnWood = heat.phase === 'cold' || heat.rest === 'wood';
  const asked: Record<ReachItem, boolean> = {
    gloves: true,
    // Water and gas do nothing against burning magnesium.
    extinguisher: !isMagnesium,
    sand: isMagnesium,
    wood: liesOnWood && wayIn.heatedBy !== 'gun',
    probe: wayIn.heatedBy === 'gun',
    bearing: true,
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
