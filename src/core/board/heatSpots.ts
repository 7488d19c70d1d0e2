import type { Tool } from '@/core/tools/tool';
import { isAtHand } from '@/core/tools/atHand';
import type { HeatSpot } from './heatSchedule';

/** An oven, a hot-air gun or a freezer of the shop, as the board draws it. */
export type ShopSpot = HeatSpot & {
  name: string;
  /** Of a freezer: as cold as it becomes, °C; else null. */
  coldC: number | null;
  /** How much hotter it is than it says, K. */
  offsetK: number;
  /** Who has it, while it is away: nothing is planned in it. */
  lentTo: string | null;
};

/** Castings in an oven or under a gun, parts in a freezer, where nobody said how many. Common practice, no source. */
const USUALLY_HOLDS = { oven: 1, hot_air: 1, freezer: 40 } as const;

const KINDS = ['oven', 'hot_air', 'freezer'] as const;

/** Stands for the one that every shop has, where none hangs on the wall: nothing is refused for want of a list. */
const unnamed = (kind: HeatSpot['kind']): ShopSpot => ({
  key: `any_${kind}`,
  kind,
  name: { oven: 'Oven', hot_air: 'Hot air', freezer: 'Freezer' }[kind],
  holds: USUALLY_HOLDS[kind],
  reachesC: null,
  coldC: null,
  offsetK: 0,
  lentTo: null,
});

function spotOf(tool: Tool): ShopSpot[] {
  if (tool.sort !== 'heat' && tool.sort !== 'cold') return [];
  const kind = tool.sort === 'cold' ? 'freezer' : tool.isEven ? 'oven' : 'hot_air';
  return [
    {
      key: tool.id,
      kind,
      name: tool.name,
      holds: tool.holds ?? USUALLY_HOLDS[kind],
      reachesC: tool.sort === 'heat' ? tool.maxC : null,
      coldC: tool.sort === 'cold' ? tool.minC : null,
      offsetK: tool.offsetK ?? 0,
      lentTo: tool.lentTo ?? null,
    },
  ];
}

/** The least that does first: of two ovens that are hot enough, the gentler. */
const byNeed = (a: ShopSpot, b: ShopSpot) =>
  KINDS.indexOf(a.kind) - KINDS.indexOf(b.kind) ||
  (a.reachesC ?? 0) - (b.reachesC ?? 0) ||
  (a.coldC ?? 0) - (b.coldC ?? 0) ||
  (a.key < b.key ? -1 : 1);

/** Ovens, hot air and freezers of a shop. */
export function spotsOf(tools: readonly Tool[]): ShopSpot[] {
  const own = tools.flatMap(spotOf);
  const missing = KINDS.filter((kind) => !own.some((spot) => spot.kind === kind));
  return [...own, ...missing.map(unnamed)].sort(byNeed);
}

/** Those in which something can be planned now. */
export const spotsAtHand = (spots: readonly ShopSpot[]): ShopSpot[] =>
  spots.filter(({ lentTo }) => isAtHand({ lentTo: lentTo ?? undefined }));
