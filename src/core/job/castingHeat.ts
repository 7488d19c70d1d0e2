import type { LastHeat } from '@/core/project/heat';

/** What heat a casting is in at some moment. All times in ms since the epoch. */
export type CastingHeat =
  | { phase: 'cold' }
  | (Omit<LastHeat, 'outMs'> & { phase: 'in_heat' })
  | (Omit<LastHeat, 'outMs'> & { phase: 'out'; outMs: number; heatedForS: number });

/** After this long out of the oven a casting is taken for cool; the clock stops being a hazard. Common practice, no source. */
export const COOL_AFTER_S = 3600;

/** Until when what is said of a last heat holds without a further entry: then it is cool. Infinity while it is in the heat. */
export const coolsAtMs = (last: LastHeat | null): number =>
  last === null || last.outMs === null ? Infinity : last.outMs + COOL_AFTER_S * 1000;

/** The heat of a casting at `nowMs`. */
export function heatAt(last: LastHeat | null, nowMs: number): CastingHeat {
  if (last === null || nowMs > coolsAtMs(last)) return { phase: 'cold' };
  const { outMs, ...heat } = last;
  return outMs === null
    ? { ...heat, phase: 'in_heat' }
    : { ...heat, phase: 'out', outMs, heatedForS: (outMs - last.sinceMs) / 1000 };
}
