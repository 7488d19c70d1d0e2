import { MATERIALS } from '@/core/catalogue/materials';
import type { Thresholds } from '@/core/heat/mildest';
import { FREEZER_C } from '@/core/heat/soak';
import { REFERENCE_C } from '@/core/quantity/measured';
import type { ShaftOnWay } from '@/core/record/vocabulary';
import type { Tool } from '@/core/tools/tool';
import type { ShaftFit } from './shaftFit';
import { toolOf, type ShaftObjection } from './waysOff';

export type WayOnto = {
  way: ShaftOnWay;
  /** Force by the inner race, cold, N; null where none is needed. */
  forceN: number | null;
  /** Bearing warmed to this, °C, so that it slides on. */
  heatC: number | null;
  tool: string | null;
  against: ShaftObjection[];
};

export type OntoInput = {
  fit: ShaftFit | null;
  boreMm: number;
  /** The bearing sits in its casting: the shaft goes into it. */
  isInCasting: boolean;
  /** The shaft's other end is in its bearing already. */
  isOtherEndIn: boolean;
  hasThread: boolean;
  limitC: number;
  tools: readonly Tool[];
  thresholds: Thresholds;
};

/** Room at which it slides on, pushed along at once: less than for a blind drop. Common practice, no source. */
export const slidingRoomMm = (boreMm: number) => Math.max(0.005, 0.0003 * boreMm);

/** How warm it has to be, while the shaft is at `shaftC`, °C. */
function warmthC(fit: ShaftFit, boreMm: number, shaftC: number): number {
  const { alphaPerK } = MATERIALS.bearing_steel;
  const tightMm = fit.forDropMm.value + 2 * fit.forDropMm.u + slidingRoomMm(boreMm);
  return REFERENCE_C + Math.max(0, tightMm / (boreMm * alphaPerK) + (shaftC - REFERENCE_C));
}

/** Pushed cold, by the inner race. Into a bearing that sits in its casting a shaft is never driven, and drawn only. */
function coldWays({ fit, isInCasting, isOtherEndIn, hasThread, tools, thresholds }: OntoInput): WayOnto[] {
  const forceN = fit?.forceN.high ?? null;
  const base = { forceN, heatC: null };
  const isHeavy = forceN !== null && forceN > thresholds.forceN;
  const across: ShaftObjection[] = isInCasting && isOtherEndIn ? ['pulled_across'] : [];
  return [
    {
      ...base,
      way: 'drive',
      tool: toolOf(tools, 'driver', 'socket'),
      against: [
        ...(isInCasting ? ['through_the_balls' as const] : []),
        ...(isHeavy ? ['too_tight_for_that' as const] : []),
      ],
    },
    { ...base, way: 'press', tool: toolOf(tools, 'press'), against: across },
    {
      ...base,
      way: 'draw_in',
      tool: toolOf(tools, 'crank_tool', 'rod'),
      against: isInCasting || hasThread ? across : ['no_thread_to_draw'],
    },
  ];
}

function warmWays({ fit, boreMm, limitC }: OntoInput): WayOnto[] {
  const at = (way: 'warm' | 'warm_and_chill', shaftC: number): WayOnto => {
    const heatC = fit && warmthC(fit, boreMm, shaftC);
    return {
      way,
      forceN: null,
      heatC,
      tool: null,
      against: heatC === null ? ['fit_not_known'] : heatC > limitC ? ['not_that_hot'] : [],
    };
  };
  return [at('warm', REFERENCE_C), chillWay(fit, boreMm), at('warm_and_chill', FREEZER_C)];
}

/** The shaft alone, or a gear's boss, small enough by a freezer: light fits only. */
function chillWay(fit: ShaftFit | null, boreMm: number): WayOnto {
  const isEnough = fit !== null && warmthC(fit, boreMm, FREEZER_C) <= REFERENCE_C;
  return {
    way: 'chill',
    forceN: null,
    heatC: null,
    tool: null,
    against: fit === null ? ['fit_not_known'] : isEnough ? [] : ['not_that_cold'],
  };
}

/** Probable nip that a hand still slides over, oiled. Common practice, no source. */
const HAND_TIGHT_MM = 0.003;

/** In the order in which a careful person would think of them. Common practice, no source. */
function rankOf({ way, tool }: WayOnto, { fit, isInCasting }: OntoInput): number {
  if (way === 'by_hand') return fit !== null && fit.forHoldMm.value <= HAND_TIGHT_MM ? 0 : 20;
  const order: readonly ShaftOnWay[] = isInCasting
    ? ['draw_in', 'warm', 'chill', 'warm_and_chill', 'press', 'drive', 'another']
    : ['drive', 'press', 'warm', 'chill', 'warm_and_chill', 'draw_in', 'another'];
  const isToolMissing = tool === null && (way === 'drive' || way === 'press' || way === 'draw_in');
  return 1 + order.indexOf(way) + (isToolMissing ? 5 : 0) + (way === 'another' ? 20 : 0);
}

/**
 * Ways to get a bearing or cone onto its shaft by its inner race, or a shaft into a bearing that sits in its casting: the mildest first.
 * A pressed-up crank is drawn in, never driven. Common practice, no source; forces are the fit's, warmth by linear expansion.
 */
export function planOnto(input: OntoInput): WayOnto[] {
  const bare = { forceN: null, heatC: null, tool: null, against: [] };
  const ways: WayOnto[] = [
    { ...bare, way: 'by_hand' },
    ...coldWays(input),
    ...warmWays(input),
    { ...bare, way: 'another' },
  ];
  return ways.sort((a, b) => rankOf(a, input) - rankOf(b, input));
}
