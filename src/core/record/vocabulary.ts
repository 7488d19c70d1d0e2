/**
 * The fixed words of a job's plan. Apart from its schemas, so that a page which only shows a job does not load what checks one.
 */

/** What tells that a casting is at least, or less than, so hot, where nothing measures it. */
export const FELT_BY = ['stick', 'water_drop'] as const;
export type FeltBy = (typeof FELT_BY)[number];

/** How a part came home: it fell, it was helped, or it was drawn. */
export const HOME_HOWS = ['by_itself', 'with_taps', 'drawn_in'] as const;
export type HomeHow = (typeof HOME_HOWS)[number];

/** Steps of getting a part out that hangs half way in its bore: it is out, and what its bore looks like. */
export const RESCUE_STEPS = ['backed_out', 'bore_clean', 'bore_scored'] as const;
export type RescueStep = (typeof RESCUE_STEPS)[number];

/** Steps of the walk through a job, in their order. */
export const STEPS = [
  'look',
  'strip',
  'stacks',
  'parts',
  'measure',
  'way_in',
  'heat_run',
  'square',
  'seal',
  'float',
  'work',
  'record',
] as const;
export type Step = (typeof STEPS)[number];

/** Stages of the work over the whole job, in their order: everything is out before anything new goes in. */
export const STAGES = [
  'look',
  'access',
  'out',
  'clean',
  'parts',
  'measure',
  'in',
  'square',
  'shaft',
  'close',
  'prove',
] as const;
export type Stage = (typeof STAGES)[number];

/** How much the walk through a job asks for and says. */
export const WALKS = ['quick', 'full', 'taught'] as const;
export type WalkStyle = (typeof WALKS)[number];

/** Where the heat comes from: an oven for the whole casting, or hot air (a torch) on the boss alone. */
export const HEAT_SOURCES = ['oven', 'gun'] as const;
export type HeatSource = (typeof HEAT_SOURCES)[number];

/** What a hot casting lies on once it is out of the heat. */
export const RESTS = ['wood', 'bare_steel', 'vise', 'hung'] as const;
export type Rest = (typeof RESTS)[number];

/** What is looked at before anything is taken apart. */
export const CHECKS = ['rock', 'noise', 'rough', 'rust', 'oil', 'seal_weeping', 'free_turn'] as const;
export type Check = (typeof CHECKS)[number];

export const PART_SORTS = [
  'bearing',
  'seal',
  'o_ring',
  'gasket',
  'retaining_ring',
  'bush',
  'sleeve',
  'shim_set',
  'fastener',
  'other',
] as const;
export type PartSort = (typeof PART_SORTS)[number];

/** Why one seat must be filled before another. */
export const ORDER_REASONS = [
  'inner_first',
  'seal_behind',
  'no_room_later',
  'shaft_between',
  'spacer_between',
  'needs_the_heat',
  'guided_by_open_end',
] as const;
export type OrderReason = (typeof ORDER_REASONS)[number];

/** What the thing is that holds the seats: it says where heat may come from. */
export const WORKPIECES = ['bare_casting', 'engine_in_frame', 'frame_or_arm', 'wheel'] as const;
export type Workpiece = (typeof WORKPIECES)[number];

/**
 * How a part goes in. `drive`: hammer and driver. `warm_tap`: into a warm casting by light blows, creeping to depth. `warm_draw`: into a
 * warm casting by a threaded rod, which then needs little force.
 */
export const WAYS_IN = [
  'by_hand',
  'drive',
  'press',
  'draw_in',
  'clamp',
  'chill',
  'chill_press',
  'warm_tap',
  'warm_draw',
  'heat',
  'heat_chill',
] as const;
export type Way = (typeof WAYS_IN)[number];

/** What may be on a casting, beside seals, that heat spoils: a plastic slider, paint, powder coat, glued or locked parts. */
export const CASTING_STUFF = ['plastic_slider', 'paint', 'powder_coat', 'adhesive'] as const;
export type CastingStuff = (typeof CASTING_STUFF)[number];

export const SKIP_REASONS = [
  'not_on_this_machine',
  'done_before',
  'not_worth_it',
  'manual_says_otherwise',
] as const;
export const WAIT_REASONS = ['parts', 'customer', 'tool', 'machinist', 'cooling', 'other'] as const;
export const FINDINGS = ['good', 'doubtful', 'bad'] as const;
export const FEELS = ['perfect', 'fair', 'doubtful', 'notched'] as const;
export const REMOVAL_WAYS = [
  'fall_out_hot',
  'push_from_behind',
  'push_through',
  'slide_hammer',
  'bridge_puller',
  'drift_by_quarters',
  'hook_or_lever',
  'screw_and_slide_hammer',
  'expanding_puller',
  'warm_and_pull',
  'by_hand',
  'came_with_shaft',
  'cut',
  'another',
] as const;
/** How a bearing or cone comes off its shaft, and how it goes on: by the inner race, always. */
export const SHAFT_OFF_WAYS = [
  'by_hand',
  'press_out',
  'split_puller',
  'puller',
  'warm_off',
  'cut',
  'another',
] as const;
export type ShaftOffWay = (typeof SHAFT_OFF_WAYS)[number];
export const SHAFT_ON_WAYS = [
  'by_hand',
  'drive',
  'press',
  'draw_in',
  'warm',
  'chill',
  'warm_and_chill',
  'another',
] as const;
export type ShaftOnWay = (typeof SHAFT_ON_WAYS)[number];
/** What warms a bearing for its shaft: a plate, an oil bath, an oven, or hot air on its inner race. */
export const RACE_HEATS = ['plate', 'bath', 'oven', 'gun'] as const;
export type RaceHeat = (typeof RACE_HEATS)[number];
/** Why a way that speaks against itself was taken all the same. */
export const AGAINST_REASONS = [
  'worked_before',
  'nothing_else_here',
  'scrap_anyway',
  'manual_says_so',
] as const;

/** What holds a fastener against working loose. */
export const LOCKINGS = [
  'none',
  'medium_locker',
  'strong_locker',
  'split_pin',
  'tab',
  'peened',
  'lock_pin',
] as const;
export type Locking = (typeof LOCKINGS)[number];
export const FASTENER_STATES = ['good', 'rusted', 'ground_off', 'substituted', 'thread_damaged'] as const;

/** What stops a part that no shoulder stops, once it is set up. */
export const STOPS = ['plate', 'washer', 'stepped_pusher'] as const;

/** Findings at a seat that change a later step. */
export const SEAT_FINDINGS = ['scored_bed', 'worn_track', 'damaged_face', 'turned_in_seat'] as const;
export type SeatFinding = (typeof SEAT_FINDINGS)[number];

/** A weak point on a round. `watch`: a little, to be looked at again; `bad`: it gets a job. */
export const POINT_FINDINGS = ['good', 'watch', 'bad'] as const;
export type PointFinding = (typeof POINT_FINDINGS)[number];

/** Signs by which a part is known to be home without a gauge. `mark_met`: the driver's line came to the casting's face. */
export const HOME_SIGNS = ['even_gap', 'note_changed', 'went_stiff', 'flush', 'mark_met'] as const;
/** What the device’s ear made of the blows that drove it. */
export const NOTES_HEARD = ['same', 'changed', 'cannot_tell'] as const;

/** What says how deep a part goes. `mating_step`: a step of the part that goes with it; `washer`: one laid over it as a gauge. */
export const DEPTH_SOURCES = ['shoulder', 'number', 'flush', 'as_found', 'mating_step', 'washer'] as const;
export type DepthSource = (typeof DEPTH_SOURCES)[number];
export const PIECES = [
  'shim',
  'washer',
  'thrust_washer',
  'spacer',
  'collar',
  'circlip',
  'gear',
  'other',
] as const;
/** Which side of a piece faces outward, toward the shaft’s end. */
export const SIDES = ['either', 'chamfer_out', 'flat_out', 'mark_out', 'notch_out'] as const;
export const CONVERSIONS = [
  'ball_to_roller',
  'ball_to_taper',
  'plain_to_roller_big_end',
  'pin_with_o_ring_groove',
  'other',
] as const;
export const ORDER_STATES = ['ordered', 'promised', 'arrived', 'wrong', 'sent_back', 'cancelled'] as const;
export const OVERRULE_REASONS = [
  'same_number_as_old',
  'compared_by_eye',
  'mate_not_here',
  'known_from_last_time',
] as const;
export const CLEANINGS = ['bore', 'oilways', 'threads', 'grit', 'pocket'] as const;
export const REMEDIES = [
  'sleeve',
  'retaining_compound',
  'solder_tinning',
  'new_casting',
  'ream_bore',
  'hold_axially',
  'other_part',
] as const;
export const TOOL_WAYS = ['own', 'buy', 'rent', 'borrow', 'make'] as const;

/** A key from a name: small letters, digits, underscores. */
export const keyFrom = (text: string): string =>
  text
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '_')
    .replace(/^_+|_+$/g, '')
    .slice(0, 60) || 'x';

/** What a job is called until somebody says which machine it is. */
export const UNNAMED_MACHINE = 'Machine not named yet';

/** As many instruments as are remembered for one family of slots, the last taken first. */
export const REMEMBERED_MAX = 6;

/** Metals that a casting can be of. */
export const CASTING_METALS = [
  'alsi9cu3',
  'alsi7mg_t6',
  'al6061_t6',
  'az91',
  'mild_steel',
  'grey_iron',
] as const;

/** A key from a name that none of those taken is. */
export function freeKey(text: string, taken: ReadonlySet<string>): string {
  const base = keyFrom(text);
  let key = base;
  for (let n = 2; taken.has(key); n += 1) key = `${base.slice(0, 56)}_${n}`;
  return key;
}

/** Keys from names, the second of a name numbered. */
export function withKeys<T extends { name: string }>(items: readonly T[]): (T & { key: string })[] {
  const taken = new Set<string>();
  return items.map((item) => {
    const key = freeKey(item.name, taken);
    taken.add(key);
    return { ...item, key };
  });
}

/** Temperatures that metal on a bench is read at, °C: what a reading may carry. */
export const METAL_C = { min: -60, max: 300 } as const;
