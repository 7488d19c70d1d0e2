import { MATERIALS, type Material } from '@/core/catalogue/materials';
import { AIR_CONDUCTIVITY_WMK } from '@/core/heat/grip';
import { windowOf } from '@/core/heat/lumped';
import { predictDrop, type DropMoment, type DropPrediction, type DropProblem } from '@/core/heat/predictDrop';
import { soakInFreezer, timeUntil, type Soak } from '@/core/heat/soak';
import type { RaceHeatState } from '@/core/project/shaft';
import { bandOf, type Measured } from '@/core/quantity/measured';
import { slidingRoomMm } from '@/core/shaft/waysOnto';
import type { HeatRunView } from './heatRun';
import type { JournalView } from './journalView';
import { problemOf, raceAt, raceSoak, shaftAt, shaftBody, STEEL } from './shaftRunStart';
import { raceLimitC } from './shaftWays';

/**
 * A warmed bearing slides over its shaft, chilled or not; or its inner race is warmed so that it lets go of the shaft. The same reckoning
 * as for a casting, with the bearing as the hot body outside and the shaft as the cold one inside; the bearing itself is what must not
 * get too hot.
 */
export type ShaftCall = 'wait' | 'go' | 'too_late' | 'stop' | 'grabbed' | 'done';
export type ShaftReason =
  | 'fit_not_known'
  | 'not_warmed'
  | 'shaft_not_cold_yet'
  | 'cannot_be_that_hot'
  | 'read_the_race'
  | 'still_tight'
  | 'hot_enough'
  | 'never_hot_enough'
  | 'sure'
  | 'cooled'
  | 'now_quickly'
  | 'limit_near'
  | 'limit_reached'
  | 'it_grabbed'
  | 'it_is_on'
  | 'it_is_off';

export type ShaftRunView = {
  does: 'on' | 'off';
  call: ShaftCall;
  reason: ShaftReason;
  /** Inner race; null: nobody knows, as under hot air that nothing followed. */
  raceC: Measured | null;
  shaftC: number;
  /** Bore of the race less the shaft, on diameter. */
  clearanceMm: Measured | null;
  marginMm: number;
  /** What the race has to have, with the shaft as it is, °C; null: its fit is not known. */
  neededC: number | null;
  /** What it must not reach, °C. */
  limitC: number;
  /** Seconds until the race is hot enough, or the shaft alone cold enough; null: never, or nobody knows. */
  readyInS: number | null;
  sureLeftS: number | null;
  /** Slid over now: how long until it holds; null: not within two minutes. */
  gripsAfterS: number | null;
  /** Clearance over time from when it left its heat, or from now; null: nothing is followed. */
  curve: HeatRunView['curve'] | null;
};

export type ShaftRunInput = { view: JournalView; does: 'on' | 'off'; roomC: number; nowMs: number };

/** From the heat to the shaft, and to push it home. */
const TO_WORK_S = 20;
const WARN_S = 60;
const HORIZON_S = 300;
/** How much more than its own share of the warmth the race needs to come off: the shaft warms with it. Common practice, no source. */
const SHAFT_FOLLOWS = 0.25;
/** Share of a bearing's mass that is its inner race. From the effective track diameters. */
const INNER_SHARE = 0.33;

/** What the race has to have to slide over a shaft of `shaftC` even at the tight edge; to come off, more, as the shaft warms with it. */
function neededC({ fit, part, shaft }: JournalView, does: 'on' | 'off', shaftC: number, roomC: number) {
  if (!fit) return null;
  const shaftMetal: Material = MATERIALS[shaft.material];
  const tightMm = bandOf(fit.forDropMm).high;
  const grownMm = part.boreMm * shaftMetal.alphaPerK * (shaftC - roomC);
  const perK = part.boreMm * STEEL.alphaPerK;
  const roomMm = does === 'on' ? slidingRoomMm(part.boreMm) : 0;
  const aboveK = (tightMm + roomMm + (does === 'on' ? grownMm : 0)) / perK;
  return roomC + Math.max(0, aboveK) / (does === 'on' ? 1 : 1 - SHAFT_FOLLOWS);
}

/** Slid over now: the inner race alone gives its heat through the gap to the shaft. */
function gripsAfter(problem: DropProblem, now: DropMoment, widthMm: number): number | null {
  const clearanceMm = now.clearanceMm.value;
  if (clearanceMm <= 0) return 0;
  const { bodies, diameterMm, interferenceMm, ring, housing } = problem;
  return windowOf(
    {
      ...bodies,
      ring: { ...bodies.ring, startC: now.ringC },
      housing: { ...bodies.housing, massKg: bodies.housing.massKg * INNER_SHARE, startC: now.housingC },
      touch: {
        touchAtS: 0,
        conductanceWM2K: AIR_CONDUCTIVITY_WMK / (clearanceMm / 2000),
        areaM2: Math.PI * diameterMm * widthMm * 1e-6,
      },
    },
    {
      diameterMm,
      interferenceMm: interferenceMm.value,
      ringAlphaPerK: ring.alphaPerK,
      housingAlphaPerK: housing.alphaPerK,
    },
    0,
    120,
  );
}

/**
 * Seconds until a shaft in its freezer is cold enough to slide into a bearing that nobody warms; null: it is in none, or never so cold.
 * The sure clearance goes with the shaft's temperature in a straight line.
 */
function coldInS({ view, roomC, nowMs }: ShaftRunInput): number | null {
  const { shaftCold } = view.history;
  if (!shaftCold) return null;
  const sureMm = (shaftC: number) => {
    const problem = problemOf(view, shaftC, { value: roomC, u: 1 }, roomC);
    const [first] = problem ? predictDrop(problem, 1, 1).moments : [];
    return first ? bandOf(first.clearanceMm).low - problem!.marginMm : -Infinity;
  };
  const [warm, cold] = [sureMm(roomC), sureMm(shaftCold.freezerC)];
  if (!(cold > 0)) return null;
  const wantedC = warm >= 0 ? roomC : roomC + ((shaftCold.freezerC - roomC) * -warm) / (cold - warm);
  const stay = { startC: shaftAt(view, roomC, nowMs), surroundingsC: shaftCold.freezerC };
  return stay.startC <= wantedC ? 0 : timeUntil(soakInFreezer(shaftBody(view), stay), wantedC);
}

type Said = Pick<ShaftRunView, 'call' | 'reason'>;

/** Of a race in its heat: does it suffer, does it get there, is it there? */
function judgeHeating(
  input: ShaftRunInput,
  heat: RaceHeatState,
  race: Measured | null,
  wanted: number,
): Said {
  const { view, does, roomC } = input;
  const limitC = raceLimitC(view);
  const wait = (reason: ShaftReason): Said => ({ call: 'wait', reason });
  if (!race) return wait('read_the_race');
  const hottestC = race.value + 2 * race.u;
  if (hottestC >= limitC) return { call: 'stop', reason: 'limit_reached' };
  const soak = raceSoak(view, heat, roomC);
  const limitInS = soak && timeUntil({ ...soak, startC: hottestC }, limitC);
  if (limitInS !== null && limitInS <= WARN_S) return { call: 'stop', reason: 'limit_near' };
  const isThere = race.value - 2 * race.u >= wanted;
  if (does === 'off') return isThere ? { call: 'go', reason: 'now_quickly' } : wait('still_tight');
  const problem = problemOf(view, shaftAt(view, roomC, input.nowMs), race, roomC);
  if (problem && predictDrop(problem, TO_WORK_S, TO_WORK_S).sureUntilS === null) return wait('hot_enough');
  const isSettled = soak !== null && race.value >= heat.sourceC - 1;
  return wait(isSettled ? 'never_hot_enough' : 'still_tight');
}

function judge(input: ShaftRunInput, run: Omit<ShaftRunView, 'call' | 'reason'>): Said {
  const { view, does, nowMs, roomC } = input;
  const { ontoShaft, offShaft, raceHeat, raceGrabbedMs } = view.history;
  if (does === 'on' && ontoShaft) return { call: 'done', reason: 'it_is_on' };
  if (does === 'off' && offShaft) return { call: 'done', reason: 'it_is_off' };
  if (run.neededC === null) return { call: 'wait', reason: 'fit_not_known' };
  if (raceGrabbedMs !== null) return { call: 'grabbed', reason: 'it_grabbed' };
  const isSure = run.clearanceMm !== null && bandOf(run.clearanceMm).low >= run.marginMm;
  if (!raceHeat) {
    // A shaft out of the freezer may be enough by itself.
    if (does === 'on' && view.history.shaftCold && isSure) return { call: 'go', reason: 'sure' };
    if (does === 'on' && run.readyInS !== null) return { call: 'wait', reason: 'shaft_not_cold_yet' };
    return { call: 'wait', reason: run.neededC > run.limitC ? 'cannot_be_that_hot' : 'not_warmed' };
  }
  if (raceHeat.outMs === null)
    return judgeHeating(input, raceHeat, raceAt(view, raceHeat, roomC, nowMs), run.neededC);
  if (does === 'off')
    return run.raceC && run.raceC.value >= run.neededC
      ? { call: 'go', reason: 'now_quickly' }
      : { call: 'too_late', reason: 'cooled' };
  return isSure ? { call: 'go', reason: 'sure' } : { call: 'too_late', reason: 'cooled' };
}

/** Race and shaft at `nowMs`, with what they were when the race left its heat followed from there. */
function nowOf({ view, roomC, nowMs }: ShaftRunInput) {
  const { raceHeat } = view.history;
  const outMs = raceHeat?.outMs ?? nowMs;
  const race = raceHeat ? raceAt(view, raceHeat, roomC, outMs) : { value: roomC, u: 1 };
  const shaftC = shaftAt(view, roomC, outMs);
  const problem = race && problemOf(view, shaftC, race, roomC);
  const afterS = (nowMs - outMs) / 1000;
  const course = problem && predictDrop(problem, Math.max(HORIZON_S, afterS + 2));
  const now = course?.moments.find(({ timeS }) => timeS >= afterS) ?? null;
  return { race, shaftC, problem, course, now, afterS };
}

const curveOf = ({ moments, sureUntilS, gripS }: DropPrediction): Omit<HeatRunView['curve'], 'nowS'> => ({
  moments,
  measured: [],
  sureUntilS,
  gripS,
});

/** Seconds until the race has what it needs; null: never so, or nobody knows. */
const raceReadyInS = (soak: Soak | null, race: Measured | null, wanted: number | null): number | null => {
  if (!soak || !race || wanted === null) return null;
  return race.value >= wanted ? 0 : timeUntil({ ...soak, startC: race.value }, wanted);
};

/** The run of a bearing onto its shaft, or off it, at `nowMs`. */
export function viewShaftRun(input: ShaftRunInput): ShaftRunView {
  const { view, does, roomC } = input;
  const { raceHeat } = view.history;
  const { race, shaftC, problem, course, now, afterS } = nowOf(input);
  const raceC = race && now ? { value: now.housingC, u: Math.max(race.u, now.uBoreK) } : race;
  const wanted = neededC(view, does, shaftC, roomC);
  const soak = raceHeat && raceHeat.outMs === null ? raceSoak(view, raceHeat, roomC) : null;
  const run: Omit<ShaftRunView, 'call' | 'reason'> = {
    does,
    raceC,
    shaftC: now?.ringC ?? shaftC,
    clearanceMm: now?.clearanceMm ?? null,
    marginMm: slidingRoomMm(view.part.boreMm),
    neededC: wanted,
    limitC: raceLimitC(view),
    readyInS: raceHeat ? raceReadyInS(soak, race, wanted) : coldInS(input),
    sureLeftS: course && course.sureUntilS !== null ? Math.max(0, course.sureUntilS - afterS) : null,
    gripsAfterS: problem && now ? gripsAfter(problem, now, view.part.widthMm) : null,
    curve: does === 'on' && raceHeat && course ? { ...curveOf(course), nowS: afterS } : null,
  };
  return { ...judge(input, run), ...run };
}
