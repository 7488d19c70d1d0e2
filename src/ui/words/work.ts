import type { StockSort } from '@/core/tools/stock';
import type { BlockCode } from '@/core/job/blocks';
import type { Weighing } from '@/core/look/renewOrKeep';
import type { Mate } from '@/core/parts/comparePart';
import type { EventBody } from '@/core/record/entries';
import type { PlanPart } from '@/core/record/plan';
import type { AGAINST_REASONS, Check } from '@/core/record/vocabulary';
import type { PieceCheck } from '@/core/stack/pieces';
import type { RemovalFirst, RemovalObjection, RemovalWay } from '@/core/strip/removal';
import type { ToolNeed } from '@/core/tools/pickTools';
import type { ToolSort } from '@/core/tools/tool';

/** Words of the first half of the work: looking, stripping, stacks, parts, tools. */
export const CHECK_WORDS: Record<Check, { name: string; how: string }> = {
  rock: { name: 'Rock it', how: 'Wheel, arm or shaft by hand: play felt now is play found in time.' },
  noise: { name: 'Listen', how: 'Rumble, whine, knock: when, and on which side.' },
  rough: { name: 'Turn it by hand', how: 'Any notch felt means replace.' },
  rust: { name: 'Look for rust', how: 'A rusty sleeve eats new needles.' },
  oil: { name: 'Look at the oil', how: 'Low, black or milky oil has reached the bearings too.' },
  seal_weeping: {
    name: 'Look for weeping seals',
    how: 'Clean round them first, then look where it comes from.',
  },
  free_turn: {
    name: 'Note how freely it turns',
    how: 'The feel before is what the feel after is compared with.',
  },
};

export const FINDING_WORDS: Record<EventBody<'look_noted'>['finding'], string> = {
  good: 'good',
  doubtful: 'doubtful',
  bad: 'bad',
};
export const REMOVAL_WORDS: Record<RemovalWay, { name: string; how: string }> = {
  fall_out_hot: {
    name: 'Heat it until it falls out',
    how: 'Face down on wood, a tap on the casting. Gloves; seals out first.',
  },
  push_from_behind: {
    name: 'Push it out from behind',
    how: 'Driver through the shoulder, receiving cup over the bore’s mouth, support close to it.',
  },
  push_through: {
    name: 'Push it through',
    how: 'Draw bolt or press, receiving cup over the far end. Catch what falls.',
  },
  slide_hammer: {
    name: 'Slide hammer with collet',
    how: 'The largest collet that enters; flare past the far edge, then spread. Light strokes near the end.',
  },
  bridge_puller: { name: 'Bridge puller', how: 'Its feet stand on the face around the bore.' },
  drift_by_quarters: {
    name: 'Drift by opposite quarters',
    how: 'Unhardened steel; 12, 6, 3, 9, so that it does not cock.',
  },
  hook_or_lever: {
    name: 'Hook or lever',
    how: 'From several spots, little by little; a rag or thin wood under it.',
  },
  screw_and_slide_hammer: {
    name: 'Pilot hole, screw, slide hammer',
    how: 'Stop at the break-through: the bearing is behind. Grease on a rag catches the chips. Do not jack it out with the screw: its tip marks the bearing.',
  },
  expanding_puller: {
    name: 'Expanding puller',
    how: 'Through it, spread tight, slide hammer or bridge; rented if need be. Fingers clear of the weight.',
  },
  warm_and_pull: {
    name: 'Warm the casting, then pull',
    how: 'The casting, not the puller: warmth makes the strokes light. Light ones near the end.',
  },
  by_hand: { name: 'By hand', how: 'Lifted or shaken out.' },
  came_with_shaft: { name: 'Came with the shaft', how: 'Off the shaft by puller, split puller or press.' },
  cut: { name: 'Cut it', how: 'Thin, along its axis, never into the seat. Eyes covered.' },
  another: { name: 'Another way', how: 'In your words: what worked is worth writing down.' },
};

export const OBJECTION_WORDS: Record<RemovalObjection, string> = {
  blind_behind: 'nothing can reach it from behind',
  no_room_behind_for_flare: 'no room behind for the collet’s flare',
  face_may_not_carry: 'this face may not carry a puller: it warps',
  like_metals: 'like metals: heat does not part them',
  hotter_than_allowed: 'hotter than this casting takes',
  not_into_heat: 'a tyre, paint or rubber goes with it: not heated',
  other_part_behind: 'the other bearing and the spacer are behind it',
  seal_in_the_heat: 'a seal is still in the casting',
  fit_not_known: 'the fit is not known',
  nothing_to_grip: 'nothing to grip',
  shaft_in_the_way: 'the shaft is in the way',
};

export const AGAINST_WORDS: Record<(typeof AGAINST_REASONS)[number], string> = {
  worked_before: 'Worked before',
  nothing_else_here: 'Nothing else here',
  scrap_anyway: 'Scrap anyway',
  manual_says_so: 'The manual says so',
};

export const FIRST_WORDS: Record<RemovalFirst, string> = {
  seal_out: 'the seal out',
  retaining_ring_out: 'the retaining ring out (glasses on)',
  hidden_part_noted: 'look for what lies hidden under it',
};

export const RACE_WORDS = {
  outer: 'on the outer race',
  inner: 'on the inner race, through the balls',
  shell_rim: 'on the shell’s rim',
  steel_rim: 'on the seal’s steel rim',
} as const;

export const PUT_BACK_WORDS: Record<PieceCheck['state'], string> = {
  waiting: 'not back yet',
  right: 'in its place',
  wrong_side: 'wrong way round',
  wrong_place: 'not in its place',
  wrong_thickness: 'not this piece: another thickness',
};

export const MATE_WORDS: Record<Mate, string> = {
  bore: 'with the bore',
  journal: 'with the shaft',
  old_part: 'with the old part',
};
export const ORDER_WORDS: Record<EventBody<'order_noted'>['state'], string> = {
  ordered: 'ordered',
  promised: 'promised',
  arrived: 'arrived',
  wrong: 'came wrong',
  sent_back: 'sent back',
  cancelled: 'not needed',
};
export const OVERRULE_WORDS: Record<EventBody<'compare_overruled'>['reason'], string> = {
  same_number_as_old: 'Same number as the old one',
  compared_by_eye: 'Compared by eye',
  mate_not_here: 'Its mate is not here',
  known_from_last_time: 'Known from last time',
};
export const DRY_FIT_WORDS: Record<EventBody<'dry_fit_noted'>['result'], string> = {
  good: 'good',
  tight: 'tight',
  loose: 'loose',
  will_not_go: 'will not go',
};
export const CONVERSION_WORDS: Record<
  EventBody<'conversion_noted'>['what'],
  { name: string; changes: string }
> = {
  ball_to_roller: {
    name: 'Ball to separable roller',
    changes: 'No side load possible; end play is set by the casting.',
  },
  ball_to_taper: { name: 'Ball to taper', changes: 'Preload by turning torque; no lip is left for removal.' },
  plain_to_roller_big_end: { name: 'Plain to roller big end', changes: 'Oil feed and balance change.' },
  pin_with_o_ring_groove: { name: 'Pin with an O-ring groove', changes: 'One more O-ring, always new.' },
  other: { name: 'Another conversion', changes: 'Say what it changes.' },
};
export const CLEANING_WORDS: Record<EventBody<'cleaned'>['what'], string> = {
  bore: 'bore',
  oilways: 'oilways',
  threads: 'threads',
  grit: 'blasting grit out',
  pocket: 'pocket behind',
};
export const REMEDY_WORDS: Record<EventBody<'remedy_chosen'>['remedy'], { name: string; check: string }> = {
  sleeve: { name: 'Sleeve', check: 'Sleeve in, bored to size, square: read the bore again.' },
  retaining_compound: {
    name: 'Retaining compound',
    check: 'Cured for its time at its temperature; it may sit off centre by half the gap.',
  },
  solder_tinning: { name: 'Solder tinning, turned to size', check: 'Turned to size: read the bore again.' },
  new_casting: { name: 'Another casting', check: 'Read the new bore.' },
  ream_bore: { name: 'Ream or hone', check: 'Read the bore again.' },
  hold_axially: { name: 'Hold it along the axis', check: 'Plate or ring in place, screws locked.' },
  other_part: { name: 'Another part', check: 'Compare it with both its mates.' },
};
export const SORT_WORDS: Record<PlanPart['what'], string> = {
  bearing: 'bearing',
  seal: 'seal',
  o_ring: 'O-ring',
  gasket: 'gasket',
  retaining_ring: 'retaining ring',
  bush: 'bush',
  sleeve: 'sleeve',
  shim_set: 'shims',
  fastener: 'fastener',
  other: 'other',
};
export const REACH_WORDS: Record<PlanPart['reach'], string> = {
  full_strip: 'a full strip to reach again',
  some_hours: 'some hours to reach again',
  outside: 'reachable from outside',
};
export const WEIGH_WORDS: Record<Weighing['reason'], string> = {
  notch_means_replace: 'A notch means replace.',
  always_new: 'Taken out, it is not used again.',
  later_costs_more: 'Failing later costs more than a new one now.',
  price_outweighs: 'It feels good and costs more than its risk.',
  easy_to_reach: 'It is quickly reached if it does fail.',
};
export const FEEL_WORDS: Record<EventBody<'weighed'>['feel'], string> = {
  perfect: 'perfect',
  fair: 'fair',
  doubtful: 'doubtful',
  notched: 'notched',
};

export const TOOL_NEED_WORDS: Record<ToolNeed['need'], string> = {
  driver: 'a driver',
  receiver: 'a receiving cup',
  collet: 'a collet',
  heat: 'a heat source',
  cold: 'a cold source',
  seal_driver: 'a driver bigger than the seal',
};
export const TOOL_SORT_WORDS: Record<ToolSort, string> = {
  driver: 'drivers',
  socket: 'sockets, by their outside',
  receiver: 'receiving cups',
  collet: 'collets',
  puller: 'pullers',
  blind_puller: 'blind (expanding) pullers',
  ring_pliers: 'retaining-ring pliers',
  seal_hook: 'seal hooks',
  ring_nut_wrench: 'ring-nut wrenches',
  crank_tool: 'crank pullers and installers',
  feelers: 'feelers',
  thread_locker: 'thread locker',
  rod: 'threaded rods',
  press: 'presses',
  clamp: 'clamps',
  heat: 'heat',
  cold: 'cold',
};
export const STOCK_SORT_WORDS: Record<StockSort, string> = {
  shim: 'shims',
  bearing: 'bearings',
  seal: 'seals',
  bush: 'bushes',
  retaining_ring: 'retaining rings',
  o_ring: 'O-rings',
  other: 'other parts',
};
export const TOOL_WAY_WORDS: Record<EventBody<'tool_sorted'>['how'], string> = {
  own: 'It is here after all',
  buy: 'Buy',
  rent: 'Rent',
  borrow: 'Borrow',
  make: 'Turn one',
};

export const BLOCK_WORDS: Record<BlockCode, string> = {
  part_not_compared: 'the part is not compared with both its mates',
  part_doubtful: 'the part is loose in the hand',
  part_wrong: 'the part does not fit its mates',
  part_missing: 'the part is not here',
  other_seat_first: 'another seat comes first',
  seal_left_in: 'an old seal is still in',
  tool_missing: 'no tool for it hangs on the wall',
  remedy_not_checked: 'the repair is not proven',
  seat_slack: 'the seat is slack',
};
