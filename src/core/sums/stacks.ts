import { MATERIALS } from '@/core/catalogue/materials';
import {
  bearingAxialPlayMm,
  centringShiftMm,
  decideWithGuard,
  endFloat,
  endFloatByLots,
  endFloatHot,
} from '@/core/stack/endFloat';
import {
  backlashChangeMm,
  describeRunOut,
  headGrowthMm,
  hubSpacerBudget,
  turningTorqueNm,
} from '@/core/stack/hubSpacer';
import { chooseShims } from '@/core/stack/shims';
import { lockUpSqueezeMm } from '@/core/stack/lockUp';
import { fail, succeed } from '@/core/quantity/result';
import type { Spread } from '@/core/quantity/spread';
import { CELSIUS, choice, metal, num, nums, spread } from './fields';
import { defineSum, type SpreadValue, type Sum } from './sum';
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

const endplay = defineSum({
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
    const lots = endFloatByLots(input, {
      lowMm: i.limit_low_mm,
      highMm: i.limit_high_mm,
      draws: 200_000,
      seed: 101,
    });
    const limits = { low: i.limit_low_mm, high: i.limit_high_mm };
    const words = { pass: 'within', fail: 'outside', 'cannot decide': 'cannot tell' } as const;
    const [U2, g165] = [decideWithGuard(endFloatMm, limits, 2), decideWithGuard(endFloatMm, limits, 1.65)];
    return succeed({
      endplay_mm: endFloatMm.value,
      u_mm: endFloatMm.u,
      U_k2_mm: 2 * endFloatMm.u,
      decision_U2: U2,
      decision_g165: g165,
      decision_U2_words: words[U2],
      decision_g165_words: words[g165],
      worst_case_half_width_mm: worstHalfWidthMm,
      mc_probability_in_limits: lots.share,
      mc_p2_5_mm: lots.p2_5,
      mc_p97_5_mm: lots.p97_5,
      largest_doubt: largestDoubt
        ? `${LINK_WORDS[largestDoubt.name]}: ${digits(100 * largestDoubt.shareOfVariance, 0)} % of the doubt`
        : 'none',
      links: [
        { label: 'left', mm: i.depth_left_mm.value, sign: 1 },
        { label: 'right', mm: i.depth_right_mm.value, sign: 1 },
        { label: 'gasket', mm: i.gasket_compressed_mm.value, sign: 1 },
        { label: 'crank', mm: i.crank_width_mm.value, sign: -1 },
        ...i.shims_mm.map((mm) => ({ label: 'shim', mm, sign: -1 })),
      ],
    });
  },
  fill: (i, a) =>
    `${digits(i.depth_left_mm.value, 3)} + ${digits(i.depth_right_mm.value, 3)} + ${digits(i.gasket_compressed_mm.value, 3)} − ${digits(i.crank_width_mm.value, 3)} − ${digits(
      i.shims_mm.reduce((s, mm) => s + mm, 0),
      3,
    )} = ${digits(a.endplay_mm, 3)} mm, u ${digits(a.u_mm, 4)} mm`,
  judge: (_, { endplay_mm: room, decision_g165: d }) =>
    room < 0
      ? { words: 'no end float: the shaft is squeezed', severity: 'fault' }
      : d === 'pass'
        ? { words: 'within what is wanted', severity: 'none' }
        : d === 'fail'
          ? { words: 'outside what is wanted', severity: 'fault' }
          : { words: 'cannot tell: measure what is named', severity: 'caution' },
});

const shims = defineSum({
  topic: 'stack',
  mode: 'best_shims',
  asks: 'shim',
  picture: 'chain',
  title: 'Which shims from stock?',
  lead: 'Nearest to the target, with the fewest pieces.',
  keywords: 'shims stock choose best pieces washers',
  fields: [
    num('endplay_without_shims_um', 'End float without shims, µm', 'fit_um', 470, [-6000, 6000]),
    num('target_endplay_um', 'End float wanted, µm', 'fit_um', 120, [-6000, 6000]),
    {
      kind: 'counts',
      name: 'stock_um_count',
      label: 'In stock: thickness in µm and how many',
      usual: { 50: 4, 100: 4, 150: 2, 200: 3, 300: 2, 500: 2 },
    },
  ],
  answers: [
    { name: 'shims_words', label: 'Take', quantity: 'words' },
    { name: 'endplay_um', label: 'Leaves an end float of', quantity: 'fit_um' },
    { name: 'error_um', label: 'Off the target by', quantity: 'fit_um' },
    { name: 'pieces', label: 'Pieces', quantity: 'count' },
  ],
  headline: 'shims_words',
  formula:
    'every total the stock can make, nearest first; then fewest pieces, fewest of the thinnest, thickest first',
  source: 'dynamic programming, checked against brute force',
  valid: 'whole micrometres, up to 12 pieces',
  largestDoubt: 'measure each shim: marked sizes are not',
  caution: 'Gears reused: the same shims back, to the piece.',
  solve: (i) => {
    const stock = new Map(Object.entries(i.stock_um_count).map(([size, count]) => [Number(size), count]));
    const found = chooseShims({
      endFloatWithoutUm: i.endplay_without_shims_um,
      targetUm: i.target_endplay_um,
      stock,
    });
    if (!found.ok)
      return fail(
        ...found.issues.map((issue) => ({
          ...issue,
          field:
            issue.field === 'endFloatWithoutUm'
              ? 'endplay_without_shims_um'
              : issue.field === 'targetUm'
                ? 'target_endplay_um'
                : issue.field.replace('stock', 'stock_um_count'),
        })),
      );
    const v = found.value;
    return succeed({
      shims_um: v.shimsUm,
      shim_total_um: v.totalUm,
      endplay_um: v.endFloatUm,
      error_um: v.errorUm,
      pieces: v.pieces,
      shims_words:
        v.shimsUm.length === 0 ? 'no shim' : v.shimsUm.map((um) => digits(um / 1000, 3)).join(' + '),
      links: [
        { label: 'end float', mm: i.endplay_without_shims_um / 1000, sign: 1 },
        ...v.shimsUm.map((um) => ({ label: 'shim', mm: um / 1000, sign: -1 })),
      ],
    });
  },
  fill: (i, a) =>
    `${i.endplay_without_shims_um} − ${a.shim_total_um} = ${a.endplay_um} µm (wanted ${i.target_endplay_um})`,
  judge: (_, { error_um: e }) =>
    e === 0
      ? { words: 'exactly', severity: 'none' }
      : e <= 25
        ? { words: 'near enough for most shafts', severity: 'none' }
        : { words: 'the stock cannot do better', severity: 'caution' },
});

const growth = defineSum({
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

const hub = defineSum({
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

const axial = defineSum({
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

const centring = defineSum({
  topic: 'centring',
  mode: null,
  asks: 'shim',
  picture: 'chain',
  title: 'How far to move it to the middle?',
  lead: 'Feelers both sides: half the difference goes across.',
  keywords: 'centre feeler left right side load shift swing arm',
  fields: [
    num('gap_left_mm', 'Gap left', 'size_mm', 0.35, [0, 20]),
    num('gap_right_mm', 'Gap right', 'size_mm', 0.15, [0, 20]),
  ],
  answers: [
    { name: 'shift_mm', label: 'Move towards the left by', quantity: 'fit_mm' },
    { name: 'each_side_mm', label: 'Then each side has', quantity: 'fit_mm' },
  ],
  headline: 'shift_mm',
  formula: 'shift = (left − right)/2',
  source: 'geometry',
  valid: 'both gaps at the same place round the clock',
  largestDoubt: 'a feeler that is bent in',
  caution: 'Relieve with light taps of a soft face on the shaft’s end, never on the thread.',
  solve: (i) =>
    succeed({
      shift_mm: centringShiftMm({ gapLeftMm: i.gap_left_mm, gapRightMm: i.gap_right_mm }),
      each_side_mm: (i.gap_left_mm + i.gap_right_mm) / 2,
      links: [
        { label: 'left', mm: i.gap_left_mm, sign: 1 },
        { label: 'right', mm: i.gap_right_mm, sign: 1 },
      ],
    }),
  fill: (i, a) =>
    `( ${digits(i.gap_left_mm, 2)} − ${digits(i.gap_right_mm, 2)} ) / 2 = ${digits(a.shift_mm, 3)} mm`,
});

const preload = defineSum({
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

const backlash = defineSum({
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

const runOut = defineSum({
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

const lockUp = defineSum({
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

export const STACKS: readonly Sum[] = [
  endplay,
  shims,
  growth,
  lockUp,
  hub,
  axial,
  centring,
  preload,
  backlash,
  runOut,
];
