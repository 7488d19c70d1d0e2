import { MATERIALS } from '@/core/catalogue/materials';
import { headGrowthMm, hubSpacerBudget, turningTorqueNm } from '@/core/stack/hubSpacer';
import { fail, succeed } from '@/core/quantity/result';
import { choice, num, optional } from './fields';
import { defineSum } from './sum';
import { digits } from './words';

export const hub = defineSum({
  topic: 'hub_spacer',
  mode: null,
  asks: 'shim',
  picture: 'hub',
  title: 'How short may the hub spacer be?',
  lead: 'What the axle’s clamp and heat take, against the slack of the two bearings.',
  keywords: 'wheel hub spacer axle clamp preload',
  fields: [
    num('axial_play_each_mm', 'Axial play of one bearing, to and fro', 'fit_mm', 0.08, [0, 2]),
    optional(
      choice(
        'from',
        'The races stand',
        [
          ['middle', 'in the middle of their play'],
          ['nip', 'outward: driven in until the spacer was nipped'],
        ],
        'middle',
      ),
    ),
    optional(num('short_mm', 'The spacer is too short by', 'fit_mm', 0, [-2, 2])),
    optional(num('u_short_mm', 'known to (u)', 'fit_mm', 0.005, [0, 1])),
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
    { name: 'U_k2_mm', label: 'uncertainty (2u)', quantity: 'fit_mm' },
    { name: 'from_nip_mm', label: 'From the nip', quantity: 'fit_mm' },
    { name: 'from_middle_mm', label: 'From the middle', quantity: 'fit_mm' },
    { name: 'shortening_mm', label: 'The clamp shortens it by', quantity: 'fit_mm' },
    { name: 'heating_mm', label: 'Heat takes', quantity: 'fit_mm' },
    { name: 'slack_mm', label: 'Both bearings give', quantity: 'fit_mm' },
  ],
  headline: 'allowed_shortfall_mm',
  formula: 'shortfall ≤ 2·(play / 2, from the nip: play) − F·L/(E·A) − |α_hub − α_spacer|·ΔT·L',
  source: 'Hooke; linear expansion',
  valid: 'spacer square, races home',
  largestDoubt: 'the axle’s clamp force (friction)',
  solve: (i) => {
    const spacer = MATERIALS[i.spacer];
    const hubOf = {
      axialPlayEachMm: i.axial_play_each_mm,
      clampN: i.clamp_kN * 1000,
      lengthMm: i.length_mm,
      areaMm2: i.area_mm2,
      youngsModulusMPa: spacer.youngsModulusMPa,
      spacerAlphaPerK: spacer.alphaPerK,
      hubAlphaPerK: MATERIALS[i.hub].alphaPerK,
      warmingK: i.warming_K,
    };
    const both = {
      middle: hubSpacerBudget({ ...hubOf, from: 'middle' }),
      nip: hubSpacerBudget({ ...hubOf, from: 'nip' }),
    };
    const budget = both[i.from];
    return succeed({
      allowed_shortfall_mm: budget.allowedShortfallMm,
      U_k2_mm: 2 * budget.uMm,
      from_nip_mm: both.nip.allowedShortfallMm,
      from_middle_mm: both.middle.allowedShortfallMm,
      shortening_mm: budget.shorteningMm,
      heating_mm: budget.heatingMm,
      slack_mm: budget.slackMm,
    });
  },
  fill: (_, a) =>
    `${digits(a.slack_mm, 3)} − ${digits(a.shortening_mm, 3)} − ${digits(a.heating_mm, 3)} = ${digits(a.allowed_shortfall_mm, 3)} mm`,
  judge: (i, { allowed_shortfall_mm: allowed, U_k2_mm: U }) => {
    const left = allowed - i.short_mm;
    const spread = Math.hypot(U, 2 * i.u_short_mm);
    if (left > spread)
      return { words: 'the balls stay free; it still slides sideways by finger', severity: 'none' };
    if (left >= -spread)
      return {
        words: `cannot tell: known to ${digits(spread, 3)} mm; feel both turn, and read again`,
        severity: 'caution',
      };
    return allowed < 0
      ? { words: 'even the exact spacer loads the balls', severity: 'fault' }
      : { words: 'too short: the axle loads the balls', severity: 'fault' };
  },
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
    optional(num('u_cable_drag_N', 'its uncertainty (u)', 'newton', 0.7, [0, 100])),
    num('lever_mm', 'Lever', 'size_mm', 350, [10, 1500]),
    optional(num('low_Nm', 'The manual’s figure, from', 'newton_metre', 1, [0, 100])),
    optional(num('high_Nm', 'to', 'newton_metre', 3, [0, 100])),
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
      cableDragN: { value: i.cable_drag_N, u: i.u_cable_drag_N },
    });
    if (i.low_Nm > i.high_Nm)
      return fail({ code: 'out_of_range', field: 'high_Nm', given: i.high_Nm, min: i.low_Nm });
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
  judge: (i, { torque_Nm: torque, u_torque_Nm: u }) => {
    const [low, high] = [torque - 2 * u, torque + 2 * u];
    if (high < i.low_Nm) return { words: 'too loose: it will knock', severity: 'fault' };
    if (low > i.high_Nm) return { words: 'too tight: it notches the races', severity: 'fault' };
    return low >= i.low_Nm && high <= i.high_Nm
      ? { words: 'within the manual’s figure', severity: 'none' }
      : { words: 'cannot tell: settle it, longer lever, read again', severity: 'caution' };
  },
});
