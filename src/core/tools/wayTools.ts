import type { WayIn } from '@/core/heat/wayIn';
import { isChilled, isHeated } from '@/core/heat/waySorts';
import type { BoreSpec } from '@/core/record/seatSpec';
import type { Way } from '@/core/record/vocabulary';
import { pickTools } from './pickTools';
import { isAtHand } from './atHand';
import type { Tool } from './tool';

/** What a way in needs, and what of it the shop has. */
export type WayTool = {
  need: 'driver' | 'press' | 'clamp' | 'rod' | 'oven' | 'hot_air' | 'freezer';
  /** `lent`: it is the shop's, and away. */
  state: 'owned' | 'lent' | 'missing';
  /** The tool that serves; null: none does. */
  name: string | null;
  /** Who has it. */
  lentTo?: string | undefined;
};

/** What decides which tools a way needs. */
export type WayOfTools = Pick<WayIn, 'way' | 'heatedBy' | 'housingC' | 'ringC' | 'forceN'>;

const PUSHED_WITH: Partial<Record<Way, readonly WayTool['need'][]>> = {
  drive: ['driver'],
  press: ['press', 'driver'],
  draw_in: ['rod', 'driver'],
  clamp: ['clamp'],
  chill_press: ['press', 'driver'],
  warm_tap: ['driver'],
  warm_draw: ['rod', 'driver'],
};

const needsOf = ({ way, heatedBy }: WayOfTools): WayTool['need'][] => [
  ...(PUSHED_WITH[way] ?? []),
  ...(isHeated(way) ? [heatedBy === 'gun' ? ('hot_air' as const) : ('oven' as const)] : []),
  ...(isChilled(way) ? ['freezer' as const] : []),
];

/** Tools that serve a need of this way at this seat. */
function serving(need: WayTool['need'], spec: BoreSpec, way: WayOfTools, tools: readonly Tool[]): Tool[] {
  const mostN = way.forceN?.high ?? 0;
  if (need === 'driver')
    return pickTools({ spec, planned: null }, tools).find((each) => each.need === 'driver')?.fits ?? [];
  return tools.filter((tool) => {
    if (need === 'oven') return tool.sort === 'heat' && tool.isEven && tool.maxC >= way.housingC;
    if (need === 'hot_air') return tool.sort === 'heat' && !tool.isEven && tool.maxC >= way.housingC;
    if (need === 'freezer') return tool.sort === 'cold' && tool.minC <= way.ringC + 2;
    if (tool.sort === 'rod') return need === 'rod';
    return tool.sort === need && 'maxN' in tool && tool.maxN >= mostN;
  });
}

/** The tools of one way, each with the one that serves; empty where nothing hangs on the wall, or a hand does. */
export function toolsForWay(spec: BoreSpec, way: WayOfTools, tools: readonly Tool[]): WayTool[] {
  if (tools.length === 0) return [];
  return needsOf(way).map((need) => {
    const all = serving(need, spec, way, tools);
    const own = all.find(isAtHand);
    const found = own ?? all[0];
    return {
      need,
      name: found?.name ?? null,
      state: own ? 'owned' : found ? 'lent' : 'missing',
      ...(found?.lentTo && !own && { lentTo: found.lentTo }),
    };
  });
}
