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

/** Allowed tilt across the ring where no manual says otherwise: ball 2′, taper, roller and needle 1′. From memory. */
export const tiltLimitMm = ({ diameterMm, kind }: { diameterMm: number; kind: 'ball' | 'roller' }) =>
  diameterMm * Math.tan(((kind === 'ball' ? 2 : 1) / 60) * (Math.PI / 180));

export type SquareVerdict = 'square' | 'within_limit' | 'cannot_tell' | 'cocked' | 'misread';

export type Squareness = {
  plane: Plane;
  /** Tilt scaled from the reading circle to the ring's own diameter, with its standard uncertainty. */
  tiltAcrossRingMm: number;
  uTiltAcrossRingMm: number;
  noiseFloorMm: number;
  limitMm: number;
  verdict: SquareVerdict;
  /** Clock angle of the highest point: tap there. Null when it is square or not to be trusted. */
  tapAtDeg: number | null;
  misread: { kind: 'one_of_four' } | { kind: 'this_one'; reading: Misread } | null;
};

/** A residual beyond this many σ is no noise. Common practice, no source. */
const MISREAD_SIGMAS = 4;

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
 * Is the bearing square in its bore, and if not, where to tap?
 * A tilt under the noise floor is called square; between the bands of limit and doubt the answer is `cannot_tell`.
 */
export function judgeSquareness(
  readings: readonly DepthReading[],
  {
    sigmaReadingMm,
    circleMm,
    diameterMm,
    kind,
  }: { sigmaReadingMm: number; circleMm: number; diameterMm: number; kind: 'ball' | 'roller' },
): Result<Squareness> {
  const fitted = fitPlane(readings, { sigmaReadingMm, circleMm });
  if (!fitted.ok) return fitted;
  const plane = fitted.value;
  const toRing = diameterMm / circleMm;
  const tilt = plane.tiltMm * toRing;
  const u = plane.uTiltMm * toRing;
  const floor = noiseFloorMm(sigmaReadingMm, readings.length) * toRing;
  const limit = tiltLimitMm({ diameterMm, kind });
  const misread = findMisreadAlarm(readings, plane, { sigmaReadingMm, circleMm });
  const verdict: SquareVerdict = misread
    ? 'misread'
    : tilt <= floor
      ? 'square'
      : tilt + 2 * u <= limit
        ? 'within_limit'
        : tilt - 2 * u > limit
          ? 'cocked'
          : 'cannot_tell';
  const isHighSideKnown = verdict === 'cocked' || verdict === 'cannot_tell' || verdict === 'within_limit';
  return succeed({
    plane,
    tiltAcrossRingMm: tilt,
    uTiltAcrossRingMm: u,
    noiseFloorMm: floor,
    limitMm: limit,
    verdict,
    misread,
    tapAtDeg: isHighSideKnown && plane.deepestDeg !== null ? (plane.deepestDeg + 180) % 360 : null,
  });
}

/**
 * A clock angle in words that cannot be taken for a time of day: `12 o’clock`, `between 9 and 10 o’clock`.
 * Within 7.5° of an hour the hour itself is named.
 */
export function clockWords(angleDeg: number): string {
  const hours = (((angleDeg % 360) + 360) % 360) / 30;
  const name = (hour: number) => String(((hour + 11) % 12) + 1);
  const nearest = Math.round(hours);
  if (Math.abs(hours - nearest) <= 0.25) return `${name(nearest)} o’clock`;
  return `between ${name(Math.floor(hours))} and ${name(Math.floor(hours) + 1)} o’clock`;
}
