import { checkNumbers, fail, succeed, type Result } from '@/core/quantity/result';

/**
 * The plane through depths read round a bearing: z(θ) = z₀ + a·cos θ + b·sin θ by least squares.
 *
 * θ is the clock angle (12 o'clock = 0°, clockwise, seen from the side the part goes in from), z the depth below the face
 * (larger = deeper; standing out is negative).
 * Tilt is 2·√(a² + b²), peak to peak over the reading circle. Uncertainties follow from the normal matrix N:
 * u(z₀) = σ·√(N⁻¹)₀₀, and by propagation for tilt and direction.
 * Source: linear least squares with covariance, JCGM 100 5.2 and H.3 (from memory).
 * Checked against: tests/reference/tilt.json and a QR solver from the registry.
 * Invalid: `too_few` (under three readings), `not_a_number`, `collinear` (angles that do not span a plane).
 */
export type DepthReading = { angleDeg: number; depthMm: number };

export type Plane = {
  meanDepthMm: number;
  aMm: number;
  bMm: number;
  tiltMm: number;
  tiltAngleDeg: number;
  /** Where it lies deepest; null when it is level to the last digit. */
  deepestDeg: number | null;
  uMeanMm: number;
  uTiltMm: number;
  uDirectionDeg: number | null;
  residualsMm: number[];
  residualRmsMm: number;
  /** Divided by n − 3; null for three readings, which always lie in a plane. */
  residualStdMm: number | null;
};

const DEG = Math.PI / 180;
type Vec3 = [number, number, number];
type Sym3 = [Vec3, Vec3, Vec3];

const basis = (angleDeg: number): Vec3 => [1, Math.cos(angleDeg * DEG), Math.sin(angleDeg * DEG)];
const dot = (a: Vec3, b: Vec3) => a[0] * b[0] + a[1] * b[1] + a[2] * b[2];
const cross = (a: Vec3, b: Vec3): Vec3 => [
  a[1] * b[2] - a[2] * b[1],
  a[2] * b[0] - a[0] * b[2],
  a[0] * b[1] - a[1] * b[0],
];

/** Inverse of a symmetric 3 × 3 matrix by cofactors. @returns null when it has none */
function invert(m: Sym3): Sym3 | null {
  const c0 = cross(m[1], m[2]);
  const det = dot(m[0], c0);
  const scale = Math.abs(m[0][0] * m[1][1] * m[2][2]);
  if (!(Math.abs(det) > 1e-9 * Math.max(scale, 1e-300))) return null;
  const over = (v: Vec3): Vec3 => [v[0] / det, v[1] / det, v[2] / det];
  return [over(c0), over(cross(m[2], m[0])), over(cross(m[0], m[1]))];
}

function normalMatrix(angles: readonly number[]): Sym3 {
  const m: Sym3 = [
    [0, 0, 0],
    [0, 0, 0],
    [0, 0, 0],
  ];
  for (const row of angles.map(basis))
    for (const i of [0, 1, 2] as const) for (const j of [0, 1, 2] as const) m[i][j] += row[i] * row[j];
  return m;
}

/** Angle of a vector as a clock angle 0 ≤ θ < 360. */
const clockDeg = (cosPart: number, sinPart: number) => (Math.atan2(sinPart, cosPart) / DEG + 360) % 360;

export function fitPlane(
  readings: readonly DepthReading[],
  { sigmaReadingMm, circleMm }: { sigmaReadingMm: number; circleMm: number },
): Result<Plane> {
  const issues = checkNumbers({
    sigmaReadingMm: { value: sigmaReadingMm, min: 0 },
    circleMm: { value: circleMm, min: 1e-6 },
  });
  if (readings.some(({ angleDeg, depthMm }) => !Number.isFinite(angleDeg) || !Number.isFinite(depthMm)))
    issues.push({ code: 'not_a_number', field: 'readings' });
  if (readings.length < 3)
    issues.push({ code: 'too_few', field: 'readings', given: readings.length, min: 3 });
  if (issues.length > 0) return fail(...issues);
  const inverse = invert(normalMatrix(readings.map(({ angleDeg }) => angleDeg)));
  if (!inverse) return fail({ code: 'collinear', field: 'readings' });

  const rows = readings.map(({ angleDeg }) => basis(angleDeg));
  const rightSide: Vec3 = [0, 1, 2].map((i) =>
    rows.reduce((sum, row, k) => sum + row[i]! * readings[k]!.depthMm, 0),
  ) as Vec3;
  const [z0, a, b] = inverse.map((row) => dot(row, rightSide)) as Vec3;
  const residualsMm = rows.map((row, k) => readings[k]!.depthMm - dot(row, [z0, a, b]));
  const sumSquares = residualsMm.reduce((sum, r) => sum + r * r, 0);
  const radius = Math.hypot(a, b);
  const isLevel = radius < 1e-12;
  return succeed({
    meanDepthMm: z0,
    aMm: a,
    bMm: b,
    tiltMm: 2 * radius,
    tiltAngleDeg: Math.atan((2 * radius) / circleMm) / DEG,
    deepestDeg: isLevel ? null : clockDeg(a, b),
    uMeanMm: sigmaReadingMm * Math.sqrt(inverse[0][0]),
    ...directionDoubt(inverse, a, b, sigmaReadingMm),
    residualsMm,
    residualRmsMm: Math.sqrt(sumSquares / readings.length),
    residualStdMm: readings.length > 3 ? Math.sqrt(sumSquares / (readings.length - 3)) : null,
  });
}

/** First-order propagation of the covariance of a and b to tilt and direction; a level plane has no direction. */
function directionDoubt(
  inverse: Sym3,
  a: number,
  b: number,
  sigma: number,
): { uTiltMm: number; uDirectionDeg: number | null } {
  const radius = Math.hypot(a, b);
  const variance = (ca: number, cb: number) =>
    sigma ** 2 * (ca * ca * inverse[1][1] + 2 * ca * cb * inverse[1][2] + cb * cb * inverse[2][2]);
  if (radius < 1e-12)
    return { uTiltMm: 2 * sigma * Math.sqrt(Math.max(inverse[1][1], inverse[2][2])), uDirectionDeg: null };
  return {
    uTiltMm: 2 * Math.sqrt(variance(a / radius, b / radius)),
    uDirectionDeg: Math.sqrt(variance(-b / radius ** 2, a / radius ** 2)) / DEG,
  };
}

export type Misread = {
  index: number;
  studentisedAbs: number;
  tiltWithoutMm: number;
  deepestWithoutDeg: number | null;
  minusPredictionMm: number;
};

/**
 * The reading that fits the plane worst, by externally studentised residuals.
 * Source: Cook & Weisberg, Residuals and Influence (from memory).
 * @returns null with fewer than five readings (four residuals are all of one size: the culprit cannot be told) or a perfect fit
 */
export function findMisread(
  readings: readonly DepthReading[],
  settings: { sigmaReadingMm: number; circleMm: number },
): Misread | null {
  const whole = fitPlane(readings, settings);
  if (!whole.ok || readings.length < 5 || whole.value.residualRmsMm < 1e-12) return null;
  const candidates = readings.map((reading, index) => {
    const others = fitPlane(
      readings.filter((_, k) => k !== index),
      settings,
    );
    if (!others.ok || others.value.residualStdMm === null) return null;
    const { meanDepthMm, aMm, bMm, tiltMm, deepestDeg, residualStdMm } = others.value;
    const minusPredictionMm = reading.depthMm - dot(basis(reading.angleDeg), [meanDepthMm, aMm, bMm]);
    // r / (s₍ᵢ₎·√(1 − h)), written with the deleted residual r/(1 − h): h follows from the two.
    const keep = whole.value.residualsMm[index]! / minusPredictionMm;
    const studentisedAbs = (Math.abs(minusPredictionMm) * Math.sqrt(keep)) / Math.max(residualStdMm, 1e-12);
    return { index, studentisedAbs, tiltWithoutMm: tiltMm, deepestWithoutDeg: deepestDeg, minusPredictionMm };
  });
  const known = candidates.filter((c): c is Misread => c !== null && Number.isFinite(c.studentisedAbs));
  return known.reduce<Misread | null>(
    (worst, c) => (worst === null || c.studentisedAbs > worst.studentisedAbs ? c : worst),
    null,
  );
}
