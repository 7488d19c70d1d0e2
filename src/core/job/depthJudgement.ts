import { depthOf } from './depthTarget';
import type { Measured } from '@/core/quantity/measured';
import { judgeDepth, type DepthVerdict } from '@/core/seating/depthChain';
import { doesOvershootHarm, overshootAt, type Overshoot } from '@/core/seating/overshoot';
import { isFromSameFace, isInLine, topDepthMm } from '@/core/strip/coaxial';
import type { Seat } from '@/core/record/job';
import type { JudgedPass } from './squarePasses';
import { hasStop } from '@/core/record/seatFacts';
import type { DepthTarget } from './depthTarget';
import type { SeatView } from './seatView';

export type DepthJudgement = DepthTarget & {
  readMm: Measured;
  verdict: DepthVerdict;
  /** How far from its target; positive is too deep. */
  offMm: number;
};

/** From the face that `seat` is filled from: where the part of another seat on its axis begins. */
function beginsAtMm(seat: Seat, other: Seat): number {
  const topMm = topDepthMm(other);
  return isFromSameFace(seat, other)
    ? topMm
    : seat.spec.housing.bossHeightMm - topMm - other.spec.part.widthMm;
}

/** The nearest part on its axis that lies deeper, by where it begins; null: none. */
export function partBehind({ seat, casting }: Pick<SeatView, 'seat' | 'casting'>, targetMm: number) {
  const deeper = casting.seats.flatMap((other) => {
    const fromFaceMm = beginsAtMm(seat, other);
    return other.id !== seat.id && isInLine(seat, other) && fromFaceMm > targetMm
      ? [{ name: other.name, fromFaceMm }]
      : [];
  });
  return deeper.sort((a, b) => a.fromFaceMm - b.fromFaceMm)[0] ?? null;
}

/** What it means to drive this seat's part deeper than it goes. */
export function overshootOf(view: SeatView): Overshoot {
  const { seat } = view;
  const { part, housing } = seat.spec;
  const { depthMm, from } = depthOf(view).target;
  return overshootAt({
    // The end of a seal’s bed is no place for it to stand.
    isStopped: hasStop(seat.spec) && seat.spec.kind !== 'seal_in_bore',
    targetDepthMm: depthMm,
    widthMm: part.widthMm,
    bossHeightMm: housing.bossHeightMm,
    isThrough: housing.isThrough === true || housing.shoulderBoreMm >= part.outsideMm,
    onlyMakesRoom: from === 'mating_step',
    behind: partBehind(view, depthMm),
  });
}

/**
 * The mean depth of a pass against where the part must stand, with the reading’s doubt (2u): a shoulder can't be passed, a number can.
 * @returns null while the pass makes no plane, or where one of its readings is wrong
 */
export function judgePassDepth(
  view: SeatView,
  { result }: Pick<JudgedPass, 'result'>,
): DepthJudgement | null {
  if (!result || result.misread) return null;
  const { target, overMm } = depthOf(view);
  const readMm = { value: result.plane.meanDepthMm, u: Math.hypot(result.plane.uMeanMm, overMm.u) };
  return {
    ...target,
    readMm,
    offMm: readMm.value - target.depthMm,
    verdict: judgeDepth({
      depthMm: readMm,
      lowMm: target.depthMm - target.toleranceMm,
      highMm: target.depthMm + target.toleranceMm,
      overshootHarms: doesOvershootHarm(overshootOf(view)),
    }),
  };
}

/** Surely not where it was said, or found, to stand; a depth that is only drawn proves nothing. */
export const isOffSaidDepth = (depth: DepthJudgement | null): depth is DepthJudgement =>
  depth !== null &&
  depth.from !== 'drawn' &&
  depth.from !== 'shoulder' &&
  (depth.verdict === 'short' || depth.verdict === 'too_deep');
