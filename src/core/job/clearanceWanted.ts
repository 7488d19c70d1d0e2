import {
  findBearingBoreLimits,
  findRadialClearances,
  type ClearanceUm,
} from '@/core/catalogue/bearingLimits';
import { parseBearing, type ClearanceGroup } from '@/core/catalogue/bearings/designation';
import { findLimits } from '@/core/catalogue/limits';
import { MATERIALS } from '@/core/catalogue/materials';
import { zoneAsMeasured } from '@/core/fit/interference';
import { runningClearances, type StateClearance } from '@/core/fit/runningClearance';
import type { ClearanceState } from '@/core/fit/states';
import { rootSumSquare, type Measured } from '@/core/quantity/measured';
import type { FittedSpec } from '@/core/record/seatSpec';
import { statesOf, U_RUNNING_K, type Held } from './runningStates';

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

/** What its designation says; CN where it says nothing. */
export function markedClearance({ designation }: FittedSpec['part']): ClearanceGroup {
  const read = parseBearing(designation);
  return read.ok ? read.value.clearanceGroup : 'CN';
}

/** Clearances that the part can be had with; null where it has no groups (needles, races by themselves, bushes), or the tables end. */
export const deliveredClearances = ({ type, boreMm }: FittedSpec['part']) =>
  type === 'deep_groove' || type === 'cylindrical_roller' ? findRadialClearances(boreMm, type) : null;

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
  const delivered = deliveredClearances(part);
  const inner = innerMm ?? usualInner(part.boreMm);
  if (!delivered || !inner) return null;
  const groups = chancesOf(held, inner, delivered);
  if (groups.length === 0) return null;
  const enough = groups.find(({ runningChance }) => runningChance >= ENOUGH_RUNNING);
  return {
    marked: markedClearance(part),
    groups,
    wanted: enough?.group ?? null,
    inner: innerMm ? 'known' : 'usual',
  };
}
