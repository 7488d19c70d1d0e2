import type { Measured } from '@/core/quantity/measured';
import { judgeDepth, type DepthVerdict } from '@/core/seating/depthChain';
import { topDepthMm } from '@/core/strip/coaxial';
import type { JudgedPass } from './squarePasses';
import { hasStop } from './seatJudgement';
import type { SeatView } from './seatView';

export type DepthTarget = {
  /** Below the face; below zero: standing out. */
  depthMm: number;
  /** As the old one was found to stand, else as the seat is drawn. */
  from: 'as_found' | 'drawn';
  toleranceMm: number;
};

export type DepthJudgement = DepthTarget & {
  readMm: Measured;
  verdict: DepthVerdict;
  /** How far from its target; positive is too deep. */
  offMm: number;
};

/** How near to where it stood is there: read by hand twice, before and after. Common practice, no source. */
const AS_FOUND_WITHIN_MM = 0.1;
/** A drawn depth is a guess of the kind until somebody reads it. Common practice, no source. */
const DRAWN_WITHIN_MM = 0.25;

export const depthTarget = ({ seat, history }: Pick<SeatView, 'seat' | 'history'>): DepthTarget => {
  const found = history.asFound?.depthMm;
  return found === undefined
    ? { depthMm: topDepthMm(seat), from: 'drawn', toleranceMm: DRAWN_WITHIN_MM }
    : { depthMm: found, from: 'as_found', toleranceMm: AS_FOUND_WITHIN_MM };
};

/**
 * The mean depth of a pass against where the part must stand, with the reading's doubt (2u): a shoulder can't be passed, a number can.
 * @returns null while the pass makes no plane, or where one of its readings is wrong
 */
export function judgePassDepth(
  view: Pick<SeatView, 'seat' | 'history'>,
  { result }: Pick<JudgedPass, 'result'>,
): DepthJudgement | null {
  if (!result || result.misread) return null;
  const target = depthTarget(view);
  const readMm = { value: result.plane.meanDepthMm, u: result.plane.uMeanMm };
  return {
    ...target,
    readMm,
    offMm: readMm.value - target.depthMm,
    verdict: judgeDepth({
      depthMm: readMm,
      lowMm: target.depthMm - target.toleranceMm,
      highMm: target.depthMm + target.toleranceMm,
      overshootHarms: !hasStop(view.seat.spec),
    }),
  };
}

/** Surely not where the old one was found to stand; a depth that is only drawn proves nothing. */
export const isOffFoundDepth = (depth: DepthJudgement | null): depth is DepthJudgement =>
  depth?.from === 'as_found' && (depth.verdict === 'short' || depth.verdict === 'too_deep');
