import fc from 'fast-check';
import { Matrix, QrDecomposition } from 'ml-matrix';
import { describe, expect, it } from 'vitest';
import { expectCase, referenceCases } from '../../../tests/support/reference';
import { findMisread, fitPlane } from './plane';

type Inputs = {
  angles_deg: number[];
  depths_mm: number[];
  sigma_reading_mm: number;
  reading_circle_diameter_mm: number;
};
const cases = referenceCases<Inputs>('tilt');
const readingsOf = (i: Inputs) => i.angles_deg.map((angleDeg, k) => ({ angleDeg, depthMm: i.depths_mm[k]! }));
const settingsOf = (i: Inputs) => ({
  sigmaReadingMm: i.sigma_reading_mm,
  circleMm: i.reading_circle_diameter_mm,
});

describe('plane round the ring (reference: tests/reference/tilt.json)', () => {
  it.each(cases)('$id $note', (reference) => {
    const fitted = fitPlane(readingsOf(reference.inputs), settingsOf(reference.inputs));
    if (!fitted.ok) throw new Error('refused');
    const plane = fitted.value;
    const misread = findMisread(readingsOf(reference.inputs), settingsOf(reference.inputs));
    expectCase(
      {
        mean_depth_mm: plane.meanDepthMm,
        a_cos_mm: plane.aMm,
        b_sin_mm: plane.bMm,
        tilt_mm: plane.tiltMm,
        tilt_angle_deg: plane.tiltAngleDeg,
        residual_rms_mm: plane.residualRmsMm,
        residual_std_mm: plane.residualStdMm,
        residuals_mm: plane.residualsMm,
        u_mean_mm: plane.uMeanMm,
        u_tilt_mm: plane.uTiltMm,
        deepest_clock_deg: plane.deepestDeg,
        u_direction_deg: plane.uDirectionDeg,
        worst_reading_index: misread?.index,
        worst_studentised_abs: misread?.studentisedAbs,
        tilt_without_worst_mm: misread?.tiltWithoutMm,
        deepest_without_worst_deg: misread?.deepestWithoutDeg,
        misread_minus_prediction_mm: misread?.minusPredictionMm,
      },
      reference,
    );
  });

  it.each(cases)('$id agrees with a QR least-squares solver (ml-matrix)', ({ inputs }) => {
    const rows = inputs.angles_deg.map((deg) => [
      1,
      Math.cos((deg * Math.PI) / 180),
      Math.sin((deg * Math.PI) / 180),
    ]);
    const x = new QrDecomposition(new Matrix(rows)).solve(Matrix.columnVector(inputs.depths_mm)).to1DArray();
    const fitted = fitPlane(readingsOf(inputs), settingsOf(inputs));
    if (!fitted.ok) throw new Error('refused');
    expect(fitted.value.meanDepthMm).toBeCloseTo(x[0]!, 9);
    expect(fitted.value.aMm).toBeCloseTo(x[1]!, 9);
    expect(fitted.value.bMm).toBeCloseTo(x[2]!, 9);
  });

  it('gives back the tilt of an exact plane, wherever it leans', () => {
    const number = (min: number, max: number) => fc.double({ min, max, noNaN: true });
    fc.assert(
      fc.property(
        number(0.01, 2),
        number(0, 359),
        number(-5, 20),
        fc.integer({ min: 3, max: 12 }),
        (tiltMm, deepestDeg, z0, n) => {
          const readings = Array.from({ length: n }, (_, k) => ({
            angleDeg: (360 / n) * k,
            depthMm: z0 + (tiltMm / 2) * Math.cos((((360 / n) * k - deepestDeg) * Math.PI) / 180),
          }));
          const fitted = fitPlane(readings, { sigmaReadingMm: 0.01, circleMm: 60 });
          return (
            fitted.ok &&
            Math.abs(fitted.value.tiltMm - tiltMm) < 1e-9 &&
            Math.abs(((fitted.value.deepestDeg! - deepestDeg + 540) % 360) - 180) < 1e-6
          );
        },
      ),
      { seed: 7 },
    );
  });

  it('says no to two readings, and to three at one spot', () => {
    const two = fitPlane(
      [
        { angleDeg: 0, depthMm: 1 },
        { angleDeg: 90, depthMm: 1 },
      ],
      { sigmaReadingMm: 0.01, circleMm: 60 },
    );
    const spot = fitPlane(
      [10, 10, 10].map((angleDeg) => ({ angleDeg, depthMm: 1 })),
      { sigmaReadingMm: 0.01, circleMm: 60 },
    );
    expect([two, spot].map((r) => (r.ok ? 'ok' : r.issues[0]!.code))).toEqual(['too_few', 'collinear']);
  });
});
