import { bearingBody } from '@/core/catalogue/bearings/inside';
import { MATERIALS } from '@/core/catalogue/materials';
import { sampleLumped, type LumpedProblem } from '@/core/heat/lumped';
import { CONVECTION, soakInOven, soakTemperature } from '@/core/heat/soak';
import { castingBody } from '@/core/job/castingBody';
import type { Casting, Seat } from '@/core/record/job';
import { partMetal } from '@/core/record/seatFacts';
import type { Diary } from './diary';
import { idOf } from './shop';

/** A casting out of its oven and a part out of the freezer, that meet after the walk. */
function hotAndCold(
  casting: Casting,
  { spec }: Seat,
  heat: Omit<DemoHeat, 'casting'> & { doorC: number },
): LumpedProblem {
  const { part } = spec;
  const hWM2K = CONVECTION.openAir * heat.lossFactor;
  const { emissivity } = MATERIALS[casting.material];
  const metal = partMetal(part);
  return {
    ring: {
      ...bearingBody(part),
      specificHeatJKgK: metal.specificHeatJKgK,
      emissivity: metal.emissivity,
      hWM2K,
      startC: -16,
    },
    housing: { ...castingBody(casting), emissivity, hWM2K, startC: heat.doorC },
    ambientC: 20,
    touch: {
      touchAtS: heat.carryS,
      conductanceWM2K: 2000,
      areaM2: Math.PI * part.outsideMm * part.widthMm * 1e-6,
    },
  };
}

/** How a part of the demo was dropped. */
export type DemoHeat = { casting: Casting; carryS: number; lossFactor: number };

/**
 * A heat and its drop, followed by the probe. The demo's workshop is draughty and its small oven a little cool: what is learned there
 * differs from the usual guess.
 */
export function dropHot(
  diary: Diary,
  minutesAgo: number,
  who: string,
  seat: Seat,
  { casting, carryS, lossFactor }: DemoHeat,
) {
  const SET_C = 95;
  const TRUE_C = 89;
  const at = (s: number) => minutesAgo - 10 - s / 60;
  const outS = 45 * 60;
  const oven = soakInOven(castingBody(casting), { startC: 20, surroundingsC: TRUE_C });
  const doorC = soakTemperature(oven, outS);
  const times = Array.from({ length: 75 }, (_, i) => 4 * i);
  const cooling = sampleLumped(hotAndCold(casting, seat, { doorC, carryS, lossFactor }), times);
  const probe = (s: number, celsius: number) => diary.probe(at(s), who, casting, celsius);
  diary.happen(at(-100), who, seat, 'part_into_freezer', { freezerC: -18, place: null });
  diary.happen(at(0), who, casting, 'casting_into_heat', {
    source: 'oven',
    sourceC: SET_C,
    castingC: 20,
    place: { toolId: idOf('tool small oven'), name: 'Small oven' },
  });
  probe(outS - 20, doorC);
  diary.happen(at(outS), who, casting, 'casting_out', {});
  for (const { timeS, housingC } of cooling) if (timeS > 0 && timeS < carryS) probe(outS + timeS, housingC);
  diary.happen(at(outS + carryS), who, seat, 'let_go', {});
  diary.happen(at(outS + carryS + 5), who, seat, 'home', { how: 'by_itself' });
  for (const { timeS, housingC } of cooling)
    if (timeS > carryS + 8 && timeS % 20 === 0) probe(outS + timeS, housingC);
}
