import { guardOf } from '@/core/record/seatFacts';
import {
  isOutByHeat,
  type PlannedRemoval,
  type RemovalInput,
  type RemovalPlan,
  type RemovalWay,
} from './removal';
import { alwaysThere, byDrifting, byHeat, byPulling, byPushing, sealRemovals } from './removalWays';

/** Kindest first: nothing touches it; nothing goes through the balls; the rest. Common practice, no source. */
const KINDNESS: Record<RemovalWay, number> = {
  fall_out_hot: 0,
  push_through: 1,
  push_from_behind: 2,
  hook_or_lever: 2,
  warm_and_pull: 3.5,
  slide_hammer: 4,
  screw_and_slide_hammer: 4,
  expanding_puller: 4.5,
  drift_by_quarters: 5,
  bridge_puller: 6,
  by_hand: 20,
  came_with_shaft: 21,
  cut: 22,
  another: 23,
};
/** Where it sits lightly, heat is more trouble than it is worth: after pushing and pulling. */
const HEAT_FOR_A_LIGHT_FIT = 10;

function rankOf({ way, isSpoilt }: PlannedRemoval, input: RemovalInput): number {
  const { spec, forceN, interferenceMm, isBehindTaken, isPressJob, workpiece, rules } = input;
  const isLoose = interferenceMm !== null && interferenceMm.value + 2 * interferenceMm.u <= 0;
  if (way === 'by_hand' && isLoose) return -1;
  if ((way === 'push_from_behind' || way === 'push_through') && isPressJob) return -0.5;
  // With a spacer to push aside, the drift needs no tool but itself, and goes round by quarters.
  if (way === 'drift_by_quarters' && isBehindTaken) return 1;
  // The lip of a race without its rollers stands free past the shoulder: a rod from the far end meets it, and nothing else is to be spoilt.
  if (way === 'drift_by_quarters' && spec.part.type === 'tapered_roller') return 1;
  const isLight = forceN !== null && forceN <= rules.forceN;
  const isHeat = isOutByHeat(way);
  const isKindHeat = isHeat && workpiece === 'bare_casting' && !isLight;
  return KINDNESS[way] + (isSpoilt ? 3 : 0) + (isHeat && !isKindHeat ? HEAT_FOR_A_LIGHT_FIT : 0);
}

export function planRemoval(input: RemovalInput): RemovalPlan {
  const { spec, hasHidden } = input;
  const all =
    spec.kind === 'seal_in_bore'
      ? sealRemovals()
      : [byHeat(input), byPushing(input), ...byPulling(input), ...byDrifting(input)];
  const sorted = [...all, ...alwaysThere(input)].sort((a, b) => rankOf(a, input) - rankOf(b, input));
  return {
    exit: spec.housing.isThrough ? 'either' : 'face',
    first: [
      ...(guardOf(spec)?.springToward === 'bearing' ? ['seal_out' as const] : []),
      ...(spec.retainingRing ? ['retaining_ring_out' as const] : []),
      ...(hasHidden ? ['hidden_part_noted' as const] : []),
    ],
    ways: sorted.filter(({ against }) => against.length === 0),
    forbidden: sorted.filter(({ against }) => against.length > 0),
  };
}
