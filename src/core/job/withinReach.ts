import { isHeated } from '@/core/heat/waySorts';
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

/** Of those, what nobody has ticked yet; what belongs to the casting may be ticked at any of its seats. */
export function missingWithinReach(view: SeatView, seats: readonly SeatView[]): ReachItem[] {
  const ofCasting = seats.filter(({ casting }) => casting.id === view.casting.id);
  const isThere = (item: ReachItem) =>
    (OF_THE_CASTING.includes(item) ? ofCasting : [view]).some(({ history }) =>
      history.laidOut.includes(item),
    );
  return itemsWithinReach(view).filter((item) => !isThere(item));
}
