import { MATERIALS } from '@/core/catalogue/materials';
import {
  backlashChangeMm,
  describeRunOut,
  headGrowthMm,
  hubSpacerBudget,
  turningTorqueNm,
} from '@/core/stack/hubSpacer';
import { lockUpSqueezeMm } from '@/core/stack/lockUp';
import { succeed } from '@/core/quantity/result';
import { CELSIUS, choice, metal, num } from './fields';
import { defineSum } from './sum';
import { digits } from './words';

export const hub = defineSum({
  topic: 'hub_spacer',
  mode: null,
  asks: 'shim',
  picture: 'chain',
  title: 'How short may the hub spacer be?',
  lead: 'What the axle’s clamp and heat take, against the slack of the two bearings.',
  keywords: 'wheel hub spacer axle clamp preload',
  fields: [
    num('axial_play_each_mm', 'Axial play of one bearing, to and fro', 'fit_mm', 0.08, [0, 2]),
    num('clamp_kN', 'Axle clamps with', 'kilonewton', 25, [0, 200]),
    num('length_mm', 'Spacer length', 'size_mm', 90, [1, 1000]),
    num('area_mm2', 'Spacer wall, area', 'square_mm', 260, [5, 5000]),
    choice(
      'spacer',
      'Spacer',
      [
        ['mild_steel', 'steel'],
        ['al6061_t6', 'aluminium'],
      ],
      'mild_steel',
    ),
    choice(
      'hub',
      'Hub',
      [
        ['al6061_t6', 'aluminium'],
        ['alsi9cu3', 'cast aluminium'],
        ['az91', 'magnesium'],
        ['mild_steel', 'steel'],
      ],
      'al6061_t6',
    ),
    num('warming_K', 'Gets warmer by', 'kelvin', 20, [-60, 200]),
  ],
  answers: [
    { name: 'allowed_shortfall_mm', label: 'Spacer may be shorter by', quantity: 'fit_mm' },
    { name: 'shortening_mm', label: 'The clamp shortens it by', quantity: 'fit_mm' },
    { name: 'heating_mm', label: 'Heat takes', quantity: 'fit_mm' },
    { name: 'slack_mm', label: 'Both bearings give', quantity: 'fit_mm' },
  ],
  headline: 'allowed_shortfall_mm',
  formula: 'shortfall ≤ 2·(play / 2) − F·L/(E·A) − |α_hub − α_spacer|·ΔT·L',
  source: 'Hooke; linear expansion',
  valid: 'spacer square, races home',
  largestDoubt: 'the axle’s clamp force (friction)',
  solve: (i) => {
    const spacer = MATERIALS[i.spacer];
    const budget = hubSpacerBudget({
      axialPlayEachMm: i.axial_play_each_mm,
      clampN: i.clamp_kN * 1000,
      lengthMm: i.length_mm,
      areaMm2: i.area_mm2,
      youngsModulusMPa: spacer.youngsModulusMPa,
      spacerAlphaPerK: spacer.alphaPerK,
      hubAlphaPerK: MATERIALS[i.hub].alphaPerK,
      warmingK: i.warming_K,
    });
    return succeed({
      allowed_shortfall_mm: budget.allowedShortfallMm,
      shortening_mm: budget.shorteningMm,
      heating_mm: budget.heatingMm,
      slack_mm: budget.slackMm,
      links: [
        { label: 'slack', mm: budget.slackMm, sign: 1 },
        { label: 'clamp', mm: budget.shorteningMm, sign: -1 },
        { label: 'heat', mm: budget.heatingMm, sign: -1 },
      ],
    });
  },
  fill: (_, a) =>
    `${digits(a.slack_mm, 3)} − ${digits(a.shortening_mm, 3)} − ${digits(a.heating_mm, 3)} = ${digits(a.allowed_shortfall_mm, 3)} mm`,
  judge: (_, { allowed_shortfall_mm: left }) =>
    left < 0
      ? { words: 'even the exact spacer loads the balls', severity: 'fault' }
      : { words: 'spacer nipped, still slides sideways by finger', severity: 'none' },
});

export const preload = defineSum({
  topic: 'steering_preload',
  mode: null,
  asks: 'shim',
  picture: 'clock',
  title: 'How tight is the steering head?',
  lead: 'The pull that keeps it turning, times its lever, less the cables’ drag.',
  keywords: 'steering head preload pull spring balance torque',
  fields: [
    num('pull_N', 'Pull that keeps it moving', 'newton', 12, [0, 500]),
    num('u_pull_N', 'uncertainty (u)', 'newton', 0.7, [0, 100]),
    num('cable_drag_N', 'of it: cables and hoses', 'newton', 3, [0, 500]),
    num('lever_mm', 'Lever', 'size_mm', 350, [10, 1500]),
    num('length_mm', 'Head length', 'size_mm', 180, [20, 600]),
    choice(
      'head',
      'Head',
      [
        ['al6061_t6', 'aluminium'],
        ['mild_steel', 'steel'],
      ],
      'al6061_t6',
    ),
    num('warming_K', 'Gets warmer by', 'kelvin', 20, [-60, 100]),
  ],
  answers: [
    { name: 'torque_Nm', label: 'Turning torque', quantity: 'newton_metre' },
    { name: 'u_torque_Nm', label: 'uncertainty (u)', quantity: 'newton_metre' },
    { name: 'head_growth_mm', label: 'Unlike metals shift the preload by', quantity: 'fit_mm' },
  ],
  headline: 'torque_Nm',
  formula: 'T = (pull − drag)·lever;  shift = (α_head − α_stem)·ΔT·L',
  source: 'statics; linear expansion',
  valid: 'settled: turn it lock to lock and read again',
  largestDoubt: 'the cables’ drag',
  caution: 'Steering is a safety part: the machine’s manual gives the figure.',
  solve: (i) => {
    const torque = turningTorqueNm({
      pullN: { value: i.pull_N, u: i.u_pull_N },
      leverMm: i.lever_mm,
      cableDragN: i.cable_drag_N,
    });
    return succeed({
      torque_Nm: torque.value,
      u_torque_Nm: torque.u,
      head_growth_mm: headGrowthMm({
        lengthMm: i.length_mm,
        headAlphaPerK: MATERIALS[i.head].alphaPerK,
        stemAlphaPerK: MATERIALS.mild_steel.alphaPerK,
        warmingK: i.warming_K,
      }),
    });
  },
  fill: (i, a) =>
    `( ${digits(i.pull_N, 1)} − ${digits(i.cable_drag_N, 1)} ) N · ${digits(i.lever_mm / 1000, 3)} m = ${digits(a.torque_Nm, 2)} N·m`,
});

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
