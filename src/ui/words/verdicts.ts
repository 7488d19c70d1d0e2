import type { DepthVerdict } from '@/core/seating/depthChain';
import { CASTING_STUFF_WORDS } from './castingStuff';
import { asText, showTemperature, type Units } from '@/core/quantity/format';
import type { Ceiling } from '@/core/heat/ceilings';
import type { FitVerdict } from '@/core/fit/judgeFit';
import type { SquareVerdict } from '@/core/seating/squareness';
import type { WayObjection } from '@/core/heat/wayIn';
import type { Way } from '@/core/record/vocabulary';

/** Verdict in a word, and what it means for the work. */
export const FIT_WORDS: Record<FitVerdict, { word: string; meaning: string }> = {
  not_measured: {
    word: 'Usual fit, not measured',
    meaning: 'The usual class alone tells neither tight nor slack: a bore gauge would.',
  },
  reading_doubted: {
    word: 'One reading stands alone',
    meaning: 'Typed wrong, or the gauge held crooked? Read it again before seat or part is doubted.',
  },
  slack: {
    word: 'Slack: the seat is spun',
    meaning: 'It cannot hold a bearing. Sleeve, retaining compound or solder first; no punch marks.',
  },
  may_go_loose_hot: {
    word: 'Tight cold, may go loose hot',
    meaning: 'Usual in light alloy: hold it along the axis, or bond it.',
  },
  right: { word: 'Right: tight cold and hot', meaning: 'The band keeps its nip at running heat.' },
  tight: {
    word: 'Tighter than usual',
    meaning: 'Check the part and the bearing’s clearance group before it goes in.',
  },
  too_tight: {
    word: 'Too tight for this boss',
    meaning: 'Wrong part? Compare it with the old one and both its mates. Do not press it.',
  },
  cannot_tell: { word: 'Cannot tell: tight or clear', meaning: 'The band crosses zero.' },
};

export const DOUBT_WORDS = {
  bore_not_measured: 'Largest doubt: the bore is not measured; a bore gauge would narrow it.',
  part_not_measured: 'Largest doubt: the bearing is not measured; a micrometer would narrow it.',
  bore_gauge: 'Largest doubt: the bore readings.',
  part_gauge: 'Largest doubt: the micrometer.',
} as const;

export const DEPTH_WORDS: Record<DepthVerdict, string> = {
  there: 'At its depth',
  short: 'Not deep enough',
  too_deep: 'Too deep',
  cannot_tell: 'Its depth cannot be told',
};

export const SQUARE_WORDS: Record<SquareVerdict, string> = {
  square: 'Square',
  within_limit: 'Square enough',
  cannot_tell: 'Cannot tell',
  cocked: 'Cocked',
  misread: 'Something is misread',
};

export const WAY_WORDS: Record<Way, { name: string; note: string }> = {
  by_hand: { name: 'By hand', note: 'square, marks outward' },
  press: { name: 'Press it in cold', note: 'square under the ram, supported close to the bore' },
  draw_in: {
    name: 'Draw it in',
    note: 'greased thread, thrust bearing under the nut, guide disc on the thin lip',
  },
  clamp: { name: 'Clamp or vice', note: 'flat plates on both sides, look often' },
  chill_press: { name: 'Freezer, then press', note: 'frost off, a film of oil, at once' },
  warm_tap: { name: 'Warm, then light blows', note: 'creep up to the depth, measure, stop' },
  warm_draw: { name: 'Warm, then draw it in', note: 'greased thread; even drag, then a definite stop' },
  drive: { name: 'Drive it in cold', note: 'driver on the outer race, square before force' },
  chill: { name: 'Freezer, then drop', note: 'wipe off frost, then oil' },
  heat: { name: 'Heat the casting', note: 'bearing at room temperature' },
  heat_chill: { name: 'Heat, and bearing from the freezer', note: 'carry it on ice' },
};

/** What forbids a way here; a person may take it all the same, with a reason. */
export const WAY_OBJECTION_WORDS: Record<WayObjection, string> = {
  nothing_stops_it: 'nothing stops the part at its depth: set up a plate, a washer or a stepped pusher',
  not_into_an_oven: 'this does not go into an oven: hot air on the spot',
  no_heat_here: 'a tyre, paint or grease goes with it: not heated',
  tools_too_weak: 'more force than the shop’s tools give',
  too_much_for_a_hand: 'more than a hand gives',
};

export const CEILING_WORDS: Record<Ceiling['what'], string> = {
  casting_metal: 'The casting’s metal',
  seal_left_in: 'The old seal',
  bearing_seals: 'The bearing’s own seals',
  bearing_cage: 'The plastic cage',
  bearing_grease: 'The bearing’s grease',
  bearing_steel: 'The bearing’s steel',
  ...CASTING_STUFF_WORDS,
};

export const sayCeiling = ({ what, seatName, limitC, isNew }: Ceiling, units: Units) =>
  `${isNew ? 'The new seal' : CEILING_WORDS[what]}${seatName ? ` at ${seatName}` : ''} takes no more than ${asText(showTemperature(limitC, units))}`;

export const CAUTIONS = {
  hot_metal: 'Hot metal: gloves on, extinguisher near, ventilate. No fuel, solvent or aerosol near heat.',
  magnesium:
    'Magnesium burns: no torch on chips or thin walls. Keep sand or a class D extinguisher; never water.',
  press:
    'Press or hammer: eyes covered, support square, stand aside. Heavy force means cocked, wrong part or wrong race: stop.',
  rest_draws_heat:
    'It draws the heat out of the casting: put wood under it before the door opens, or count on the lesser seconds.',
  manual_first: 'The machine’s manual, local rules and licensed practice come first.',
} as const;
export type CautionCode = keyof typeof CAUTIONS;
