import { backlashChangeMm, describeRunOut } from '@/core/stack/hubSpacer';
import { lockUpSqueezeMm } from '@/core/stack/lockUp';
import { succeed } from '@/core/quantity/result';
import { CELSIUS, metal, num } from './fields';
import { defineSum } from './sum';
import { digits } from './words';

export const backlash = defineSum({
  topic: 'backlash',
  mode: null,
  asks: 'shim',
  picture: 'chain',
  title: 'What does a shim do to the backlash?',
  lead: 'Bevel gears: a thinner or thicker shim behind the ring gear.',
  keywords: 'backlash bevel final drive shim pinion',
  fields: [
    num('shim_change_mm', 'Shim changes by', 'fit_mm', 0.1, [-5, 5]),
    num('pressure_angle_deg', 'Pressure angle', 'degree', 20, [10, 30]),
    num('pitch_cone_deg', 'Pitch cone of that gear', 'degree', 70, [5, 89]),
  ],
  answers: [
    { name: 'backlash_change_mm', label: 'Backlash changes by', quantity: 'fit_mm' },
    { name: 'per_mm', label: 'per millimetre of shim', quantity: 'ratio', nullWords: '–' },
  ],
  headline: 'backlash_change_mm',
  formula: 'Δj = 2·Δs·tan α·sin δ',
  source: 'bevel gear geometry (from memory); about 0.7·Δs',
  valid: 'pinion left where it is',
  largestDoubt: 'the contact pattern decides, not the figure',
  caution: 'New gears: preload and backlash anew, by the manual.',
  solve: (i) => {
    const change = backlashChangeMm({
      shimChangeMm: i.shim_change_mm,
      pressureAngleDeg: i.pressure_angle_deg,
      pitchConeDeg: i.pitch_cone_deg,
    });
    return succeed({
      backlash_change_mm: change,
      per_mm: i.shim_change_mm === 0 ? null : change / i.shim_change_mm,
      links: [
        { label: 'shim', mm: i.shim_change_mm, sign: 1 },
        { label: 'backlash', mm: change, sign: 1 },
      ],
    });
  },
  fill: (i, a) =>
    `2·${digits(i.shim_change_mm, 3)}·tan ${digits(i.pressure_angle_deg, 0)}°·sin ${digits(i.pitch_cone_deg, 0)}° = ${digits(a.backlash_change_mm, 3)} mm`,
});

export const runOut = defineSum({
  topic: 'run_out',
  mode: null,
  asks: 'shim',
  picture: 'clock',
  title: 'How is the crank bent?',
  lead: 'Dials left and right with the clock positions of their high points.',
  keywords: 'run-out crank bent tir truing dial',
  fields: [
    num('left_tir_mm', 'Left dial swings', 'fit_mm', 0.06, [0, 5]),
    num('left_high_deg', 'Left is high at', 'degree', 90, [-360, 720]),
    num('right_tir_mm', 'Right dial swings', 'fit_mm', 0.05, [0, 5]),
    num('right_high_deg', 'Right is high at', 'degree', 270, [-360, 720]),
  ],
  answers: [
    { name: 'kind_words', label: 'It is', quantity: 'words' },
    { name: 'between_deg', label: 'Between the high points', quantity: 'degree' },
    { name: 'left_mm', label: 'Left off centre by', quantity: 'fit_mm' },
    { name: 'right_mm', label: 'Right off centre by', quantity: 'fit_mm' },
  ],
  headline: 'kind_words',
  formula: 'off centre = TIR/2;  high points together: one bow; opposite: webs out of line',
  source: 'common practice, no source',
  valid: 'between centres, centres clean',
  largestDoubt: 'dirt in the centres',
  caution: 'Truing belongs to someone with the jig.',
  solve: (i) => {
    const found = describeRunOut({
      leftTirMm: i.left_tir_mm,
      rightTirMm: i.right_tir_mm,
      leftHighDeg: i.left_high_deg,
      rightHighDeg: i.right_high_deg,
    });
    return succeed({
      kind: found.kind,
      kind_words: (
        { same_bow: 'bowed one way', opposed: 'out of line, opposed', twisted: 'both, twisted' } as const
      )[found.kind],
      between_deg: found.betweenDeg,
      left_mm: found.leftMm,
      right_mm: found.rightMm,
    });
  },
  fill: (i, a) =>
    `left ${digits(i.left_tir_mm, 3)} at ${digits(i.left_high_deg, 0)}°, right ${digits(i.right_tir_mm, 3)} at ${digits(i.right_high_deg, 0)}°: ${digits(a.between_deg, 0)}° apart`,
  judge: (i) =>
    Math.max(i.left_tir_mm, i.right_tir_mm) > 0.05
      ? { words: 'more than most manuals allow (0.05 mm)', severity: 'caution' }
      : { words: 'within what most manuals allow', severity: 'none' },
});

export const lockUp = defineSum({
  topic: 'stack',
  mode: 'lock_up',
  asks: 'shim',
  picture: 'chain',
  title: 'May both bearings hold the shaft?',
  lead: 'One locates the shaft, the other floats. If both hold it, heat squeezes it between them.',
  keywords: 'locating floating fixed bearing thermal lock up squeeze axial',
  fields: [
    num('distance_mm', 'Bearings apart', 'size_mm', 84, [1, 2000]),
    metal('shaft_alpha_per_K', 'Shaft', 'alphaPerK', 'mild_steel'),
    metal('case_alpha_per_K', 'Case', 'alphaPerK', 'alsi9cu3'),
    num('shaft_temperature_C', 'Shaft', 'celsius', 80, CELSIUS),
    num('case_temperature_C', 'Case', 'celsius', 20, CELSIUS),
    num('slack_mm', 'Both let it move, at 20 °C', 'fit_mm', 0.03, [0, 10]),
  ],
  answers: [
    { name: 'squeeze_mm', label: 'Squeezed by', quantity: 'fit_mm' },
    { name: 'shaft_grows_mm', label: 'Shaft grows', quantity: 'fit_mm' },
    { name: 'case_grows_mm', label: 'Case grows', quantity: 'fit_mm' },
  ],
  headline: 'squeeze_mm',
  formula: 'squeeze = L·[α_s·(T_s − 20) − α_c·(T_c − 20)] − slack',
  source: 'linear expansion; locating and floating bearing (from memory)',
  valid: 'rigid case and shaft: what is squeezed is taken by the bearings',
  largestDoubt: 'the temperatures: warm-up is often the worst',
  caution: 'Warm-up (shaft hot, case cold) is often the worst moment.',
  solve: (i) => {
    const squeeze = lockUpSqueezeMm({
      distanceMm: i.distance_mm,
      shaftAlphaPerK: i.shaft_alpha_per_K,
      caseAlphaPerK: i.case_alpha_per_K,
      shaftC: i.shaft_temperature_C,
      caseC: i.case_temperature_C,
      slackMm: i.slack_mm,
    });
    const [shaft, casing] = [
      i.distance_mm * i.shaft_alpha_per_K * (i.shaft_temperature_C - 20),
      i.distance_mm * i.case_alpha_per_K * (i.case_temperature_C - 20),
    ];
    return succeed({
      squeeze_mm: squeeze,
      shaft_grows_mm: shaft,
      case_grows_mm: casing,
      links: [
        { label: 'slack', mm: i.slack_mm, sign: 1 },
        { label: 'case', mm: casing, sign: 1 },
        { label: 'shaft', mm: shaft, sign: -1 },
      ],
    });
  },
  fill: (i, a) =>
    `${digits(a.shaft_grows_mm, 4)} − ${digits(a.case_grows_mm, 4)} − ${digits(i.slack_mm, 3)} = ${digits(a.squeeze_mm, 4)} mm`,
  judge: (_, { squeeze_mm: s }) =>
    s > 0
      ? { words: 'locked: one bearing must float', severity: 'fault' }
      : { words: 'end float is left', severity: 'none' },
});
