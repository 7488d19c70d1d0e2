import { isOutByHeat } from '@/core/strip/removal';
import { MATERIALS } from '@/core/catalogue/materials';
import { ceilingsFor } from '@/core/heat/ceilings';
import { WANTED_SECONDS } from '@/core/heat/workingSeconds';
import { freeTemperature } from '@/core/heat/expansion';
import { forceLeft, LIGHT_BLOWS_N } from '@/core/heat/forceLeft';
import { soakTemperature, timeUntil } from '@/core/heat/soak';
import type { Measured } from '@/core/quantity/measured';
import { partMetal } from '@/core/record/seatFacts';
import { CASTING_STUFF } from '@/core/record/vocabulary';
import { castingInAir } from './castingBody';
import { castingNow, castingSoak, type RunInput } from './heatRunStart';
import { planStrip } from './planStrip';
import type { JobView, SeatView } from './seatView';
import {
  limitOf,
  type WarmCall,
  type WarmLimit,
  type WarmOutView,
  type WarmPart,
  type WarmReason,
} from './warmOutView';

/** An oven that is this near to what it is to give gives no more. */
const AS_HOT_AS_IT_GETS_K = 2;
/** Warned of so long before. Common practice, no source. */
const WARN_S = 60;

const isOldPart = ({ seat, history }: SeatView) =>
  seat.spec.kind !== 'seal_in_bore' &&
  history.takenOut === null &&
  history.homeMs === null &&
  history.wayIn === null;

function warmPart(view: SeatView, job: JobView, now: Measured | null): WarmPart {
  const { seat, casting, fit } = view;
  const { diameterMm, race, housing } = {
    diameterMm: seat.spec.part.outsideMm,
    race: partMetal(seat.spec.part),
    housing: MATERIALS[casting.material],
  };
  const freeAt = (interferenceMm: number) =>
    freeTemperature({
      diameterMm,
      interferenceMm: Math.max(0, interferenceMm),
      ringAlphaPerK: race.alphaPerK,
      housingAlphaPerK: housing.alphaPerK,
    });
  const tight = fit?.interference.forDropMm;
  const [low, likely, high] = tight
    ? [tight.value - 2 * tight.u, tight.value, tight.value + 2 * tight.u].map(freeAt)
    : [null, null, null];
  const freeC = low != null && likely != null && high != null ? { low, likely, high } : null;
  const byHeat = planStrip(view, job).ways.find(({ way }) => isOutByHeat(way));
  const atC = now?.value ?? job.roomC;
  const uK = now?.u ?? 0;
  return {
    seatId: seat.id,
    name: seat.name,
    freeC,
    forceN: fit
      ? forceLeft(
          { pushForce: fit.push, holdMm: fit.benchMm, diameterMm, race, housing },
          { ringC: atC, boreC: atC, uGrowthMm: diameterMm * (housing.alphaPerK - race.alphaPerK) * uK },
        )
      : null,
    way: (byHeat?.way ?? null) as WarmPart['way'],
    heatC: byHeat?.heatC ?? job.roomC,
    holds:
      freeC === null || atC + 2 * uK < freeC.low ? 'fast' : atC - 2 * uK >= freeC.high ? 'free' : 'perhaps',
  };
}

/** What this heat may not reach: seals, metal, paint; new parts that are home already, at the loose edge of their fit. */
function limitsOf(view: SeatView, job: JobView): WarmLimit[] {
  const { casting, leftIn, stuff } = view;
  const ceilings = ceilingsFor({
    castingMaterial: casting.material,
    leftIn,
    stuff: CASTING_STUFF.flatMap((what) => (stuff[what] ? [{ what }] : [])),
    bearing: { closure: 'open', cage: 'steel' },
  }).filter(({ sees }) => sees === 'casting');
  const staying = job.seats
    .filter((each) => each.casting.id === casting.id && each.history.homeMs !== null)
    .flatMap((each): WarmLimit[] => {
      const { freeC } = warmPart(each, job, null);
      return freeC ? [{ letsGo: each.seat.name, limitC: freeC.low }] : [];
    });
  return [...ceilings.map((ceiling) => ({ ceiling })), ...staying].sort((a, b) => limitOf(a) - limitOf(b));
}

/** As hot as the parts that fall ask for, no hotter than what suffers allows. */
function targetOf(parts: readonly WarmPart[], limits: readonly WarmLimit[]): number | null {
  const wanted = parts.filter(({ way }) => way !== null).map(({ heatC }) => heatC);
  if (wanted.length === 0) return null;
  const most = limits.length > 0 ? limitOf(limits[0]!) : Infinity;
  const reachable = wanted.filter((heatC) => heatC <= most);
  return Math.max(...(reachable.length > 0 ? reachable : wanted));
}

/** Seconds until the casting, out of its heat, has cooled to this. */
const coolsToS = (view: SeatView, fromC: number, toC: number, roomC: number): number | null =>
  fromC <= toC ? 0 : timeUntil(castingInAir(view.casting, fromC, roomC, view.learned?.lossFactor), toC);

/** Taken out now: does it stay free for long enough to work in? */
function isTimeToWork(view: SeatView, next: WarmPart, fromC: number, roomC: number): boolean {
  if (!next.freeC) return false;
  const toC = next.way === 'warm_and_pull' ? next.heatC - 10 : next.freeC.high;
  const afterC = soakTemperature(
    castingInAir(view.casting, fromC, roomC, view.learned?.lossFactor),
    WANTED_SECONDS,
  );
  return afterC >= toC;
}

/** The limit that is reached first at this rate, and when. */
function nearestLimit(input: RunInput, now: Measured | null, limits: readonly WarmLimit[]) {
  if (!now) return null;
  const soak = castingSoak(input);
  const [limit] = limits;
  if (!limit) return null;
  const atC = limitOf(limit);
  if (now.value + 2 * now.u >= atC) return { limit, inS: 0 };
  if (input.view.heat.phase !== 'in_heat') return null;
  return soak
    ? { limit, inS: timeUntil({ ...soak, startC: now.value + 2 * now.u }, atC) }
    : { limit, inS: null };
}

type Said = { call: WarmCall; reason: WarmReason };
type Facts = Pick<WarmOutView, 'celsius' | 'next' | 'targetC' | 'limits' | 'nearest'> & { roomC: number };

function judgeOut(next: WarmPart): Said {
  if (next.holds === 'free') return { call: 'falls', reason: 'turn_it_over' };
  const isLight = next.forceN !== null && next.forceN.high <= LIGHT_BLOWS_N;
  if (next.holds === 'perhaps' || isLight) return { call: 'pull', reason: 'pull_it' };
  return { call: 'too_late', reason: 'holds_again' };
}

function judgeIn({ heat, ...view }: SeatView, next: WarmPart, facts: Facts): Said {
  const wait = (reason: WarmReason): Said => ({ call: 'wait', reason });
  const { celsius, roomC, targetC } = facts;
  if (heat.phase === 'cold') return wait('not_warmed');
  if (!celsius) return wait('probe_it');
  if (heat.source === 'gun') {
    if (next.way === 'warm_and_pull' && celsius.value >= next.heatC - AS_HOT_AS_IT_GETS_K)
      return { call: 'pull', reason: 'pull_it' };
    return next.holds === 'free' ? { call: 'falls', reason: 'tap_it' } : wait('still_holds');
  }
  const isThere = celsius.value >= (targetC ?? Infinity) - AS_HOT_AS_IT_GETS_K;
  const isSettled = celsius.value >= heat.sourceC - AS_HOT_AS_IT_GETS_K;
  const isTime = isTimeToWork({ heat, ...view }, next, celsius.value, roomC);
  if (isTime && (isThere || isSettled)) return wait('hot_enough_out');
  return wait(isSettled ? 'too_cool_dial' : 'still_holds');
}

function judge(view: SeatView, facts: Facts): Said {
  const { next, nearest, limits, targetC } = facts;
  const { heat } = view;
  if (nearest?.inS === 0 && heat.phase === 'in_heat') return { call: 'stop', reason: 'limit_reached' };
  if (!next) return { call: 'all_out', reason: 'all_out' };
  if (next.way === null) return { call: 'wait', reason: 'nothing_by_heat' };
  if (nearest && nearest.inS !== null && nearest.inS <= WARN_S && heat.phase === 'in_heat')
    return { call: 'stop', reason: 'limit_near' };
  if (heat.phase === 'out') return facts.celsius ? judgeOut(next) : { call: 'wait', reason: 'probe_it' };
  const isInTheWay = limits.length > 0 && limitOf(limits[0]!) < (targetC ?? Infinity);
  if (heat.phase === 'cold' && isInTheWay) return { call: 'wait', reason: 'limit_in_the_way' };
  return judgeIn(view, next, facts);
}

/** Warming, the one that lets go first; cooling, of those that are still free the one that the casting holds again first. */
function nextOf(parts: readonly WarmPart[], { heat }: SeatView): WarmPart | null {
  const loose = parts.filter(({ holds, way }) => way !== null && holds !== 'fast');
  if (heat.phase !== 'out' || loose.length === 0) return parts[0] ?? null;
  return loose.reduce((first, each) => (each.freeC!.high > first.freeC!.high ? each : first));
}

/** The removal by heat of all that sits in this seat's casting, at `nowMs`; `view` is of any of its seats. */
export function viewWarmOut(input: RunInput, job: JobView): WarmOutView {
  const { view, roomC } = input;
  const celsius = castingNow(input);
  const parts = job.seats
    .filter((each) => each.casting.id === view.casting.id && isOldPart(each))
    .map((each) => warmPart(each, job, celsius))
    .sort((a, b) => Number(a.way === null) - Number(b.way === null) || a.heatC - b.heatC);
  const next = nextOf(parts, view);
  const limits = limitsOf(view, job);
  const targetC = targetOf(parts, limits);
  const nearest = nearestLimit(input, celsius, limits);
  const soak = castingSoak(input);
  return {
    ...judge(view, { celsius, next, targetC, limits, nearest, roomC }),
    celsius,
    parts,
    next,
    targetC,
    limits,
    nearest,
    readyInS:
      soak && celsius && targetC !== null && view.heat.phase === 'in_heat'
        ? celsius.value >= targetC
          ? 0
          : timeUntil({ ...soak, startC: celsius.value }, targetC - AS_HOT_AS_IT_GETS_K)
        : null,
    holdsAgainInS:
      view.heat.phase === 'out' && celsius && next?.freeC
        ? coolsToS(view, celsius.value - 2 * celsius.u, next.freeC.high, roomC)
        : null,
  };
}
