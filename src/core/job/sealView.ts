import { depthOf } from './depthTarget';
import { guardOf } from '@/core/record/seatFacts';
import type { Seat } from '@/core/record/job';
import type { Workpiece } from '@/core/record/vocabulary';
import type { SealDriver, SealLips, SealSide } from '@/core/record/sealVocabulary';
import type { SealMaterial } from '@/core/catalogue/materials';
import { isWrongKind, sealWay, type SealWay, type SpringToward } from '@/core/seal/orientation';
import { outsideSchools, sealPlace, type OutsideSchool, type SealPlace } from '@/core/seal/outside';
import { gapToBearingMm, LEAST_GAP_TO_BEARING_MM } from '@/core/seal/seals';
import { isWholeSeal } from '@/core/seal/proof';
import { BELOW_FLUSH_MM } from '@/core/tools/pickTools';
import { partBehind } from './depthJudgement';
import type { JobView, SeatView } from './seatView';

/** A seal by itself: sizes in mm, depths from the face that it goes in from. */
export type SealBody = {
  shaftMm: number;
  outsideMm: number;
  widthMm: number;
  material: SealMaterial;
  lips: SealLips;
  /** How far its face stands below the casting’s: 0 is flush. */
  depthMm: number;
};

/** How deep it may go before it touches what lies behind it. */
export type SealRoom = {
  /** What it would touch: a part of that name, or the end of its own bed. */
  touches: { part: string } | 'end_of_bed';
  /** Left between the two as it is to stand; below zero: as drawn they meet. */
  gapMm: number;
  /** Deepest that still leaves the least gap. */
  mostDepthMm: number;
  isTooNear: boolean;
};

export type SealView = {
  body: SealBody;
  /** `own`: the seat is the seal’s; `guard`: it stands in front of the seat’s bearing. */
  of: 'own' | 'guard';
  inside: SealSide;
  outside: SealSide;
  /** Somebody said what it parts; else as is usual for what holds it. */
  isKindSaid: boolean;
  isWrongKind: boolean;
  way: SealWay;
  /** The old one looked the other way: one of the two is wrong. */
  isAgainstFound: boolean;
  room: SealRoom | null;
  place: SealPlace;
  schools: OutsideSchool[];
  driver: SealDriver;
  spoilt: number;
  isIn: boolean;
  isProven: boolean;
};

/** What a seal usually parts, by what holds it and by the kind of engine. Common practice, no source. */
function usualInside(workpiece: Workpiece, kind: JobView['kind'], place: SealPlace): SealSide {
  if (workpiece === 'wheel' || workpiece === 'frame_or_arm') return 'grease';
  const isTwoStroke = kind === 'two_stroke_crankcase' || kind === 'saw_crankcase';
  return isTwoStroke && place === 'crank' ? 'mixture' : 'oil';
}

function bodyOf({ spec }: Seat): { body: SealBody; of: SealView['of'] } | null {
  if (spec.kind === 'seal_in_bore') {
    const { boreMm, outsideMm, widthMm, material, lips = 'one' } = spec.part;
    return { of: 'own', body: { shaftMm: boreMm, outsideMm, widthMm, material, lips, depthMm: 0 } };
  }
  const guard = guardOf(spec);
  if (!guard) return null;
  const { shaftMm, outsideMm, widthMm, material, lips = 'one' } = guard;
  return { of: 'guard', body: { shaftMm, outsideMm, widthMm, material, lips, depthMm: 0 } };
}

/** The bearing behind a seal in front of it, or the next part on the axis of a seal’s own seat. */
function roomOf(view: SeatView, { of, body }: { of: SealView['of']; body: SealBody }): SealRoom {
  const { housing } = view.seat.spec;
  const behind = of === 'own' ? partBehind(view, body.depthMm) : null;
  // A seal in front of its bearing sits in the other face of the boss; the bearing’s own end is its shoulder.
  const endMm =
    of === 'guard'
      ? housing.bossHeightMm - housing.depthToShoulderMm
      : (behind?.fromFaceMm ?? housing.depthToShoulderMm);
  const gapMm = gapToBearingMm({
    bearingFaceDepthMm: endMm,
    sealDepthMm: body.depthMm,
    sealWidthMm: body.widthMm,
  });
  const touches =
    of === 'guard' ? { part: view.seat.name } : behind ? { part: behind.name } : ('end_of_bed' as const);
  const leastMm = touches === 'end_of_bed' ? 0 : LEAST_GAP_TO_BEARING_MM;
  return {
    touches,
    gapMm,
    mostDepthMm: body.depthMm + gapMm - leastMm,
    isTooNear: gapMm < leastMm,
  };
}

/** Toward the bearing is inward, of a seal in front of it and of one of its own alike. */
const foundToward = (lips: string | undefined): SpringToward | null =>
  lips === 'toward_bearing' ? 'inside' : lips === 'away' ? 'outside' : null;

/** Below the face a driver that the casting stops can't follow it; a soft one in a groove goes in by hand. Common practice, no source. */
const driverFor = ({ depthMm }: SealBody): SealDriver =>
  depthMm > BELOW_FLUSH_MM ? 'thin_sleeve' : 'bigger_driver';

/** Everything about the seal of a seat; null where it has none. */
export function viewSeal(view: SeatView, job: Pick<JobView, 'workpiece' | 'kind'>): SealView | null {
  const { seat, history, journal } = view;
  const found = bodyOf(seat);
  if (!found) return null;
  const { sealKind, sealWay: told, sealFitted, sealsSpoilt, asFound } = history;
  const place = sealPlace({
    names: [seat.name, journal?.shaft.name ?? ''],
    isBedScored: history.findings.includes('scored_bed'),
    workpiece: job.workpiece,
  });
  const own = found.of === 'own' ? Math.max(0, depthOf(view).target.depthMm) : 0;
  const body = { ...found.body, depthMm: own, lips: sealKind?.lips ?? found.body.lips };
  const sides = {
    lips: body.lips,
    inside: sealKind?.inside ?? usualInside(job.workpiece, job.kind, place),
    outside: sealKind?.outside ?? ('dirt' as const),
  };
  const way = sealWay(sides, told);
  const old = foundToward(asFound?.lips);
  const isIn = found.of === 'own' ? history.homeMs !== null : sealFitted !== null;
  return {
    ...found,
    body,
    inside: sides.inside,
    outside: sides.outside,
    isKindSaid: sealKind !== null,
    isWrongKind: isWrongKind(sides),
    way,
    isAgainstFound: old !== null && way.springToward !== null && old !== way.springToward,
    room: roomOf(view, { of: found.of, body }),
    place,
    schools: outsideSchools(place),
    driver: driverFor(body),
    spoilt: sealsSpoilt.length,
    isIn,
    isProven: isIn && isWholeSeal(history),
  };
}
