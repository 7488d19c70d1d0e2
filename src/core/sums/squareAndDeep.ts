import { clockWords } from '@/core/seating/clockWords';
import { findMisread, fitPlane, type DepthReading, type Misread, type Plane } from '@/core/seating/plane';
import {
  depthFromEntry,
  MISREAD_SIGMAS,
  noiseFloorMm,
  tiltLimitMm,
  verdictOfTilt,
  whatWouldTell,
} from '@/core/seating/squareness';
import { addDepths, driverMarkMm, judgeDepth } from '@/core/seating/depthChain';
import { fail, succeed } from '@/core/quantity/result';
import { choice, DIAMETER, flag, num, nums, optional, spread } from './fields';
import { defineSum, type InputsOf, type SpreadValue, type Verdict } from './sum';
import { spreadOf } from './stacks';
import { digits } from './words';

const tiltFields = [
  nums(
    'angles_deg',
    'Clock angles (12 o’clock = 0, 3 = 90)',
    'degree',
    [0, 90, 180, 270],
    [-720, 720],
    [3, 200],
  ),
  nums('depths_mm', 'Read from the face', 'size_mm', [3.42, 3.55, 3.61, 3.47], [-1000, 1000], [3, 200]),
  optional(
    choice(
      'sense',
      'There it is',
      [
        ['sunk', 'sunk below the face'],
        ['standing_out', 'standing out of it'],
      ],
      'sunk',
    ),
  ),
  num('sigma_reading_mm', 'Uncertainty of one reading (u)', 'fit_mm', 0.01, [1e-6, 10]),
  num('reading_circle_diameter_mm', 'Read on a circle of', 'size_mm', 58, DIAMETER),
  optional(
    choice(
      'runner',
      'What runs in it',
      [
        ['ball', 'balls: 2′ of lean'],
        ['roller', 'rollers, tapers, needles: 1′'],
      ],
      'ball',
    ),
  ),
] as const;

const sayDoubtful = (worst: Misread | null, readings: readonly DepthReading[]) =>
  worst
    ? `the one at ${clockWords(readings[worst.index]!.angleDeg)}, off by ${digits(worst.minusPredictionMm, 2)} mm`
    : 'one of the four: read all again';

function tiltAnswers(i: InputsOf<typeof tiltFields>, plane: Plane, readings: readonly DepthReading[]) {
  const settings = { sigmaReadingMm: i.sigma_reading_mm, circleMm: i.reading_circle_diameter_mm };
  const worst = findMisread(readings, settings);
  const floor = noiseFloorMm(i.sigma_reading_mm, readings.length);
  const isMisread = plane.residualStdMm !== null && plane.residualStdMm > MISREAD_SIGMAS * i.sigma_reading_mm;
  const tapDeg =
    !isMisread && plane.tiltMm > floor && plane.deepestDeg !== null ? (plane.deepestDeg + 180) % 360 : null;
  const limit = tiltLimitMm({ diameterMm: i.reading_circle_diameter_mm, runner: i.runner });
  const across = { tiltMm: plane.tiltMm, uTiltMm: plane.uTiltMm, floorMm: floor, limitMm: limit };
  const doubt = { sigmaReadingMm: i.sigma_reading_mm, readings: readings.length };
  const verdict = verdictOfTilt(across);
  return {
    mean_depth_mm: plane.meanDepthMm,
    a_cos_mm: plane.aMm,
    b_sin_mm: plane.bMm,
    tilt_mm: plane.tiltMm,
    tilt_angle_deg: plane.tiltAngleDeg,
    deepest_clock_deg: plane.deepestDeg,
    u_mean_mm: plane.uMeanMm,
    u_tilt_mm: plane.uTiltMm,
    u_direction_deg: plane.uDirectionDeg,
    residuals_mm: plane.residualsMm,
    residual_rms_mm: plane.residualRmsMm,
    residual_std_mm: plane.residualStdMm,
    noise_floor_mm: floor,
    more_readings: verdict === 'cannot_tell' ? whatWouldTell(across, doubt).moreReadings : null,
    limit_mm: limit,
    tap_at_deg: tapDeg,
    tap_words: tapDeg === null ? null : clockWords(tapDeg),
    is_misread: isMisread,
    doubtful_words: isMisread ? sayDoubtful(worst, readings) : null,
    ...(worst && {
      worst_reading_index: worst.index,
      worst_studentised_abs: worst.studentisedAbs,
      tilt_without_worst_mm: worst.tiltWithoutMm,
      deepest_without_worst_deg: worst.deepestWithoutDeg,
      misread_minus_prediction_mm: worst.minusPredictionMm,
    }),
  };
}

export const tilt = defineSum({
  topic: 'tilt',
  mode: null,
  asks: 'square',
  picture: 'clock',
  title: 'Is it square?',
  lead: 'Depths read round the rim: how far out of square, where to tap, which reading to doubt.',
  keywords: 'tilt square cocked plane clock tap misread',
  fields: tiltFields,
  answers: [
    { name: 'tilt_mm', label: 'Out of square, across', quantity: 'fit_mm' },
    { name: 'noise_floor_mm', label: 'A square one may read up to', quantity: 'fit_mm' },
    { name: 'tap_words', label: 'Tap at', quantity: 'words', nullWords: 'nowhere' },
    { name: 'mean_depth_mm', label: 'Mean depth', quantity: 'size_mm' },
    { name: 'u_tilt_mm', label: 'Uncertainty of the tilt (u)', quantity: 'fit_mm' },
    { name: 'residual_rms_mm', label: 'Left over (rms)', quantity: 'fit_mm' },
    { name: 'limit_mm', label: 'Limit without a manual', quantity: 'fit_mm' },
    { name: 'doubtful_words', label: 'Reading to doubt', quantity: 'words', nullWords: 'none' },
  ],
  headline: 'tilt_mm',
  formula: 'z = z₀ + a·cos θ + b·sin θ by least squares;  tilt = 2·√(a² + b²);  noise floor 2.45·2σ·√(2/n)',
  source: 'least squares with covariance, JCGM 100; studentised residuals, Cook & Weisberg (from memory)',
  valid: 'three readings or more; four show a misreading, five show which',
  largestDoubt: 'the caliper held crooked',
  solve: (i) => {
    if (i.angles_deg.length !== i.depths_mm.length)
      return fail({
        code: 'not_as_many',
        field: 'depths_mm',
        given: i.depths_mm.length,
        min: i.angles_deg.length,
        max: i.angles_deg.length,
      });
    const readings = i.angles_deg.map((angleDeg, k) => ({
      angleDeg,
      depthMm: depthFromEntry(i.depths_mm[k]!, i.sense),
    }));
    const settings = { sigmaReadingMm: i.sigma_reading_mm, circleMm: i.reading_circle_diameter_mm };
    const fitted = fitPlane(readings, settings);
    if (!fitted.ok)
      return fail(
        ...fitted.issues.map((issue) => ({
          ...issue,
          field: issue.field === 'readings' ? 'angles_deg' : issue.field,
        })),
      );
    return succeed(tiltAnswers(i, fitted.value, readings));
  },
  fill: (_, a) =>
    `a ${digits(a.a_cos_mm, 3)}, b ${digits(a.b_sin_mm, 3)}: tilt 2·√(a² + b²) = ${digits(a.tilt_mm, 3)} mm, noise floor ${digits(a.noise_floor_mm, 3)} mm`,
  judge: (_, a) => (a.is_misread ? { words: 'something is misread', severity: 'fault' } : judgeTilt(a)),
});

type JudgedTilt = {
  tilt_mm: number;
  u_tilt_mm: number;
  noise_floor_mm: number;
  limit_mm: number;
  tap_words: string | null;
  more_readings: number | null;
};

/** The same verdict as at a seat, in words. */
function judgeTilt(a: JudgedTilt): Verdict {
  const tap = a.tap_words === null ? '' : `: tap at ${a.tap_words}`;
  const verdict = verdictOfTilt({
    tiltMm: a.tilt_mm,
    uTiltMm: a.u_tilt_mm,
    floorMm: a.noise_floor_mm,
    limitMm: a.limit_mm,
  });
  switch (verdict) {
    case 'square':
      return { words: 'square, as far as these readings tell', severity: 'none' };
    case 'within_limit':
      return { words: 'out of square, and surely within the limit', severity: 'none' };
    case 'cocked':
      return { words: `cocked${tap}`, severity: 'fault' };
    case 'cannot_tell':
      return {
        words: `cannot tell: ${a.more_readings} more readings or a finer gauge would${tap && `; it leans${tap}`}`,
        severity: 'caution',
      };
  }
}

export const depth = defineSum({
  topic: 'depth_chain',
  mode: null,
  asks: 'square',
  picture: 'chain',
  title: 'How deep is it, and how deep must it go?',
  lead: 'Straightedge, gasket and collar are taken off by themselves; the mark on the driver follows.',
  keywords: 'depth chain straightedge collar washer flush mark driver',
  fields: [
    spread(
      'reading_mm',
      'Depth read, over the straightedge',
      { value: 15.32, u: 0.02, dist: 'normal' },
      [-1000, 1000],
    ),
    spread('straightedge_mm', 'Straightedge', { value: 5, u: 0.005, dist: 'normal' }, [0, 500]),
    spread('gasket_mm', 'Gasket under it', { value: 0, half: 0.02, dist: 'rect' }, [0, 20]),
    num('low_mm', 'Target from', 'size_mm', 10.2, [-1000, 1000]),
    num('high_mm', 'to', 'size_mm', 10.4, [-1000, 1000]),
    flag('overshoot_harms', 'Too deep does harm here', true),
  ],
  answers: [
    { name: 'depth_mm', label: 'It stands at', quantity: 'size_mm' },
    { name: 'u_mm', label: 'uncertainty (u)', quantity: 'fit_mm' },
    { name: 'to_go_mm', label: 'To the middle of the target', quantity: 'fit_mm' },
    {
      name: 'driver_mark_mm',
      label: 'Mark the driver, from the face that pushes, at',
      quantity: 'size_mm',
      nullWords: 'it stands out: no mark',
    },
    { name: 'largest_doubt', label: 'Largest doubt', quantity: 'words' },
  ],
  headline: 'depth_mm',
  formula: 'depth = reading − straightedge − gasket;  u = √Σu²;  mark = target, from the face that pushes',
  source: 'JCGM 100, 5.1.2',
  valid: 'straightedge on a clean face',
  largestDoubt: 'shown',
  solve: (i) => {
    if (!(i.high_mm >= i.low_mm))
      return fail({ code: 'out_of_order', field: 'high_mm', given: i.high_mm, min: i.low_mm });
    const link = (name: string, sign: 1 | -1, value: SpreadValue) => ({
      name,
      sign,
      spread: spreadOf(value),
    });
    const found = addDepths([
      link('reading', 1, i.reading_mm),
      link('straightedge', -1, i.straightedge_mm),
      link('gasket', -1, i.gasket_mm),
    ]);
    const target = (i.low_mm + i.high_mm) / 2;
    return succeed({
      depth_mm: found.depthMm.value,
      u_mm: found.depthMm.u,
      to_go_mm: target - found.depthMm.value,
      driver_mark_mm: driverMarkMm(target),
      largest_doubt: found.largestDoubt?.name ?? 'none',
      verdict: judgeDepth({
        depthMm: found.depthMm,
        lowMm: i.low_mm,
        highMm: i.high_mm,
        overshootHarms: i.overshoot_harms,
      }),
      links: [
        { label: 'read', mm: i.reading_mm.value, sign: 1 },
        { label: 'straightedge', mm: i.straightedge_mm.value, sign: -1 },
        { label: 'gasket', mm: i.gasket_mm.value, sign: -1 },
      ],
    });
  },
  fill: (i, a) =>
    `${digits(i.reading_mm.value, 3)} − ${digits(i.straightedge_mm.value, 3)} − ${digits(i.gasket_mm.value, 3)} = ${digits(a.depth_mm, 3)} mm, u ${digits(a.u_mm, 3)} mm`,
  judge: (_, { verdict }) =>
    (
      ({
        short: { words: 'not deep enough yet', severity: 'caution' },
        there: { words: 'there', severity: 'none' },
        too_deep: { words: 'too deep', severity: 'fault' },
        cannot_tell: { words: 'too near the limit to tell: read again', severity: 'caution' },
      }) as const
    )[verdict],
});
