import { MATERIALS } from '@/core/catalogue/materials';
import { CLEARANCE_STATES, type ClearanceState, type StateTemperatures } from '@/core/fit/states';
import { interferenceAt } from '@/core/fit/runningFit';
import { REFERENCE_C, type Measured } from '@/core/quantity/measured';
import type { Casting } from '@/core/record/job';
import { partMetal } from '@/core/record/seatFacts';
import type { FittedSpec } from '@/core/record/seatSpec';

/** Doubt of running temperatures, standard uncertainty, K. Common practice, no source. */
export const U_RUNNING_K = 8;

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

/** A seat that holds by its fit, as it is known. */
export type Held = { spec: FittedSpec; casting: Pick<Casting, 'material'>; benchMm: Measured };

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
