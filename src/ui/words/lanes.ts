import type { LaneCode } from '@/core/heat/lanes';
import type { Way } from '@/core/record/vocabulary';
import type { WayTool } from '@/core/tools/wayTools';

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

export const WAY_TOOL_WORDS: Record<WayTool['need'], string> = {
  driver: 'driver',
  press: 'press',
  clamp: 'clamp or vice',
  rod: 'rod',
  oven: 'oven',
  hot_air: 'hot air',
  freezer: 'freezer',
};
