import { bearingBody } from '@/core/catalogue/bearings/inside';
import { MATERIALS } from '@/core/catalogue/materials';
import { clearanceAt, freeTemperature, leastClearanceMm } from '@/core/heat/expansion';
import { gripAfterLettingGoS } from '@/core/heat/grip';
import { sampleLumped, type LumpedBody, type LumpedProblem } from '@/core/heat/lumped';
import { boreTemperature, predictDrop, type DropMoment, type DropProblem } from '@/core/heat/predictDrop';
import { REST_CONDUCTANCE } from '@/core/heat/rest';
import { CONVECTION, soakTemperature, timeUntil } from '@/core/heat/soak';
import { bandOf } from '@/core/quantity/measured';
import type { ProbeReading } from './castingHeat';
import { hotBossOf } from './planSeat';
import { raceMetal } from './seatFit';
import type { SeatView } from './seatView';

/** What the big sign says. Each has its own word and its own shape. */
export type HeatCall = 'wait' | 'go' | 'too_late' | 'let_go' | 'grabbed' | 'home';

export type HeatReason =
  | 'not_heating'
  | 'probe_the_boss'
  | 'bore_still_small'
  | 'hot_enough_take_it_out'
  | 'hot_enough_air_off'
  | 'not_cold_yet'
  | 'sure'
  | 'band_at_margin'
  | 'was_it_home'
  | 'it_grabbed'
  | 'it_is_home';

export type HeatRunView = {
  call: HeatCall;
  reason: HeatReason;
  /** Now, on diameter; the band is 2u either way. */
  now: DropMoment | null;
  marginMm: number;
  /** Seconds for which GO is sure from now on (band's lower edge); null: beyond the horizon. */
  sureLeftS: number | null;
  /** Seconds until the likely value is down to the margin. */
  likelyLeftS: number | null;
  /** Let go now: how long until the bore holds it; null: not until casting and bearing have cooled below the free temperature. */
  gripsAfterS: number | null;
  freeC: number | null;
  /** Seconds until the casting, still in the heat, has its planned temperature; null: never, or not in the heat. */
  hotInS: number | null;
  /** Clearance over time from the door (t = 0) or, in the heat, from now; with what the probe said. */
  curve: {
    moments: DropMoment[];
    measured: { timeS: number; clearanceMm: number }[];
    nowS: number;
    sureUntilS: number | null;
    gripS: number | null;
  };
};

const HORIZON_S = 900;
/** A contact probe on a matt spot, held still, standard uncertainty, K. Common practice, no source. */
const U_PROBE_K = 1.2;
/** An oven dial believed without a probe, standard uncertainty, K. Common practice, no source. */
const U_DIAL_K = 5;
const U_RING_K = 3;
/** A boss under hot air is taken to be as hot as the probe said for so long. Common practice, no source. */
const PROBE_HOLDS_MS = 120_000;

type RunInput = { view: SeatView; probe: readonly ProbeReading[]; roomC: number; nowMs: number };

/** Temperature of the part at `atMs`: in the freezer, or at room temperature. */
function partTemperature({ view: { seat, history }, roomC }: RunInput, atMs: number): number {
  if (!history.freezer) return roomC;
  const body = bearingBody(seat.spec.part);
  return soakTemperature(
    {
      ...body,
      specificHeatJKgK: raceMetal(seat).specificHeatJKgK,
      hWM2K: CONVECTION.freezer,
      startC: roomC,
      surroundingsC: history.freezer.freezerC,
    },
    Math.max(0, (atMs - history.freezer.sinceMs) / 1000),
  );
}

/** The casting in its oven, as a soak. Null where it is in none: hot air on a boss has no dial. */
function castingSoak({ view: { casting, heat } }: RunInput) {
  if (heat.phase === 'cold' || heat.source === 'gun') return null;
  return {
    massKg: casting.massKg,
    areaM2: casting.areaM2,
    specificHeatJKgK: MATERIALS[casting.material].specificHeatJKgK,
    hWM2K: CONVECTION.oven,
    startC: heat.startC,
    surroundingsC: heat.sourceC,
  };
}

function bodies(
  { view: { seat, casting }, roomC }: RunInput,
  ringC: number,
  housingC: number,
): LumpedProblem {
  const race = raceMetal(seat);
  const metal = MATERIALS[casting.material];
  const part = bearingBody(seat.spec.part);
  const lump = (
    body: { massKg: number; areaM2: number },
    material: typeof race,
    startC: number,
  ): LumpedBody => ({
    massKg: body.massKg,
    areaM2: body.areaM2,
    specificHeatJKgK: material.specificHeatJKgK,
    emissivity: material.emissivity,
    hWM2K: CONVECTION.openAir,
    startC,
  });
  return {
    ring: lump(part, race, ringC),
    housing: lump(casting, metal, housingC),
    ambientC: roomC,
    touch: null,
  };
}

function dropProblem(
  input: RunInput,
  { ringC, housingC, uHousingK, atMs }: Start,
  doorMs: number,
): DropProblem | null {
  const { seat, casting, fit, heat } = input.view;
  if (!fit) return null;
  const hotBoss =
    heat.phase !== 'cold' && heat.source === 'gun'
      ? hotBossOf({ seat, casting }, (doorMs - heat.sinceMs) / 1000, heat.rest)
      : undefined;
  if (hotBoss === null) return null;
  return {
    bodies: bodies(input, ringC, housingC),
    ...(heat.phase !== 'cold' && { rest: REST_CONDUCTANCE[heat.rest] }),
    ...(hotBoss && { hotBoss: { ...hotBoss, sinceS: (atMs - doorMs) / 1000 } }),
    diameterMm: seat.spec.part.outsideMm,
    interferenceMm: fit.interference.forDropMm,
    ring: raceMetal(seat),
    housing: MATERIALS[casting.material],
    uHousingK,
    uRingK: U_RING_K,
    marginMm: leastClearanceMm(seat.spec.part.outsideMm),
  };
}

const pairOf = ({ diameterMm, interferenceMm, ring, housing }: DropProblem) => ({
  diameterMm,
  interferenceMm: interferenceMm.value,
  ringAlphaPerK: ring.alphaPerK,
  housingAlphaPerK: housing.alphaPerK,
});

/** State of the drop at `nowMs`: restarted from the last probe reading where there is one, else from the oven's dial. */
export function viewHeatRun(input: RunInput): HeatRunView {
  const { view, nowMs } = input;
  const { heat, history, seat } = view;
  const doorMs = heat.phase === 'out' ? heat.outMs : nowMs;
  const started = startOfPrediction(input, doorMs);
  const problem = started && dropProblem(input, started, doorMs);
  if (!problem || !started) return emptyRun(view);

  const offsetS = (started.atMs - doorMs) / 1000;
  const prediction = predictDrop(problem, HORIZON_S);
  const moments = prediction.moments.map((moment) => ({ ...moment, timeS: moment.timeS + offsetS }));
  const nowS = (nowMs - doorMs) / 1000;
  const now = momentAt(moments, nowS);
  const left = (untilS: number | null) => (untilS === null ? null : Math.max(0, untilS + offsetS - nowS));
  const soak = castingSoak(input);
  const afterDoor = input.probe.filter(({ atMs }) => heat.phase === 'out' && atMs >= doorMs);
  const ringC = ringTemperatures(
    input,
    doorMs,
    afterDoor.map(({ atMs }) => atMs),
  );
  const measured = afterDoor.map(({ atMs, celsius }, i) => {
    const timeS = (atMs - doorMs) / 1000;
    return {
      timeS,
      clearanceMm: clearanceAt(pairOf(problem), {
        ringC: ringC[i]!,
        housingC: boreTemperature(problem, timeS, celsius),
      }),
    };
  });
  return {
    ...judge(view, now, problem.marginMm),
    now,
    marginMm: problem.marginMm,
    sureLeftS: left(prediction.sureUntilS),
    likelyLeftS: left(prediction.likelyUntilS),
    gripsAfterS: now
      ? gripAfterLettingGoS(bodies(input, now.ringC, now.boreC), {
          pair: pairOf(problem),
          clearanceMm: now.clearanceMm.value,
          outerRaceMassKg: bearingBody(seat.spec.part).outerRaceMassKg,
          widthMm: seat.spec.part.widthMm,
        })
      : null,
    freeC: freeTemperature({ ...pairOf(problem), interferenceMm: Math.max(0, problem.interferenceMm.value) }),
    hotInS:
      heat.phase === 'in_heat' && soak
        ? secondsUntilHot(soak, history.wayIn?.housingC ?? soak.surroundingsC, (nowMs - heat.sinceMs) / 1000)
        : null,
    curve: {
      moments,
      measured,
      nowS,
      sureUntilS: shifted(prediction.sureUntilS, offsetS),
      gripS: shifted(prediction.gripS, offsetS),
    },
  };
}

const shifted = (timeS: number | null, byS: number) => (timeS === null ? null : timeS + byS);

function secondsUntilHot(
  soak: NonNullable<ReturnType<typeof castingSoak>>,
  targetC: number,
  sinceS: number,
): number | null {
  const wholeS = timeUntil(soak, targetC);
  return wholeS === null ? null : Math.max(0, wholeS - sinceS);
}

/** Part temperature at moments (ascending) after the door: it warms in the air from what the freezer gave it. */
function ringTemperatures(input: RunInput, doorMs: number, momentsMs: readonly number[]): number[] {
  const atDoorC = partTemperature(input, doorMs);
  return sampleLumped(
    bodies(input, atDoorC, atDoorC),
    momentsMs.map((atMs) => Math.max(0, (atMs - doorMs) / 1000)),
  ).map((sample) => sample.ringC);
}

type Start = { atMs: number; ringC: number; housingC: number; uHousingK: number };

function startOfPrediction(input: RunInput, doorMs: number): Start | null {
  const {
    view: { heat },
    probe,
    nowMs,
  } = input;
  const last = probe.filter(({ atMs }) => atMs <= nowMs).at(-1);
  const soak = castingSoak(input);
  if (heat.phase === 'cold')
    return { atMs: nowMs, ringC: partTemperature(input, nowMs), housingC: input.roomC, uHousingK: 1 };
  if (heat.phase === 'out' && last && last.atMs >= doorMs)
    return {
      atMs: last.atMs,
      ringC: ringTemperatures(input, doorMs, [last.atMs])[0]!,
      housingC: last.celsius,
      uHousingK: U_PROBE_K,
    };
  if (!soak)
    return last && doorMs - last.atMs <= PROBE_HOLDS_MS
      ? { atMs: doorMs, ringC: partTemperature(input, doorMs), housingC: last.celsius, uHousingK: U_PROBE_K }
      : null;
  const byProbe =
    last && doorMs - last.atMs < PROBE_HOLDS_MS
      ? soakTemperature({ ...soak, startC: last.celsius }, (doorMs - last.atMs) / 1000)
      : null;
  return {
    atMs: doorMs,
    ringC: partTemperature(input, doorMs),
    housingC: byProbe ?? soakTemperature(soak, (doorMs - heat.sinceMs) / 1000),
    uHousingK: byProbe === null ? U_DIAL_K : U_PROBE_K,
  };
}

function momentAt(moments: readonly DropMoment[], timeS: number): DropMoment | null {
  const after = moments.find((moment) => moment.timeS >= timeS);
  return after ?? moments.at(-1) ?? null;
}

function judge(
  { heat, history }: SeatView,
  now: DropMoment | null,
  marginMm: number,
): { call: HeatCall; reason: HeatReason } {
  if (history.homeMs !== null) return { call: 'home', reason: 'it_is_home' };
  if (history.stuck) return { call: 'grabbed', reason: 'it_grabbed' };
  if (history.letGoMs !== null) return { call: 'let_go', reason: 'was_it_home' };
  const isSure = now !== null && bandOf(now.clearanceMm).low >= marginMm;
  // Nothing but a probe on the boss tells how hot the air made it.
  if (heat.phase !== 'cold' && heat.source === 'gun' && now === null)
    return { call: heat.phase === 'out' ? 'too_late' : 'wait', reason: 'probe_the_boss' };
  if (heat.phase === 'out')
    return isSure ? { call: 'go', reason: 'sure' } : { call: 'too_late', reason: 'band_at_margin' };
  if (heat.phase === 'cold')
    return isSure ? { call: 'go', reason: 'sure' } : { call: 'wait', reason: 'not_heating' };
  if (isSure)
    return { call: 'wait', reason: heat.source === 'gun' ? 'hot_enough_air_off' : 'hot_enough_take_it_out' };
  return {
    call: 'wait',
    reason: history.wayIn?.way === 'heat_chill' && !history.freezer ? 'not_cold_yet' : 'bore_still_small',
  };
}

const emptyRun = (view: SeatView): HeatRunView => ({
  ...judge(view, null, 0),
  now: null,
  marginMm: leastClearanceMm(view.seat.spec.part.outsideMm),
  sureLeftS: null,
  likelyLeftS: null,
  gripsAfterS: null,
  freeC: null,
  hotInS: null,
  curve: { moments: [], measured: [], nowS: 0, sureUntilS: null, gripS: null },
});
