import { checkNumbers, fail, succeed, type Result } from '@/core/quantity/result';

/**
 * One ring pressed into another: what a given interference does.
 *
 * p = δ / { d·[ (1/E_o)·((d_o² + d²)/(d_o² − d²) + ν_o) + (1/E_i)·((d² + d_i²)/(d² − d_i²) − ν_i) ] }
 *
 * δ interference on diameter, d the common diameter, d_o outside of the housing, d_i bore of the ring (0: solid).
 * Source: Lamé, plane stress, two cylinders of equal length; Timoshenko, Strength of Materials II (from memory).
 * Valid: elastic, both parts round and of the same length. A real boss with a web is up to about 1.9 times stiffer:
 * see `pushForceBracket`. `housingOutsideMm: Infinity` is the endless wall.
 * Invalid: `out_of_range`, `not_a_number`. Negative interference is clearance: every stress is zero.
 * Checked against: tests/reference/lame.json (closed form and finite elements).
 */
export type PressFitInput = {
  interferenceMm: number;
  diameterMm: number;
  ringBoreMm: number;
  housingOutsideMm: number;
  ring: { youngsModulusMPa: number; poisson: number };
  housing: { youngsModulusMPa: number; poisson: number };
};

export type PressFit = {
  pressureMPa: number;
  housingHoopMPa: number;
  /** Largest difference of principal stresses at the bore: what Tresca compares with yield. */
  housingTrescaMPa: number;
  housingVonMisesMPa: number;
  /** Compression is negative. */
  ringHoopInsideMPa: number;
  ringHoopOutsideMPa: number;
  ringBoreContractionMm: number;
  ringOutsideContractionMm: number;
  housingBoreGrowthMm: number;
  housingOutsideGrowthMm: number;
};

/** (D² + d²)/(D² − d²), which is 1 for an endless wall and for a solid core. */
const ringFactor = (outerMm: number, innerMm: number) =>
  outerMm === Infinity ? 1 : (outerMm ** 2 + innerMm ** 2) / (outerMm ** 2 - innerMm ** 2);

export function solvePressFit(input: PressFitInput): Result<PressFit> {
  const { interferenceMm, diameterMm: d, ringBoreMm: di, housingOutsideMm: dOut, ring, housing } = input;
  const issues = checkNumbers({
    interferenceMm: { value: interferenceMm },
    diameterMm: { value: d, min: 1e-3 },
    ringBoreMm: { value: di, min: 0 },
    ringYoungsModulusMPa: { value: ring.youngsModulusMPa, min: 1 },
    housingYoungsModulusMPa: { value: housing.youngsModulusMPa, min: 1 },
    ringPoisson: { value: ring.poisson, min: -1, max: 0.5 },
    housingPoisson: { value: housing.poisson, min: -1, max: 0.5 },
  });
  if (di >= d) issues.push({ code: 'out_of_range', field: 'ringBoreMm', given: di, max: d });
  if (!(dOut > d)) issues.push({ code: 'out_of_range', field: 'housingOutsideMm', given: dOut, min: d });
  if (issues.length > 0) return fail(...issues);

  const housingFactor = ringFactor(dOut, d);
  const coreFactor = di === 0 ? 1 : ringFactor(d, di);
  const compliance =
    (housingFactor + housing.poisson) / housing.youngsModulusMPa +
    (coreFactor - ring.poisson) / ring.youngsModulusMPa;
  const p = Math.max(0, interferenceMm) / (d * compliance);
  const housingHoop = p * housingFactor;
  const squareRatio = di === 0 ? 1 : (2 * d ** 2) / (d ** 2 - di ** 2);
  return succeed({
    pressureMPa: p,
    housingHoopMPa: housingHoop,
    housingTrescaMPa: housingHoop + p,
    housingVonMisesMPa: Math.sqrt(housingHoop ** 2 + housingHoop * p + p ** 2),
    ringHoopInsideMPa: -p * squareRatio,
    ringHoopOutsideMPa: -p * coreFactor,
    ringBoreContractionMm: (p * squareRatio * di) / ring.youngsModulusMPa,
    ringOutsideContractionMm: (p * d * (coreFactor - ring.poisson)) / ring.youngsModulusMPa,
    housingBoreGrowthMm: (p * d * (housingFactor + housing.poisson)) / housing.youngsModulusMPa,
    housingOutsideGrowthMm:
      dOut === Infinity ? 0 : (2 * p * d ** 2 * dOut) / ((dOut ** 2 - d ** 2) * housing.youngsModulusMPa),
  });
}
