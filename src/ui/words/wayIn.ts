import type { MildReason } from '@/core/heat/mildest';
import type { LaneCode } from '@/core/heat/lanes';
import type { WayRisk } from '@/core/heat/wayIn';
import type { WayTool } from '@/core/tools/wayTools';
import type { CastingStuff, HeatSource, STOPS, Way } from '@/core/record/vocabulary';

/** Where heat comes from, where a way needs any. */
export const HEAT_FROM_WORDS: Record<HeatSource, string> = {
  oven: 'oven, all of it',
  gun: 'hot air, the boss',
};

/** What a part that nothing in the bore stops is brought up to. */
export const STOP_WORDS: Record<(typeof STOPS)[number], string> = {
  plate: 'A plate behind',
  washer: 'A washer as gauge',
  stepped_pusher: 'A stepped pusher',
};

/** Why the proposed way is proposed. */
export const MILD_WORDS: Record<MildReason, string> = {
  goes_in_by_hand: 'As measured it goes in by hand.',
  light_fit: 'A light fit: cold does it no harm, and is ready at once.',
  steel_seat: 'A steel seat: heat gives little, cold force does not score it.',
  nothing_stops_it: 'Set to a depth: warm, it creeps there under light blows.',
  does_not_go_into_an_oven: 'What holds it is not heated: cold, square, with a tool that gives the force.',
  real_nip_in_alloy:
    'A real nip in light alloy: pressed cold it scores the bore and is looser each time; warm, it drops.',
  seal_is_rubber: 'Rubber goes in cold.',
  tools_of_this_job: 'Its own press tool holds it square.',
};

/** What else may be on a casting that heat spoils. */
export const CASTING_STUFF_WORDS: Record<CastingStuff, string> = {
  plastic_slider: 'Plastic slider',
  paint: 'Paint',
  powder_coat: 'Powder coat',
  adhesive: 'Glue or threadlocker',
};

/** A lane by its heat and cold. */
export const LANE_WORDS: Record<LaneCode, string> = {
  cold: 'Cold',
  chilled: 'From the freezer',
  warm: 'Warm',
  heated: 'Hot casting',
  heated_chilled: 'Hot casting, cold bearing',
  hot_air: 'Hot air on the boss',
};

/** How the part is moved, beside the name of its lane. */
export const BY_WORDS: Record<Way, string> = {
  by_hand: 'by hand',
  drive: 'drive',
  press: 'press',
  draw_in: 'draw in',
  clamp: 'clamp',
  chill: 'drop',
  chill_press: 'press',
  warm_tap: 'light blows',
  warm_draw: 'draw in',
  heat: 'drop',
  heat_chill: 'drop',
};

/** What schools say of a lane: each has its place. Common practice, no source. */
export const LANE_SCHOOLS: Record<LaneCode, (degrees: (celsius: number) => string) => string> = {
  cold: () => 'One school never heats: a press, or driver and ear. Another has no hammer near a bearing.',
  chilled: () => 'One school chills only: over night in the freezer, then a press.',
  warm: () => 'Hot air into the pocket while the rest stays touchable, then it is walked in.',
  heated: (degrees) =>
    `Schools heat to ${degrees(95)}–${degrees(120)}, to ${degrees(130)}–${degrees(145)} (small magnesium), to ${degrees(180)} (oven). Here: what the fit needs, and a margin.`,
  heated_chilled: () => 'The least heat for the same clearance; the bearing is carried on ice.',
  hot_air: (degrees) =>
    `Gun or small torch to ${degrees(95)}–${degrees(120)}; an oven is kinder, as it is even.`,
};

export const WAY_TOOL_WORDS: Record<WayTool['need'], string> = {
  driver: 'driver',
  press: 'press',
  clamp: 'clamp or vice',
  rod: 'rod',
  oven: 'oven',
  hot_air: 'hot air',
  freezer: 'freezer',
};

/** A risk in a few words; those that carry figures are said beside them. */
export const RISK_WORDS: Record<Exclude<WayRisk['what'], 'ceiling_near' | 'lets_go' | 'temper'>, string> = {
  scores_bore: 'scores the bore',
  cocks: 'cocks easily',
  grabs_when_cool: 'grabs if it is slow',
  warms_on_the_way: 'warms as it is pressed',
  boss_only: 'the cold web holds the bore back',
  frost: 'frost: wipe, oil',
  burns: 'burns',
};
