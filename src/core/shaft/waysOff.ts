import { MATERIALS } from '@/core/catalogue/materials';
import { REFERENCE_C } from '@/core/quantity/measured';
import type { ShaftOffWay } from '@/core/record/vocabulary';
import type { Tool, ToolSort } from '@/core/tools/tool';
import type { ShaftFit } from './shaftFit';

/** Why a way speaks against itself at this seat. */
export type ShaftObjection =
  | 'sits_in_its_casting'
  | 'cage_in_the_way'
  | 'through_the_balls'
  | 'not_that_hot'
  | 'not_that_cold'
  | 'no_thread_to_draw'
  | 'fit_not_known'
  | 'pulled_across'
  | 'too_tight_for_that';

export type WayOff = {
  way: ShaftOffWay;
  /** Force to be expected, cold, N; null where none is. */
  forceN: number | null;
  /** Inner race warmed to this, °C. */
  heatC: number | null;
  /** Not used again after it. */
  isSpoilt: boolean;
  tool: string | null;
  against: ShaftObjection[];
};

export type OffInput = {
  fit: ShaftFit | null;
  boreMm: number;
  isCone: boolean;
  /** The bearing still sits in its casting: the shaft is pushed out of it, and no puller gets behind. */
  isHeldInCasting: boolean;
  /** As hot as its steel, grease, cage and seals may get, °C. */
  limitC: number;
  tools: readonly Tool[];
};

export const toolOf = (tools: readonly Tool[], ...sorts: ToolSort[]): string | null =>
  tools.find(({ sort }) => sorts.includes(sort))?.name ?? null;

/** Warmer than its shaft by what the nip asks for, and by this much more, as like metals soon grow alike. Common practice, no source. */
const QUICK_K = 40;

/** Kindest first where it is tight; by hand first where nothing holds it. Common practice, no source. */
const KINDNESS: Record<ShaftOffWay, number> = {
  press_out: 1,
  split_puller: 2,
  warm_off: 3,
  puller: 4,
  by_hand: 20,
  cut: 21,
  another: 22,
};

/**
 * Ways to get a bearing or cone off its shaft, kindest first, each with what speaks against it. Held by the inner race it can be used
 * again; a puller on the outer race pulls through the balls. Common practice, no source; the force is the fit's.
 */
export function planOff({ fit, boreMm, isCone, isHeldInCasting, limitC, tools }: OffInput): WayOff[] {
  const isLoose = fit !== null && fit.forHoldMm.value <= 0;
  const forceN = fit?.forceN.high ?? null;
  const tightMm = fit ? Math.max(0, fit.forDropMm.value + 2 * fit.forDropMm.u) : 0;
  const heatC = REFERENCE_C + tightMm / (boreMm * MATERIALS.bearing_steel.alphaPerK) + QUICK_K;
  const base = { forceN, heatC: null, isSpoilt: false, tool: null };
  const held: ShaftObjection[] = isHeldInCasting ? ['sits_in_its_casting'] : [];
  const bare = { ...base, forceN: null, against: [] };
  const ways: WayOff[] = [
    { ...base, way: 'press_out', tool: toolOf(tools, 'press', 'crank_tool'), against: [] },
    { ...base, way: 'split_puller', tool: toolOf(tools, 'puller'), against: held },
    {
      ...base,
      way: 'puller',
      isSpoilt: true,
      tool: toolOf(tools, 'puller'),
      against: [...held, ...(isCone ? ['cage_in_the_way' as const] : [])],
    },
    {
      ...base,
      way: 'warm_off',
      heatC,
      forceN: null,
      against: [
        ...(fit ? [] : ['fit_not_known' as const]),
        ...(heatC > limitC ? ['not_that_hot' as const] : []),
      ],
    },
    { ...bare, way: 'by_hand' },
    { ...bare, way: 'cut', isSpoilt: true, against: held },
    { ...bare, way: 'another' },
  ];
  const rank = ({ way, tool }: WayOff) =>
    way === 'by_hand' && isLoose
      ? 0
      : KINDNESS[way] +
        // What hangs on the wall comes before what would have to be fetched.
        (tool === null && (way === 'press_out' || way === 'split_puller' || way === 'puller') ? 5 : 0);
  return ways.sort((a, b) => rank(a) - rank(b));
}
