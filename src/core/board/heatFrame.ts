import type { HeatPlan } from '@/core/record/heatPlan';
import { spotsAtHand, type ShopSpot } from './heatSpots';
import type { HeatFrame, Wanted } from './planHeats';

/** What is planned where nobody has said anything. */
export const AS_IT_COMES: HeatPlan = { wanted: { is: 'soonest' }, doors: {} };

/** An hour that has gone by is wanted no more. */
function wantedAt(wanted: HeatPlan['wanted'], nowMs: number): Wanted {
  if (wanted.is === 'soonest') return wanted;
  const atMs = Date.parse(wanted.at);
  return atMs > nowMs ? { is: wanted.is, atMs } : { is: 'soonest' };
}

/** What the heats are planned from at `nowMs`. A door that was set for a moment gone by, and was not opened, is free again. */
export const frameOf = (
  { wanted, doors }: HeatPlan,
  spots: readonly ShopSpot[],
  nowMs: number,
): HeatFrame => ({
  nowMs,
  spots: spotsAtHand(spots),
  wanted: wantedAt(wanted, nowMs),
  pinned: Object.fromEntries(
    Object.entries(doors)
      .map(([key, at]) => [key, Date.parse(at)] as const)
      .filter(([, atMs]) => atMs > nowMs),
  ),
});
