import { MATERIALS } from '@/core/catalogue/materials';
import { bearingBody } from '@/core/catalogue/bearings/inside';
import { shownOnMetal } from '@/core/heat/thermometer';
import { CONVECTION, soakTemperature } from '@/core/heat/soak';
import type { JournalView } from '@/core/job/journalView';
import { raceSoak } from '@/core/job/shaftRunStart';
import type { RaceHeatState } from '@/core/project/shaft';
import type { ProjectedJob } from '@/core/project/project';
import type { Casting, Seat } from '@/core/record/job';
import { eitherWay } from './chance';
import { airOnMetalC, liesByK, trueCastingC, truePartC, TRUE_LOSS_FACTOR } from './trueHeat';

/** What a simulated thermometer shows where it is held: on metal, on a matt patch, on bare metal, on a part in the cold, on a race. */

/** Held on metal it shows this near to the truth, contact-free on a matt patch less so, K. */
const CONTACT_K = 0.8;
const MATT_K = 2;
/** A contact-free thermometer is set to this from the box; bare metal is as bright as it happens to be. */
const SET_EMISSIVITY = 0.95;
const EMISSIVITY_SPREAD = 0.04;
/** A plate, a bath or an oven for bearings lies by up to so much, K, and gives its heat somewhat slower than is believed. */
const SOURCE_LIES_K = 6;
const TRUE_TAKES_FACTOR = 0.85;

/** From −1 to 1, another one each second. */
const jitter = (what: string, nowMs: number) => eitherWay(`${what} ${Math.floor(nowMs / 1000)}`);

export type HeldOn = 'metal' | 'matt' | 'bare' | 'part';

/** At a casting, or at the part that is to go into it, °C. */
export function shownAt(
  held: HeldOn,
  job: ProjectedJob,
  { casting, seat }: { casting: Casting; seat: Seat },
  nowMs: number,
): number {
  const noise = jitter(casting.id, nowMs);
  if (held === 'part') return truePartC(job, casting, seat, nowMs) + CONTACT_K * noise;
  const metalC = trueCastingC(job, casting, nowMs);
  if (held === 'metal') return metalC + CONTACT_K * noise;
  if (held === 'matt') return metalC + MATT_K * noise;
  const { emissivity } = MATERIALS[casting.material];
  const bright = emissivity + EMISSIVITY_SPREAD * eitherWay(`${casting.id} bright`);
  return shownOnMetal({
    metalC,
    setEmissivity: SET_EMISSIVITY,
    emissivity: bright,
    backgroundC: job.roomC,
  });
}

/** A bearing's inner race as warm as it really is, °C: on its plate, in its bath, under the air, or cooling since. */
export function trueRaceC(view: JournalView, heat: RaceHeatState, roomC: number, nowMs: number): number {
  const untilMs = heat.outMs ?? nowMs;
  const soak = raceSoak(view, heat, roomC);
  const afterS = Math.max(0, untilMs - heat.sinceMs) / 1000;
  const lies = liesByK(null, `${view.seat.id} ${heat.source}`, SOURCE_LIES_K);
  const hotC = soak
    ? soakTemperature(
        { ...soak, hWM2K: soak.hWM2K * TRUE_TAKES_FACTOR, surroundingsC: soak.surroundingsC + lies },
        afterS,
      )
    : airOnMetalC({ startC: roomC, sourceC: heat.sourceC }, afterS);
  const { massKg, areaM2 } = bearingBody(view.part);
  const { specificHeatJKgK } = MATERIALS.bearing_steel;
  const inAir = { massKg, areaM2, specificHeatJKgK, hWM2K: CONVECTION.openAir * TRUE_LOSS_FACTOR };
  return soakTemperature(
    { ...inAir, startC: hotC, surroundingsC: roomC },
    Math.max(0, nowMs - untilMs) / 1000,
  );
}

export const shownOnRace = (...race: Parameters<typeof trueRaceC>): number =>
  trueRaceC(...race) + CONTACT_K * jitter(race[0].seat.id, race[3]);
