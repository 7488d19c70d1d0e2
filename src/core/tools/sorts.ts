import type { Tool, ToolSort } from './tool';

/** Sorts of tool in the order in which they hang. */
export const TOOL_SORTS: readonly ToolSort[] = [
  'driver',
  'socket',
  'receiver',
  'collet',
  'puller',
  'blind_puller',
  'rod',
  'press',
  'clamp',
  'heat',
  'cold',
  'ring_pliers',
  'seal_hook',
  'ring_nut_wrench',
  'crank_tool',
  'feelers',
  'thread_locker',
];

/** The diameter by which a tool is drawn on the wall; null for what has none. */
export function drawnDiameterMm(tool: Tool): number | null {
  switch (tool.sort) {
    case 'driver':
    case 'socket':
    case 'receiver':
      return tool.outsideMm;
    case 'collet':
    case 'puller':
    case 'blind_puller':
      return tool.toMm;
    case 'rod':
      return tool.threadMm;
    default:
      return null;
  }
}

/** Sorts of what lies in the drawers: what a job uses up, not what it works with. */
export const STOCK_SORTS = ['shim', 'bearing', 'seal', 'bush', 'retaining_ring', 'o_ring', 'other'] as const;
