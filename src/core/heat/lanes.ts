import type { HeatSource, Way } from '@/core/record/vocabulary';
import type { WayIn, WayInPlan } from './wayIn';

/** Ways in that have the same temperatures, and so the same clearance: side by side as one lane on the axis. */
export const LANES = ['cold', 'chilled', 'warm', 'heated', 'heated_chilled', 'hot_air'] as const;
export type LaneCode = (typeof LANES)[number];

export type Lane = {
  lane: LaneCode;
  /** How the part is moved there, the least force first. */
  ways: WayIn[];
};

export const WAYS_OF_LANE: Record<LaneCode, readonly Way[]> = {
  cold: ['by_hand', 'drive', 'press', 'draw_in', 'clamp'],
  chilled: ['chill', 'chill_press'],
  warm: ['warm_tap', 'warm_draw'],
  heated: ['heat'],
  heated_chilled: ['heat_chill'],
  hot_air: ['heat_chill', 'heat'],
};

/** Where the heat of a lane comes from; null: as the job is usually heated. */
const SOURCE: Partial<Record<LaneCode, HeatSource>> = {
  heated: 'oven',
  heated_chilled: 'oven',
  hot_air: 'gun',
};

/**
 * All ways of a seat as lanes, from its plans with the usual heat and with the other one.
 * @param plans one for each source of heat
 */
export function lanesOf(plans: Record<HeatSource, WayInPlan>, usualHeat: HeatSource): Lane[] {
  return LANES.map((lane) => {
    const { ways } = plans[SOURCE[lane] ?? usualHeat];
    return { lane, ways: WAYS_OF_LANE[lane].map((way) => ways.find((each) => each.way === way)!) };
  });
}

/** The same way with the same heat, whatever it comes to. */
export const isSameWay = (
  a: Pick<WayIn, 'way' | 'heatedBy'>,
  b: Pick<WayIn, 'way' | 'heatedBy'> | null,
): boolean => a.way === b?.way && a.heatedBy === b.heatedBy;

/** The way that a lane shows unless another of its ways was picked: the proposed one, else the first that works, else the first. */
export const leadOf = ({ ways }: Lane, proposed: Pick<WayIn, 'way' | 'heatedBy'> | null): WayIn =>
  ways.find((way) => isSameWay(way, proposed)) ?? ways.find(({ works }) => works) ?? ways[0]!;
