import type { Ceiling } from '@/core/heat/ceilings';
import type { Measured } from '@/core/quantity/measured';
import type { SeatId } from '@/core/record/ids';
import type { OutByHeat } from '@/core/strip/removal';

/**
 * Removal by heat: the casting is warmed with its old parts in it, and the metal that grows more lets go. What falls, what must be held or
 * pulled and with what force, and what suffers first. Part and casting are taken to be as hot as each other, which is the late side: under
 * hot air the bore is ahead. Reckoned in `warmOut`.
 */
export type WarmPart = {
  seatId: SeatId;
  name: string;
  /** Casting and part together, °C: loose edge of the fit, likely, tight edge; null: no warmth frees it. */
  freeC: { low: number; likely: number; high: number } | null;
  /** Force that is left now, N; null: not known. */
  forceN: { low: number; high: number } | null;
  /** How it comes out with heat, and how hot; null: with this casting not at all. */
  way: OutByHeat | null;
  heatC: number;
  /** Now: surely free, perhaps, or held. */
  holds: 'fast' | 'perhaps' | 'free';
};

/** Something that this heat spoils, or a part that is to stay and lets go. */
export type WarmLimit = { ceiling: Ceiling } | { letsGo: string; limitC: number };

export const limitOf = (limit: WarmLimit): number =>
  'ceiling' in limit ? limit.ceiling.limitC : limit.limitC;

export type WarmCall = 'wait' | 'pull' | 'falls' | 'stop' | 'too_late' | 'all_out';
export type WarmReason =
  | 'not_warmed'
  | 'limit_in_the_way'
  | 'still_holds'
  | 'hot_enough_out'
  | 'too_cool_dial'
  | 'probe_it'
  | 'turn_it_over'
  | 'tap_it'
  | 'pull_it'
  | 'holds_again'
  | 'limit_near'
  | 'limit_reached'
  | 'nothing_by_heat'
  | 'all_out';

export type WarmOutView = {
  call: WarmCall;
  reason: WarmReason;
  celsius: Measured | null;
  /** Old parts still in it, the one that lets go first before the others. */
  parts: WarmPart[];
  /** The one that comes out next; null: none does by heat. */
  next: WarmPart | null;
  /** To what the casting is to be warmed, °C; null: nothing comes by heat. */
  targetC: number | null;
  limits: WarmLimit[];
  /** The limit that this heat comes to first, with how long there is; null: none. */
  nearest: { limit: WarmLimit; inS: number | null } | null;
  /** In its oven: until it is hot enough; null: never at this dial, or nobody knows. */
  readyInS: number | null;
  /** Out of its heat: how long the next part stays free. */
  holdsAgainInS: number | null;
};
