import { bearingBody } from '@/core/catalogue/bearings/inside';
import { clearanceAt, freeTemperature, leastClearanceMm } from '@/core/heat/expansion';
import { gripAfterLettingGoS } from '@/core/heat/grip';
import { boreTemperature, predictDrop, type DropMoment, type DropProblem } from '@/core/heat/predictDrop';
import { isHeated } from '@/core/heat/waySorts';
import { bandOf } from '@/core/quantity/measured';
import type { HeatSource } from '@/core/record/vocabulary';
import {
  bodies,
  dropProblem,
  ringTemperatures,
  startOfPrediction,
  type RunInput,
  type Start,
} from './heatRunStart';
import { isColdPush, isPushed, pushNow, type PushNow } from './pushNow';
import { isReady, readyInS } from './readyIn';
import { isHanging } from './hanging';
import { freeInS, rescueHeatC, together } from './rescue';
import type { SeatView } from './seatView';

/** What the big sign says. Each has its own word and its own shape. */
export type HeatCall = 'push' | 'wait' | 'go' | 'too_late' | 'let_go' | 'grabbed' | 'home';

export type HeatReason =
  | 'nothing_planned'
  | 'not_heating'
  | 'probe_the_boss'
  | 'bore_still_small'
  | 'still_tight_for_blows'
  | 'still_tight_to_draw'
  | 'not_for_long_enough'
  | 'dial_too_low'
  | 'cooled_blows_too_hard'
  | 'cooled_draw_too_hard'
  | 'hot_enough_take_it_out'
  | 'another_not_ready'
  | 'hot_enough_air_off'
  | 'hot_enough_lay_it_out'
  | 'lay_it_out'
  | 'not_cold_yet'
  | 'sure'
  | 'band_at_margin'
  | 'never_hot_enough'
  | 'was_it_home'
  | 'square_before_force'
  | 'light_blows'
  | 'draw_while_warm'
  | 'cocked_back_out'
  | 'it_grabbed'
  | 'both_warming'
  | 'free_again'
  | 'heat_frees_not'
  | 'look_at_the_bore'
  | 'it_is_home'
  | 'it_is_home_cold';

export type HeatRunView = {
  call: HeatCall;
  reason: HeatReason;
  /** Another part of the same heat, and why it is not ready, where that is what is waited for. */
  waitsFor?: { name: string; reason: HeatReason };
  /** Now, on diameter; the band is 2u either way. */
  now: DropMoment | null;
  marginMm: number;
  /** Of a part that is pushed or driven, at the temperatures of now; null: not known, or it drops. */
  push: PushNow | null;
  /** Seconds for which GO is sure from now on (band's lower edge); null: beyond the horizon. */
  sureLeftS: number | null;
  /** Seconds until the likely value is down to the margin. */
  likelyLeftS: number | null;
  /**
   * Let go now: how long until the bore holds it; null: not until casting and bearing have cooled below the free temperature, or it is
   * pushed.
   */
  gripsAfterS: number | null;
  /** Together free above this; null: never, or it is pushed. Of a part that hangs in its bore: surely free at this. */
  freeC: number | null;
  /**
   * Seconds until the casting, still in its oven, is hot enough to be taken out, or a part that hangs in it comes free; null: never at this
   * dial, or not in an oven.
   */
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
const MOMENTS = 450;

const pairOf = ({ diameterMm, interferenceMm, ring, housing }: DropProblem) => ({
  diameterMm,
  interferenceMm: interferenceMm.value,
  ringAlphaPerK: ring.alphaPerK,
  housingAlphaPerK: housing.alphaPerK,
});

/** What the probe has said since the door, as the clearance that it means. */
function measuredClearances(
  input: RunInput,
  problem: DropProblem,
  doorMs: number,
): { timeS: number; clearanceMm: number }[] {
  const isOut = input.view.heat.phase === 'out';
  const afterDoor = input.probe.filter(({ atMs }) => isOut && atMs >= doorMs);
  const ringC = ringTemperatures(
    input,
    doorMs,
    afterDoor.map(({ atMs }) => atMs),
  );
  return afterDoor.map(({ atMs, celsius }, i) => {
    const timeS = (atMs - doorMs) / 1000;
    const housingC = boreTemperature(problem, timeS, celsius);
    return { timeS, clearanceMm: clearanceAt(pairOf(problem), { ringC: ringC[i]!, housingC }) };
  });
}

/** Let go now: seconds until the bore holds it. */
function gripsAfter(input: RunInput, problem: DropProblem, now: DropMoment): number | null {
  const { part } = input.view.seat.spec;
  return gripAfterLettingGoS(bodies(input, now.ringC, now.boreC), {
    pair: pairOf(problem),
    clearanceMm: now.clearanceMm.value,
    outerRaceMassKg: bearingBody(part).outerRaceMassKg,
    widthMm: part.widthMm,
  });
}

/** Above this the two together are free, °C. */
const freeBoth = (problem: DropProblem) =>
  freeTemperature({ ...pairOf(problem), interferenceMm: Math.max(0, problem.interferenceMm.value) });

/** Would it have dropped when the door opened, by what was known then? Where nothing was, nobody says that it would not. */
function wasSureAt(input: RunInput, doorMs: number): boolean {
  const then = { ...input, nowMs: doorMs, probe: input.probe.filter(({ atMs }) => atMs <= doorMs) };
  const started = startOfPrediction(then, doorMs);
  const problem = started && dropProblem(then, started, doorMs);
  const [atDoor] = problem ? predictDrop(problem, 1, 1).moments : [];
  return !problem || !atDoor || bandOf(atDoor.clearanceMm).low >= problem.marginMm;
}

/** State of the drop at `nowMs`: restarted from the last probe reading where there is one, else from the oven's dial. */
export function viewHeatRun(input: RunInput): HeatRunView {
  const { view, nowMs } = input;
  const doorMs = view.heat.phase === 'out' ? view.heat.outMs : nowMs;
  const started = startOfPrediction(input, doorMs);
  const problem = started && dropProblem(input, started, doorMs);
  if (view.history.stuck) return viewStuck(input, started, problem);
  if (!problem || !started) return emptyRun(view);
  const offsetS = (started.atMs - doorMs) / 1000;
  const nowS = (nowMs - doorMs) / 1000;
  // What has been out for longer is followed all the same: as cold as it is, not as it was.
  const horizonS = Math.max(HORIZON_S, nowS - offsetS);
  const prediction = predictDrop(problem, horizonS, horizonS / MOMENTS);
  const moments = prediction.moments.map((moment) => ({ ...moment, timeS: moment.timeS + offsetS }));
  const now = momentAt(moments, nowS);
  const left = (untilS: number | null) => (untilS === null ? null : Math.max(0, untilS + offsetS - nowS));
  const falls = !isPushed(view);
  const push = now && !falls ? pushNow(view, problem, now) : null;
  const hotInS = readyInS(input, started);
  const wasSure = wasSureAt(input, doorMs);
  const readiness = isReady(input, problem) ? 'ready' : hotInS === null ? 'never' : 'not_yet';
  return {
    ...withheld(judge(view, { now, marginMm: problem.marginMm, push, readiness, wasSure }), input),
    now,
    marginMm: problem.marginMm,
    push,
    sureLeftS: left(prediction.sureUntilS),
    likelyLeftS: left(prediction.likelyUntilS),
    gripsAfterS: now && falls ? gripsAfter(input, problem, now) : null,
    freeC: falls ? freeBoth(problem) : null,
    hotInS,
    curve: {
      moments,
      measured: measuredClearances(input, problem, doorMs),
      nowS,
      sureUntilS: shifted(prediction.sureUntilS, offsetS),
      gripS: shifted(prediction.gripS, offsetS),
    },
  };
}

const shifted = (timeS: number | null, byS: number) => (timeS === null ? null : timeS + byS);

function momentAt(moments: readonly DropMoment[], timeS: number): DropMoment | null {
  const after = moments.find((moment) => moment.timeS >= timeS);
  return after ?? moments.at(-1) ?? null;
}

type Call = { call: HeatCall; reason: HeatReason };
/** Of a casting in the heat: taken out now, is there time to work in? `never`: not at this dial, or nobody knows. */
type Readiness = 'ready' | 'not_yet' | 'never';
type Now = Pick<HeatRunView, 'now' | 'marginMm' | 'push'> & {
  readiness: Readiness;
  /** It would have dropped when the door opened. */
  wasSure: boolean;
};

/** Of a casting in the heat that would take the part by now, or would not yet. */
function judgeHeating(source: HeatSource, readiness: Readiness, wouldGo: boolean, notYet: HeatReason): Call {
  const wait = (reason: HeatReason): Call => ({ call: 'wait', reason });
  if (readiness === 'ready') return wait(source === 'gun' ? 'hot_enough_air_off' : 'hot_enough_take_it_out');
  if (readiness === 'never' && source === 'oven' && notYet !== 'not_cold_yet') return wait('dial_too_low');
  return wait(wouldGo ? 'not_for_long_enough' : notYet);
}

/** Of a part that is walked in while it is warm, by light blows or by a rod: it need not drop, and goes on as long as it is warm. */
function judgeWarmPush({ heat, history }: SeatView, push: PushNow | null, readiness: Readiness): Call {
  if (heat.phase === 'cold') return { call: 'wait', reason: 'not_heating' };
  const isDrawn = history.wayIn?.way === 'warm_draw';
  const isLight = push === null ? heat.phase === 'out' : push.isLight;
  if (heat.phase === 'out')
    return isLight
      ? { call: 'push', reason: isDrawn ? 'draw_while_warm' : 'light_blows' }
      : { call: 'too_late', reason: isDrawn ? 'cooled_draw_too_hard' : 'cooled_blows_too_hard' };
  const isColdYet = isDrawn || history.freezer !== null;
  const tight = isDrawn ? 'still_tight_to_draw' : 'still_tight_for_blows';
  return judgeHeating(heat.source, readiness, isLight, isColdYet ? tight : 'not_cold_yet');
}

/** Of a part that hangs half way, or is out of its bore again: what frees it, and whether it is free. */
function judgeStuck(view: SeatView, now: DropMoment | null, neededC: number | null): Call {
  const { heat } = view;
  if (!isHanging(view)) return { call: 'wait', reason: 'look_at_the_bore' };
  const { wayIn } = view.history;
  const wasHot = wayIn !== null && !isPushed(view) && isHeated(wayIn.way);
  if (!wasHot) return { call: 'grabbed', reason: 'cocked_back_out' };
  if (heat.phase !== 'in_heat')
    return { call: 'grabbed', reason: neededC === null ? 'heat_frees_not' : 'it_grabbed' };
  if (now === null) return { call: 'grabbed', reason: 'probe_the_boss' };
  return neededC !== null && now.housingC >= neededC
    ? { call: 'let_go', reason: 'free_again' }
    : { call: 'grabbed', reason: neededC === null ? 'heat_frees_not' : 'both_warming' };
}

/** The run of a part that hangs half way: it is as hot as its casting. */
function viewStuck(input: RunInput, started: Start | null, problem: DropProblem | null): HeatRunView {
  const { view } = input;
  const now = started && problem ? together(problem, started) : null;
  const neededC = rescueHeatC(view, problem);
  return {
    ...emptyRun(view),
    ...judgeStuck(view, now, neededC),
    now: isHanging(view) ? now : null,
    marginMm: 0,
    freeC: neededC,
    hotInS: started && neededC !== null ? freeInS(input, started, neededC) : null,
  };
}

function judge(view: SeatView, { now, marginMm, push, readiness, wasSure }: Now): Call {
  const { heat, history } = view;
  if (history.homeMs !== null)
    return { call: 'home', reason: isColdPush(view) ? 'it_is_home_cold' : 'it_is_home' };
  if (!history.wayIn && heat.phase === 'cold') return { call: 'wait', reason: 'nothing_planned' };
  if (history.letGoMs !== null) return { call: 'let_go', reason: 'was_it_home' };
  if (isColdPush(view)) return { call: 'push', reason: 'square_before_force' };
  // Nothing but a probe on the boss tells how hot the air made it.
  const isUnknownAir = heat.phase !== 'cold' && heat.source === 'gun' && now === null;
  if (isUnknownAir && heat.phase === 'in_heat') return { call: 'wait', reason: 'probe_the_boss' };
  if (isPushed(view)) return judgeWarmPush(view, push, readiness);
  if (isUnknownAir) return { call: 'too_late', reason: 'probe_the_boss' };
  const isSure = now !== null && bandOf(now.clearanceMm).low >= marginMm;
  if (heat.phase === 'out')
    return isSure
      ? { call: 'go', reason: 'sure' }
      : { call: 'too_late', reason: wasSure ? 'band_at_margin' : 'never_hot_enough' };
  if (heat.phase === 'cold')
    return isSure ? { call: 'go', reason: 'sure' } : { call: 'wait', reason: 'not_heating' };
  const isNotColdYet = history.wayIn?.way === 'heat_chill' && !history.freezer;
  return judgeHeating(heat.source, readiness, isSure, isNotColdYet ? 'not_cold_yet' : 'bore_still_small');
}

/** Nothing is offered while something is still to be looked for: a hot casting waits for nobody. */
function withheld(said: Call, { view: { heat }, isLaidOut = true }: RunInput): Call {
  if (isLaidOut) return said;
  if (said.reason === 'hot_enough_take_it_out' || said.reason === 'hot_enough_air_off')
    return { call: 'wait', reason: 'hot_enough_lay_it_out' };
  const isOffered = said.call === 'go' || (said.call === 'push' && heat.phase === 'out');
  return isOffered ? { call: 'wait', reason: 'lay_it_out' } : said;
}

const emptyRun = (view: SeatView): HeatRunView => ({
  ...judge(view, { now: null, marginMm: 0, push: null, readiness: 'not_yet', wasSure: false }),
  now: null,
  push: null,
  marginMm: leastClearanceMm(view.seat.spec.part.outsideMm),
  sureLeftS: null,
  likelyLeftS: null,
  gripsAfterS: null,
  freeC: null,
  hotInS: null,
  curve: { moments: [], measured: [], nowS: 0, sureUntilS: null, gripS: null },
});
