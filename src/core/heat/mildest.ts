import type { Way, Workpiece } from '@/core/record/vocabulary';

/**
 * Which way of getting a part in risks least for bore and part, before anything is simulated: by the seat, the metal, what holds the
 * seat, and the force that it would take cold. Common practice, no source.
 *
 * A bare light-alloy casting with a real nip is warmed and the part dropped: pressed cold, the bore is scored and is looser at each
 * rebuild. Light fits, steel seats, parts that nothing stops and whatever does not go into an oven go in cold, or warm with light blows.
 */
export type MildReason =
  | 'goes_in_by_hand'
  | 'light_fit'
  | 'steel_seat'
  | 'nothing_stops_it'
  | 'does_not_go_into_an_oven'
  | 'real_nip_in_alloy'
  | 'seal_is_rubber'
  | 'tools_of_this_job';

export type MildCase = {
  sort: 'seal' | 'drawn_cup' | 'race' | 'bush' | 'bearing';
  diameterMm: number;
  /** Probable nip at 20 °C; below zero: a gap. */
  nipMm: number;
  /** Force to push it in cold and oiled: probable, and at the band's upper edge. */
  forceN: number;
  mostForceN: number;
  /** The bore was read: nothing goes in by hand on a class's word alone. */
  isMeasured: boolean;
  isLightAlloy: boolean;
  workpiece: Workpiece;
  /** A shoulder, or something that was set up, stops the part. */
  hasStop: boolean;
  /** How much the part shrinks in the freezer, on diameter. */
  chillMm: number;
  /** How this kind of job is done where its tools are at hand. */
  preferredWay?: Way | undefined;
};

/** From here on a nip is real: share of the diameter, and force cold. From memory; a shop may change them. */
export type Thresholds = { nipShare: number; forceN: number };
export const THRESHOLDS: Thresholds = { nipShare: 0.0003, forceN: 1500 };

export type Mildest = { way: Way; why: MildReason };

/** Cold, with as little force as there is: races and cups are drawn in straight, the rest is driven or pressed. */
function coldWay(each: MildCase, { forceN }: Thresholds): Way {
  if (each.sort === 'drawn_cup' || each.sort === 'race') return 'draw_in';
  if (each.sort === 'bush' && each.workpiece === 'frame_or_arm') return 'draw_in';
  if (each.forceN <= forceN) return 'drive';
  // Chilled first where that takes most of the nip away.
  return each.chillMm > each.nipMm / 2 ? 'chill_press' : 'press';
}

export const isRealNip = (
  { nipMm, diameterMm, forceN }: Pick<MildCase, 'nipMm' | 'diameterMm' | 'forceN'>,
  thresholds = THRESHOLDS,
) => nipMm > thresholds.nipShare * diameterMm || forceN > thresholds.forceN;

export function findMildest(each: MildCase, thresholds = THRESHOLDS): Mildest {
  const cold = coldWay(each, thresholds);
  if (each.sort === 'seal') return { way: 'drive', why: 'seal_is_rubber' };
  if (each.preferredWay) return { way: each.preferredWay, why: 'tools_of_this_job' };
  if (each.isMeasured && each.mostForceN <= 0) return { way: 'by_hand', why: 'goes_in_by_hand' };
  if (each.workpiece === 'wheel' || each.workpiece === 'frame_or_arm')
    return { way: cold, why: 'does_not_go_into_an_oven' };
  if (!each.isLightAlloy) return { way: cold, why: 'steel_seat' };
  if (!isRealNip(each, thresholds)) return { way: cold, why: 'light_fit' };
  if (!each.hasStop) return { way: 'warm_tap', why: 'nothing_stops_it' };
  if (each.workpiece === 'engine_in_frame') return { way: cold, why: 'does_not_go_into_an_oven' };
  return { way: 'heat_chill', why: 'real_nip_in_alloy' };
}
