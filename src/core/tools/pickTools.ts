import { driverFor, pickDrivers } from '@/core/force/driver';
import type { SeatSpec } from '@/core/record/job';
import type { HeatSource } from '@/core/record/vocabulary';
import type { Tool, ToolSort } from './tool';

/** What one seat needs from the tool wall, and what there serves. */
export type ToolNeed = {
  need: 'driver' | 'receiver' | 'collet' | 'heat' | 'cold' | 'seal_driver';
  /** Sorts of tool that can serve. */
  sorts: readonly ToolSort[];
  /** What the size must be, mm or °C; the words beside it are the interface's. */
  min: number;
  max: number;
  fits: Tool[];
  /** Off by little: what it misses by, in the same unit. */
  nearly: { tool: Tool; by: number }[];
};

/** How far off still counts as nearly. Common practice, no source. */
const NEARLY_MM = 2;
const NEARLY_K = 15;

function need(
  kind: ToolNeed['need'],
  sorts: readonly ToolSort[],
  { min, max }: { min: number; max: number },
  tools: readonly Tool[],
  sizeOf: (tool: Tool) => number | null,
  nearly: number,
): ToolNeed {
  const sized = tools
    .filter((tool) => sorts.includes(tool.sort))
    .flatMap((tool) => {
      const size = sizeOf(tool);
      return size === null ? [] : [{ tool, size }];
    });
  const missesBy = (size: number) => (size < min ? min - size : size > max ? size - max : 0);
  return {
    need: kind,
    sorts,
    min,
    max,
    // The biggest spreads the force best, and heats or cools with the most in hand.
    fits: sized
      .filter(({ size }) => missesBy(size) === 0)
      .sort((a, b) => b.size - a.size)
      .map(({ tool }) => tool),
    nearly: sized
      .map(({ tool, size }) => ({ tool, by: missesBy(size) }))
      .filter(({ by }) => by > 0 && by <= nearly)
      .sort((a, b) => a.by - b.by),
  };
}

const PUSHERS = ['driver', 'socket'] as const;
const isPusher = (tool: Tool): tool is Extract<Tool, { sort: (typeof PUSHERS)[number] }> =>
  (PUSHERS as readonly ToolSort[]).includes(tool.sort);

const outsideOf = (tool: Tool) => ('outsideMm' in tool ? tool.outsideMm : null);

/**
 * Tools for getting a seat's old part out and its new one in. Driver by the part's geometry (`force/driver`); receiver bigger than the part;
 * the largest collet that enters; heat to the planned temperature, even (an oven, a plate) or on the boss alone as planned; cold as the freezer; a seal driver a size bigger than the seal.
 */
export function pickTools(
  {
    spec,
    planned,
  }: {
    spec: SeatSpec;
    planned: { housingC: number; ringC: number; heatedBy?: HeatSource | undefined } | null;
  },
  tools: readonly Tool[],
): ToolNeed[] {
  const { part, housing, seal } = spec;
  const needs: ToolNeed[] = [];
  const type = part.type ?? 'deep_groove';
  const isSealOnly = type === 'seal';
  const driver =
    isSealOnly || type === 'bush'
      ? null
      : driverFor({ ...part, type, depthToShoulderMm: housing.depthToShoulderMm }, 'outer');
  if (driver?.ok) {
    const { outsideMm, lengthMinMm, receiverInsideMinMm } = driver.value;
    const long = tools.filter(isPusher).filter(({ lengthMm }) => lengthMm >= lengthMinMm);
    needs.push({
      ...need('driver', PUSHERS, outsideMm, long, outsideOf, NEARLY_MM),
      fits: pickDrivers(driver.value, long),
    });
    needs.push(
      need(
        'receiver',
        ['receiver', 'socket'],
        { min: receiverInsideMinMm, max: receiverInsideMinMm + 30 },
        tools,
        (tool) => ('insideMm' in tool ? tool.insideMm : null),
        NEARLY_MM,
      ),
    );
    needs.push(
      need(
        'collet',
        ['collet'],
        { min: part.boreMm, max: part.boreMm + 12 },
        tools,
        (tool) => (tool.sort === 'collet' && tool.fromMm <= part.boreMm - 0.2 ? tool.toMm : null),
        NEARLY_MM,
      ),
    );
  }
  if (type === 'bush')
    needs.push(
      need(
        'driver',
        PUSHERS,
        { min: part.boreMm + 1, max: part.outsideMm - 0.5 },
        tools,
        outsideOf,
        NEARLY_MM,
      ),
    );
  const sealMm = isSealOnly ? part.outsideMm : seal?.outsideMm;
  if (sealMm !== undefined)
    needs.push(
      need('seal_driver', PUSHERS, { min: sealMm + 0.5, max: sealMm + 20 }, tools, outsideOf, NEARLY_MM),
    );
  if (planned && planned.housingC > 30)
    needs.push(
      need(
        'heat',
        ['heat'],
        { min: planned.housingC, max: 1000 },
        tools,
        (tool) => (tool.sort === 'heat' && tool.isEven === (planned.heatedBy !== 'gun') ? tool.maxC : null),
        NEARLY_K,
      ),
    );
  if (planned && planned.ringC < 10)
    needs.push(
      need(
        'cold',
        ['cold'],
        { min: -300, max: planned.ringC + 2 },
        tools,
        (tool) => (tool.sort === 'cold' ? tool.minC : null),
        NEARLY_K,
      ),
    );
  return needs;
}
