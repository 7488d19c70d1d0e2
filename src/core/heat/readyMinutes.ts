import type { Way } from '@/core/record/vocabulary';
import { ovenDialC } from '@/core/tools/heatPlaces';
import { soakInFreezer, soakInOven, timeUntil, timeUntilWithin } from './soak';
import type { ReadyIn, WayInProblem } from './wayIn';
import { isChilled } from './waySorts';

/** To lay out and set up. Common practice, no source. */
const SET_UP_MIN: Record<Way, number> = {
  by_hand: 1,
  drive: 2,
  press: 5,
  draw_in: 8,
  clamp: 5,
  chill: 2,
  chill_press: 5,
  warm_tap: 3,
  warm_draw: 8,
  heat: 3,
  heat_chill: 3,
};

/** A boss is hot after some minutes of hot air; plans count on this. Common practice, no source. */
export const PLANNED_GUN_S = 180;

/** One lump in an oven that is set somewhat hotter, and one in still cold air (see `timeUntil`). */
export function readyMinutes(problem: WayInProblem, way: Way, housingC: number, ringC: number): ReadyIn {
  const { casting, housing, bearing, race, roomC, heatedBy } = problem;
  const isHot = housingC > roomC;
  const oven = { startC: roomC, surroundingsC: ovenDialC(housingC) };
  const ovenS = timeUntil(
    soakInOven({ ...casting, specificHeatJKgK: housing.specificHeatJKgK }, oven),
    housingC,
  );
  const freezer = { startC: roomC, surroundingsC: ringC };
  const freezerS = timeUntilWithin(
    soakInFreezer({ ...bearing, specificHeatJKgK: race.specificHeatJKgK }, freezer),
    1,
  );
  return {
    heatMin: isHot ? (heatedBy === 'gun' ? PLANNED_GUN_S : (ovenS ?? 0)) / 60 : null,
    coldMin: isChilled(way) && ringC < roomC ? freezerS / 60 : null,
    setUpMin: SET_UP_MIN[way],
  };
}

/** Until all of it is there. */
export const totalMinutes = ({ heatMin, coldMin, setUpMin }: ReadyIn): number =>
  Math.max(heatMin ?? 0, coldMin ?? 0, setUpMin);
