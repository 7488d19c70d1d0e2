import { parseBearing, type ClearanceGroup } from '@/core/catalogue/bearings/designation';
import { MATERIALS } from '@/core/catalogue/materials';
import {
  CLEARANCE_STATES,
  runningClearances,
  type ClearanceState,
  type StateClearance,
  type StateTemperatures,
} from '@/core/fit/runningClearance';
import { interferenceAt } from '@/core/fit/runningFit';
import { zoneAsMeasured } from '@/core/fit/interference';
import {
  findBearingBoreLimits,
  findRadialClearances,
  type ClearanceUm,
} from '@/core/catalogue/bearingLimits';
import { findLimits } from '@/core/catalogue/limits';
import { REFERENCE_C, rootSumSquare, type Measured } from '@/core/quantity/measured';
import type { Casting } from '@/core/record/job';
import { partMetal } from '@/core/record/seatFacts';
import type { FittedSpec } from '@/core/record/seatSpec';

/** Doubt of running temperatures, standard uncertainty, K. Common practice, no source. */
const U_RUNNING_K = 8;

/** A cold morning, all of one temperature. Common practice, no source. */
const COLD_START_C = -10;
/**
 * Share of the way from 20 °C to running that each part has come when the shaft is hot and the casting hardly warm, and how far beyond
 * running the hottest goes. Common practice, no source: for 85/90/100 °C they give the usual states of a small crankcase.
 */
const WARM_UP = { housing: 0.15, outer: 0.3, shaft: 0.78 };
const HOTTEST = 1.35;
/** The shaft runs hotter than the outer race by this share of its rise. Common practice, no source. */
const SHAFT_ABOVE = 0.14;

const rise = (celsius: number, share: number) => Math.round(REFERENCE_C + share * (celsius - REFERENCE_C));

/** The seat's temperatures in each state: as somebody put them, else as is usual beside its running ones. */
export function statesOf({
  running,
  states,
}: Pick<FittedSpec, 'running' | 'states'>): Record<ClearanceState, StateTemperatures> {
  const { housingC, ringC: outerC, shaftC = rise(outerC, 1 + SHAFT_ABOVE) } = running;
  const all = (celsius: number) => ({ housingC: celsius, outerC: celsius, innerC: celsius, shaftC: celsius });
  const as = (given: { housingC: number; ringC: number; shaftC: number }) => ({
    housingC: given.housingC,
    outerC: given.ringC,
    innerC: given.shaftC,
    shaftC: given.shaftC,
  });
  const shares = (housing: number, outer: number, shaft: number) =>
    as({ housingC: rise(housingC, housing), ringC: rise(outerC, outer), shaftC: rise(shaftC, shaft) });
  return {
    bench: all(REFERENCE_C),
    cold_start: states ? as(states.cold_start) : all(COLD_START_C),
    warm_up: states ? as(states.warm_up) : shares(WARM_UP.housing, WARM_UP.outer, WARM_UP.shaft),
    running: as({ housingC, ringC: outerC, shaftC }),
    hottest: states ? as(states.hottest) : shares(HOTTEST, HOTTEST, HOTTEST),
  };
}

/** All of them written out, as they are edited. */
export function withStates<S extends FittedSpec>(spec: S): S {
  const all = statesOf(spec);
  const as = ({ housingC, outerC, shaftC }: StateTemperatures) => ({ housingC, ringC: outerC, shaftC });
  return {
    ...spec,
    running: as(all.running),
    states: { cold_start: as(all.cold_start), warm_up: as(all.warm_up), hottest: as(all.hottest) },
  };
}

/** How the seat holds in one state: positive is tight. */
export type StateFit = { state: ClearanceState; temperatures: StateTemperatures; fitMm: Measured };

type Held = { spec: FittedSpec; casting: Pick<Casting, 'material'>; benchMm: Measured };

/** The fit outside in all five states, as smoothed for holding. */
export function fitInStates({ spec, casting, benchMm }: Held): StateFit[] {
  const states = statesOf(spec);
  return CLEARANCE_STATES.map((state) => {
    const { housingC, outerC } = states[state];
    const uK = state === 'bench' ? 0 : U_RUNNING_K;
    return {
      state,
      temperatures: states[state],
      fitMm: interferenceAt({
        diameterMm: spec.part.outsideMm,
        interferenceMm: benchMm,
        ring: partMetal(spec.part),
        housing: MATERIALS[casting.material],
        ringC: { value: outerC, u: uK },
        housingC: { value: housingC, u: uK },
      }),
    };
  });
}

/** Chance of clearance, while running, from which on a group is enough. Common practice, no source. */
const ENOUGH_RUNNING = 0.9;
/** A race on its shaft where nothing is known of it. Common practice, no source. */
const USUAL_SHAFT_CLASS = 'k5';

export type GroupChance = {
  group: ClearanceGroup;
  states: StateClearance[];
  runningChance: number;
  warmUpChance: number;
};

export type Clearances = {
  /** What the designation says; CN where it says nothing. */
  marked: ClearanceGroup;
  groups: GroupChance[];
  /** The least group that is enough; null: not even the largest. */
  wanted: ClearanceGroup | null;
  /** Null is taken as the usual class. */ inner: 'known' | 'usual';
};

/** Interference of the inner race on a shaft of the usual class. */
function usualInner(boreMm: number): Measured | null {
  const shaft = findLimits(boreMm, USUAL_SHAFT_CLASS);
  const bore = findBearingBoreLimits(boreMm);
  if (!shaft || !bore) return null;
  const [journal, race] = [zoneAsMeasured(boreMm, shaft), zoneAsMeasured(boreMm, bore)];
  return { value: journal.value - race.value, u: rootSumSquare(journal.u, race.u) };
}

/** What each clearance group comes to in each state, on a solid shaft. */
function chancesOf(
  { spec, casting, benchMm }: Held,
  inner: Measured,
  delivered: Record<ClearanceGroup, ClearanceUm>,
): GroupChance[] {
  const { part, housing } = spec;
  const states = statesOf(spec);
  return (Object.keys(delivered) as ClearanceGroup[]).flatMap((group) => {
    const found = runningClearances({
      boreMm: part.boreMm,
      outsideMm: part.outsideMm,
      delivered: delivered[group],
      outerInterferenceMm: benchMm,
      innerInterferenceMm: inner,
      bossOutsideMm: housing.bossOutsideMm,
      shaftBoreMm: 0,
      race: MATERIALS.bearing_steel,
      housing: MATERIALS[casting.material],
      shaft: MATERIALS.bearing_steel,
      uTemperatureK: U_RUNNING_K,
      states,
    });
    const chanceIn = (state: ClearanceState) => found?.find((each) => each.state === state)?.chanceFree ?? 0;
    return found
      ? [{ group, states: found, runningChance: chanceIn('running'), warmUpChance: chanceIn('warm_up') }]
      : [];
  });
}

/**
 * Which radial clearance the bearing needs: the least group that keeps clearance while it runs (9 in 10). While the shaft is hot and the
 * casting still cold most are squeezed for a minute: that chance is said beside it.
 * @param innerMm interference of the inner race on its shaft; null: not known, taken as the usual class
 * @returns null where the part has no clearance groups (needles, races by themselves, bushes), or the tables end
 */
export function clearanceWanted(held: Held, innerMm: Measured | null): Clearances | null {
  const { part } = held.spec;
  if (part.type !== 'deep_groove' && part.type !== 'cylindrical_roller') return null;
  const delivered = findRadialClearances(part.boreMm, part.type);
  const inner = innerMm ?? usualInner(part.boreMm);
  if (!delivered || !inner) return null;
  const groups = chancesOf(held, inner, delivered);
  if (groups.length === 0) return null;
  const enough = groups.find(({ runningChance }) => runningChance >= ENOUGH_RUNNING);
  const read = parseBearing(part.designation);
  return {
    marked: read.ok ? read.value.clearanceGroup : 'CN',
    groups,
    wanted: enough?.group ?? null,
    inner: innerMm ? 'known' : 'usual',
  };
}
