import { isLightAlloy, MATERIALS } from '@/core/catalogue/materials';
import { isChilled, isHeated } from '@/core/heat/waySorts';
import { findMildest, type MildCase, type Mildest } from '@/core/heat/mildest';
import { FREEZER_C } from '@/core/heat/soak';
import { hasStop, partMetal } from '@/core/record/seatFacts';
import type { BoreSpec } from '@/core/record/seatSpec';
import { FORMULA_VERSION } from './seatFit';
import type { JobView, SeatView } from './seatView';

/** What is fitted, as far as the way in is concerned. */
export const sortOfPart = ({ part }: BoreSpec): MildCase['sort'] =>
  part.type === 'seal'
    ? 'seal'
    : part.type === 'drawn_cup'
      ? 'drawn_cup'
      : part.type === 'tapered_roller'
        ? 'race'
        : part.type === 'bush'
          ? 'bush'
          : 'bearing';

const ROOM_C = 20;

/** Probable force to push it in cold: the band's upper edge less its spread. */
export function probableForceN({ fit }: SeatView): number {
  if (!fit?.push) return 0;
  const { value, u } = fit.benchMm;
  return value > 0 ? (fit.push.forceN.high * value) / (value + 2 * u) : 0;
}

/** Which way in this seat asks for, from its closed figures alone: nothing is simulated. */
export function judgeWayIn(
  view: SeatView,
  { workpiece, plan, rules }: Pick<JobView, 'workpiece' | 'plan' | 'rules'>,
): Mildest {
  const { seat, casting, fit } = view;
  const { part } = seat.spec;
  const mildCase: MildCase = {
    sort: sortOfPart(seat.spec),
    diameterMm: part.outsideMm,
    nipMm: fit?.benchMm.value ?? 0,
    forceN: probableForceN(view),
    mostForceN: fit?.push?.forceN.high ?? 0,
    isMeasured: fit?.bore != null,
    isLightAlloy: isLightAlloy(MATERIALS[casting.material]),
    workpiece,
    preferredWay: plan.preferredWay,
    hasStop: hasStop(seat.spec) || view.history.wayIn?.stop !== undefined,
    chillMm: part.outsideMm * partMetal(part).alphaPerK * (ROOM_C - FREEZER_C),
  };
  return findMildest(mildCase, rules);
}

/**
 * A seat whose way nobody chose yet, as if it were chosen by its own judgement: a light cold fit needs no plan. Where heat or cold is
 * asked for, as it is: that has to be planned.
 */
export function asProposed(
  view: SeatView,
  job: Pick<JobView, 'workpiece' | 'plan' | 'rules' | 'roomC'>,
): SeatView {
  const { history } = view;
  if (history.wayIn || history.homeMs !== null) return view;
  const { way } = judgeWayIn(view, job);
  if (isHeated(way) || isChilled(way)) return view;
  const wayIn = { way, housingC: job.roomC, ringC: job.roomC, formulaVersion: FORMULA_VERSION };
  return { ...view, history: { ...history, wayIn } };
}
