import { findMisread, fitPlane, type DepthReading, type Misread, type Plane } from './plane';
import { succeed, type Result } from '@/core/quantity/result';

/** How depths are taken: sunk below the face, or how far the part still stands out of it. */
export type DepthSense = 'sunk' | 'standing_out';

/** Turned into one convention at the door: depth below the face, standing out is negative. */
export const depthFromEntry = (entryMm: number, sense: DepthSense) => (sense === 'sunk' ? entryMm : -entryMm);

/**
 * Largest tilt that a perfectly square ring shows through reading noise alone: 2.45·2σ·√(2/n).
 * Source: Rayleigh distribution of the two plane coefficients, 95 % point 2.4477. σ 0.01 and four readings: 0.035.
 */
export const noiseFloorMm = (sigmaReadingMm: number, readings: number) =>
  2.4477 * 2 * sigmaReadingMm * Math.sqrt(2 / readings);

/** What runs in the seat decides how much lean it bears. */
export type SeatRunner = 'ball' | 'roller';

/** Allowed tilt across the ring where no manual says otherwise: ball 2′, taper, roller and needle 1′. From memory. */
export const tiltLimitMm = ({ diameterMm, runner }: { diameterMm: number; runner: SeatRunner }) =>
  diameterMm * Math.tan(((runner === 'ball' ? 2 : 1) / 60) * (Math.PI / 180));

export type SquareVerdict = 'square' | 'within_limit' | 'cannot_tell' | 'cocked' | 'misread';

export type Squareness = {
  plane: Plane;
  /** Tilt scaled from the reading circle to the ring's own diameter, with its standard uncertainty. */
  tiltAcrossRingMm: number;
  uTiltAcrossRingMm: number;
  noiseFloorMm: number;
  limitMm: number;
  verdict: SquareVerdict;
  /** Clock angle of the highest point: tap there. Null when no lean can be seen, or it is not to be trusted. */
  tapAtDeg: number | null;
  /** Where it can't be told: what would tell. Null otherwise. */
  wouldTell: WouldTell | null;
  misread: { kind: 'one_of_four' } | { kind: 'this_one'; reading: Misread } | null;
};

/** More readings round the ring with this gauge, or a gauge that is this good with as many readings as there are. */
export type WouldTell = { moreReadings: number; gaugeSigmaMm: number };

/** A residual beyond this many σ is no noise. Common practice, no source. */
export const MISREAD_SIGMAS = 4;

function findMisreadAlarm(
  readings: readonly DepthReading[],
  plane: Plane,
  settings: { sigmaReadingMm: number; circleMm: number },
): Squareness['misread'] {
  if (plane.residualStdMm === null || plane.residualStdMm <= MISREAD_SIGMAS * settings.sigmaReadingMm)
    return null;
  const culprit = findMisread(readings, settings);
  return culprit ? { kind: 'this_one', reading: culprit } : { kind: 'one_of_four' };
}

/**
 * The verdict on a tilt that is no misreading, from what the readings can know:
 * beyond the limit with its doubt: cocked; under it with its doubt: within the limit; no lean seen at all (under the noise floor) counts
 * as square only where the floor itself lies under the limit. Everything else can't be told.
 */
export function verdictOfTilt({
  tiltMm,
  uTiltMm,
  floorMm,
  limitMm,
}: {
  tiltMm: number;
  uTiltMm: number;
  floorMm: number;
  limitMm: number;
}): Exclude<SquareVerdict, 'misread'> {
  const isSeenSquare = tiltMm <= floorMm && floorMm <= limitMm;
  if (tiltMm - 2 * uTiltMm > limitMm) return 'cocked';
  if (isSeenSquare) return 'square';
  return tiltMm + 2 * uTiltMm <= limitMm ? 'within_limit' : 'cannot_tell';
}

/**
 * How many readings more, or how good a gauge, would bring the noise floor under the limit: the floor falls with √n and with σ.
 * `floorMm` and `limitMm` both across the ring.
 */
export function whatWouldTell(
  { floorMm, limitMm }: { floorMm: number; limitMm: number },
  { sigmaReadingMm, readings }: { sigmaReadingMm: number; readings: number },
): WouldTell {
  const needed = Math.ceil(readings * (floorMm / limitMm) ** 2 - 1e-9);
  return {
    moreReadings: Math.max(1, needed - readings),
    gaugeSigmaMm: Math.min(sigmaReadingMm, (sigmaReadingMm * limitMm) / floorMm),
  };
}

/** Is the bearing square in its bore, and if not, where to tap? Invalid: as `fitPlane`. */
export function judgeSquareness(
  readings: readonly DepthReading[],
  {
    sigmaReadingMm,
    circleMm,
    diameterMm,
    runner,
  }: { sigmaReadingMm: number; circleMm: number; diameterMm: number; runner: SeatRunner },
): Result<Squareness> {
  const fitted = fitPlane(readings, { sigmaReadingMm, circleMm });
  if (!fitted.ok) return fitted;
  const plane = fitted.value;
  const toRing = diameterMm / circleMm;
  const across = {
    tiltMm: plane.tiltMm * toRing,
    uTiltMm: plane.uTiltMm * toRing,
    floorMm: noiseFloorMm(sigmaReadingMm, readings.length) * toRing,
    limitMm: tiltLimitMm({ diameterMm, runner }),
  };
  const misread = findMisreadAlarm(readings, plane, { sigmaReadingMm, circleMm });
  const verdict = misread ? 'misread' : verdictOfTilt(across);
  const isLeanSeen = verdict !== 'misread' && verdict !== 'square' && across.tiltMm > across.floorMm;
  return succeed({
    plane,
    tiltAcrossRingMm: across.tiltMm,
    uTiltAcrossRingMm: across.uTiltMm,
    noiseFloorMm: across.floorMm,
    limitMm: across.limitMm,
    verdict,
    misread,
    tapAtDeg: isLeanSeen && plane.deepestDeg !== null ? (plane.deepestDeg + 180) % 360 : null,
    wouldTell:
      verdict === 'cannot_tell' ? whatWouldTell(across, { sigmaReadingMm, readings: readings.length }) : null,
  });
}
