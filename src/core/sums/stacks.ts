import {
  bearingAxialPlayMm,
  decideWithGuard,
  endFloat,
  endFloatByLots,
  endFloatHot,
} from '@/core/stack/endFloat';
import { fail, succeed } from '@/core/quantity/result';
import type { Spread } from '@/core/quantity/spread';
import { CELSIUS, metal, num, nums, spread } from './fields';
import { defineSum, type SpreadValue } from './sum';
import { digits } from './words';

/** As the core takes it; the boundary has checked that the half that belongs to the kind is there. */
export const spreadOf = ({ value, u = 0, half = 0, dist }: SpreadValue): Spread =>
  dist === 'normal' ? { value, u, dist } : { value, half, dist };

const LINK_WORDS = {
  depth_left: 'left depth',
  depth_right: 'right depth',
  gasket: 'gasket',
  width: 'crank width',
} as const;

/** The chain as it is drawn. */
const linksOf = ({
  depthLeftMm,
  depthRightMm,
  gasketMm,
  widthMm,
  shimsMm,
}: Parameters<typeof endFloat>[0]) => [
  { label: 'left', mm: depthLeftMm.value, sign: 1 },
  { label: 'right', mm: depthRightMm.value, sign: 1 },
  { label: 'gasket', mm: gasketMm.value, sign: 1 },
  { label: 'crank', mm: widthMm.value, sign: -1 },
  ...shimsMm.map((mm) => ({ label: 'shim', mm, sign: -1 })),
];

const DECISION_WORDS = { pass: 'within', fail: 'outside', 'cannot decide': 'cannot tell' } as const;

export const endplay = defineSum({
  topic: 'stack',
  mode: 'endplay',
  asks: 'shim',
  picture: 'chain',
  title: 'How much end float has the shaft?',
  lead: 'Case depths, gasket, width and shims: the end float left, and whether it can be decided.',
  keywords: 'end play float crank clearance gasket',
  fields: [
    spread(
      'depth_left_mm',
      'Left case, face to bearing',
      { value: 42.31, u: 0.006, dist: 'normal' },
      [-1000, 1000],
    ),
    spread(
      'depth_right_mm',
      'Right case, face to bearing',
      { value: 41.88, u: 0.006, dist: 'normal' },
      [-1000, 1000],
    ),
    spread('gasket_compressed_mm', 'Gasket, compressed', { value: 0.3, half: 0.02, dist: 'rect' }, [0, 20]),
    spread(
      'crank_width_mm',
      'Crank width over its seats',
      { value: 84.02, u: 0.005, dist: 'normal' },
      [0, 2000],
    ),
    nums('shims_mm', 'Shims in it', 'size_mm', [0.2], [0, 20], [0, 50]),
    num('limit_low_mm', 'Wanted from', 'size_mm', 0.1, [-10, 50]),
    num('limit_high_mm', 'to', 'size_mm', 0.4, [-10, 50]),
  ],
  answers: [
    { name: 'endplay_mm', label: 'End float', quantity: 'fit_mm' },
    { name: 'U_k2_mm', label: 'uncertainty (2u)', quantity: 'fit_mm' },
    { name: 'decision_g165_words', label: 'Decided one-sided, 5 % risk', quantity: 'words' },
    { name: 'decision_U2_words', label: 'Decided with U = 2u', quantity: 'words' },
    { name: 'largest_doubt', label: 'Measure next', quantity: 'words' },
    { name: 'mc_probability_in_limits', label: 'Within the limits, by 200 000 lots', quantity: 'share' },
    { name: 'worst_case_half_width_mm', label: 'If all were at their worst', quantity: 'fit_mm' },
  ],
  headline: 'endplay_mm',
  formula: 'end float = left + right + gasket − width − Σ shims;  u = √Σu²;  guard band g·u',
  source: 'JCGM 100 and 101; ISO 14253-1 (from memory)',
  valid: 'at 20 °C; **not** what a dial shows: a ball bearing has its own axial play',
  largestDoubt: 'shown: it may be the gasket',
  solve: (i) => {
    if (!(i.limit_high_mm >= i.limit_low_mm))
      return fail({
        code: 'out_of_order',
        field: 'limit_high_mm',
        given: i.limit_high_mm,
        min: i.limit_low_mm,
      });
    const input = {
      depthLeftMm: spreadOf(i.depth_left_mm),
      depthRightMm: spreadOf(i.depth_right_mm),
      gasketMm: spreadOf(i.gasket_compressed_mm),
      widthMm: spreadOf(i.crank_width_mm),
      shimsMm: i.shims_mm,
    };
    const { endFloatMm, worstHalfWidthMm, largestDoubt } = endFloat(input);
    const limits = { low: i.limit_low_mm, high: i.limit_high_mm };
    const lots = endFloatByLots(input, { lowMm: limits.low, highMm: limits.high, draws: 200_000, seed: 101 });
    const [U2, g165] = [decideWithGuard(endFloatMm, limits, 2), decideWithGuard(endFloatMm, limits, 1.65)];
    return succeed({
      endplay_mm: endFloatMm.value,
      u_mm: endFloatMm.u,
      U_k2_mm: 2 * endFloatMm.u,
      decision_U2: U2,
      decision_g165: g165,
      decision_U2_words: DECISION_WORDS[U2],
      decision_g165_words: DECISION_WORDS[g165],
      worst_case_half_width_mm: worstHalfWidthMm,
      mc_probability_in_limits: lots.share,
      mc_p2_5_mm: lots.p2_5,
      mc_p97_5_mm: lots.p97_5,
      largest_doubt: largestDoubt
        ? `${LINK_WORDS[largestDoubt.name]}: ${digits(100 * largestDoubt.shareOfVariance, 0)} % of the doubt`
        : 'none',
      links: linksOf(input),
    });
  },
  fill: (i, a) =>
    `${digits(i.depth_left_mm.value, 3)} + ${digits(i.depth_right_mm.value, 3)} + ${digits(i.gasket_compressed_mm.value, 3)} − ${digits(i.crank_width_mm.value, 3)} − ${digits(
      i.shims_mm.reduce((s, mm) => s + mm, 0),
      3,
    )} = ${digits(a.endplay_mm, 3)} mm, u ${digits(a.u_mm, 4)} mm`,
  judge: (_, { endplay_mm: float, decision_g165: d }) =>
    float < 0
      ? { words: 'no end float: the shaft is squeezed', severity: 'fault' }
      : d === 'pass'
        ? { words: 'within what is wanted', severity: 'none' }
        : d === 'fail'
          ? { words: 'outside what is wanted', severity: 'fault' }
          : { words: 'cannot tell: measure what is named', severity: 'caution' },
});

export const growth = defineSum({
  topic: 'stack',
  mode: 'thermal_growth',
  asks: 'shim',
  picture: 'chain',
  title: 'What does heat do to the end play?',
  lead: 'Running, and while the shaft is hot and the case still cold.',
  keywords: 'thermal growth hot end play warm up crank case',
  fields: [
    num('case_inner_width_mm', 'Between the case’s faces', 'size_mm', 84.49, [1, 2000]),
    num('crank_width_mm', 'Crank width', 'size_mm', 84.02, [1, 2000]),
    num('shims_mm', 'Shims, together', 'size_mm', 0.2, [0, 20]),
    metal('case_alpha_per_K', 'Case', 'alphaPerK', 'alsi9cu3'),
    metal('crank_alpha_per_K', 'Crank', 'alphaPerK', 'mild_steel'),
    num('case_temperature_C', 'Case, running', 'celsius', 90, CELSIUS),
    num('crank_temperature_C', 'Crank, running', 'celsius', 110, CELSIUS),
    num('measured_at_C', 'Measured at', 'celsius', 20, [-40, 100]),
  ],
  answers: [
    { name: 'endplay_hot_mm', label: 'Running', quantity: 'fit_mm' },
    { name: 'endplay_warm_up_mm', label: 'Crank hot, case at 20 °C', quantity: 'fit_mm' },
    { name: 'endplay_at_20C_mm', label: 'At 20 °C', quantity: 'fit_mm' },
    { name: 'endplay_measured_mm', label: 'As measured', quantity: 'fit_mm' },
    { name: 'growth_from_measured_mm', label: 'Grows by', quantity: 'fit_mm' },
    { name: 'least_mm', label: 'The least decides', quantity: 'fit_mm' },
  ],
  headline: 'least_mm',
  formula: 'each part L·(1 + α·(T − 20)) / (1 + α·(T_measured − 20));  play = case − (crank + shims)',
  source: 'linear expansion, ISO 1',
  valid: 'case and crank each at one temperature',
  largestDoubt: 'how hot the crank gets while the case is cold',
  solve: (i) => {
    const found = endFloatHot({
      caseInnerMm: i.case_inner_width_mm,
      crankWidthMm: i.crank_width_mm,
      shimsMm: i.shims_mm,
      caseAlphaPerK: i.case_alpha_per_K,
      crankAlphaPerK: i.crank_alpha_per_K,
      caseC: i.case_temperature_C,
      crankC: i.crank_temperature_C,
      measuredAtC: i.measured_at_C,
    });
    return succeed({
      endplay_measured_mm: found.measuredMm,
      endplay_at_20C_mm: found.at20Mm,
      endplay_hot_mm: found.hotMm,
      growth_from_measured_mm: found.growthMm,
      endplay_warm_up_mm: found.warmUpMm,
      least_mm: Math.min(found.at20Mm, found.hotMm, found.warmUpMm),
      links: [
        { label: 'case', mm: i.case_inner_width_mm, sign: 1 },
        { label: 'crank', mm: i.crank_width_mm, sign: -1 },
        { label: 'shims', mm: i.shims_mm, sign: -1 },
      ],
    });
  },
  fill: (_, a) =>
    `20 °C ${digits(a.endplay_at_20C_mm, 3)}, warm-up ${digits(a.endplay_warm_up_mm, 3)}, running ${digits(a.endplay_hot_mm, 3)} mm`,
  judge: (_, { least_mm: least }) =>
    least < 0
      ? { words: 'no end float in its tightest state', severity: 'fault' }
      : least < 0.05
        ? { words: 'very little while warming up', severity: 'caution' }
        : { words: 'keeps end float in every state', severity: 'none' },
});

export const axial = defineSum({
  topic: 'axial_play',
  mode: null,
  asks: 'shim',
  picture: 'chain',
  title: 'What will the dial show?',
  lead: 'A shaft held by a ball bearing shows that bearing’s own axial play, not the end float in the case.',
  keywords: 'dial axial play ball bearing radial clearance',
  fields: [
    num('radial_clearance_mm', 'Radial clearance, mounted', 'fit_mm', 0.01, [0, 0.5]),
    num('bore_mm', 'Bearing bore', 'size_mm', 25, [3, 200]),
    num('outside_mm', 'Bearing outside', 'size_mm', 62, [6, 400]),
  ],
  answers: [
    { name: 'axial_play_mm', label: 'Axial play', quantity: 'fit_mm' },
    {
      name: 'times_radial',
      label: 'times the radial clearance',
      quantity: 'ratio',
      nullWords: 'no clearance',
    },
  ],
  headline: 'axial_play_mm',
  formula: 'play ≈ 2·√(r₀·G),  r₀ = 0.035·D_w',
  source: 'Harris, Rolling Bearing Analysis (from memory)',
  valid: 'grooves of 0.52 and 0.515 of the ball',
  largestDoubt: 'the grooves’ radius',
  solve: (i) => {
    if (!(i.outside_mm > i.bore_mm))
      return fail({ code: 'out_of_range', field: 'outside_mm', given: i.outside_mm, min: i.bore_mm });
    const play = bearingAxialPlayMm({
      radialClearanceMm: i.radial_clearance_mm,
      ballMm: 0.3 * (i.outside_mm - i.bore_mm),
    });
    return succeed({
      axial_play_mm: play,
      times_radial: i.radial_clearance_mm > 0 ? play / i.radial_clearance_mm : null,
      links: [
        { label: 'radial', mm: i.radial_clearance_mm, sign: 1 },
        { label: 'axial', mm: play, sign: 1 },
      ],
    });
  },
  fill: (i, a) =>
    `2·√( ${digits(0.035 * 0.3 * (i.outside_mm - i.bore_mm), 3)} · ${digits(i.radial_clearance_mm, 3)} ) = ${digits(a.axial_play_mm, 3)} mm`,
});
