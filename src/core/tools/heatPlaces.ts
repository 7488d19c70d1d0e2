import type { HeatPlace } from '@/core/record/events/heat';
import type { Tool } from './tool';

const asPlace = ({ id, name }: Tool): HeatPlace => ({ toolId: id, name });

/** Ovens of the shop (even heat, not a gun), those that reach `wantedC` first and among them the gentlest: the least that does. */
export function ovensFor(tools: readonly Tool[], wantedC: number): HeatPlace[] {
  const rank = (maxC: number) => (maxC >= wantedC ? maxC - 1e6 : -maxC);
  return tools
    .flatMap((tool) => (tool.sort === 'heat' && tool.isEven ? [tool] : []))
    .sort((a, b) => rank(a.maxC) - rank(b.maxC))
    .map(asPlace);
}

/** Freezers of the shop, the coldest first. */
export const freezersOf = (tools: readonly Tool[]): HeatPlace[] =>
  tools
    .flatMap((tool) => (tool.sort === 'cold' ? [tool] : []))
    .sort((a, b) => a.minC - b.minC)
    .map(asPlace);

/** How much hotter a place is than it says, K; 0 where nobody has said. */
export function offsetOf(tools: readonly Tool[], place: HeatPlace | null): number {
  const tool = tools.find(({ id }) => id === place?.toolId);
  return (tool && 'offsetK' in tool && tool.offsetK) || 0;
}

/** What the dial of an oven says whose air has `airC`, both °C. */
export const dialFor = (airC: number, offsetK: number): number => Math.round(airC - offsetK);

/** An oven is set this much hotter than the casting should become, so that it gets there in a useful time. Common practice, no source. */
const OVEN_ABOVE_K = 15;
const DIAL_STEP_K = 5;

/** Where an oven's dial is set for a casting that should become `wantedC`, both °C. */
export const ovenDialC = (wantedC: number): number =>
  Math.round((wantedC + OVEN_ABOVE_K) / DIAL_STEP_K) * DIAL_STEP_K;
