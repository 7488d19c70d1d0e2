import { driverFor, pickDrivers } from '@/core/force/driver';
import { guardOf } from '@/core/record/seatFacts';
import type { BoreSpec } from '@/core/record/seatSpec';
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

/** Pushers, receiver and collet for a bearing, by its geometry. */
function needsOfBearing({ part, housing }: BoreSpec, tools: readonly Tool[]): ToolNeed[] {
  if (part.type === 'seal' || part.type === 'bush') return [];
  const driver = driverFor({ ...part, depthToShoulderMm: housing.depthToShoulderMm }, 'outer');
  if (!driver.ok) return [];
  const { outsideMm, lengthMinMm, receiverInsideMinMm } = driver.value;
  const long = tools.filter(isPusher).filter(({ lengthMm }) => lengthMm >= lengthMinMm);
  const insideOf = (tool: Tool) => ('insideMm' in tool ? tool.insideMm : null);
  // The largest collet that enters.
  const colletOf = (tool: Tool) =>
    tool.sort === 'collet' && tool.fromMm <= part.boreMm - 0.2 ? tool.toMm : null;
  const receiver = { min: receiverInsideMinMm, max: receiverInsideMinMm + 30 };
  const collet = { min: part.boreMm, max: part.boreMm + 12 };
  return [
    {
      ...need('driver', PUSHERS, outsideMm, long, outsideOf, NEARLY_MM),
      fits: pickDrivers(driver.value, long),
    },
    need('receiver', ['receiver', 'socket'], receiver, tools, insideOf, NEARLY_MM),
    need('collet', ['collet'], collet, tools, colletOf, NEARLY_MM),
  ];
}

function needsOfBush({ part }: BoreSpec, tools: readonly Tool[]): ToolNeed[] {
  if (part.type !== 'bush') return [];
  const size = { min: part.boreMm + 1, max: part.outsideMm - 0.5 };
  return [need('driver', PUSHERS, size, tools, outsideOf, NEARLY_MM)];
}

/** Deeper than this below the face the casting no longer stops a bigger driver, mm. */
export const BELOW_FLUSH_MM = 1.5;

/** A driver a size bigger than the seal, so that the casting stops it; where it stands below the face, a thin one on its rim. */
function needsOfSeal(spec: BoreSpec, tools: readonly Tool[]): ToolNeed[] {
  const sealMm = (spec.kind === 'seal_in_bore' ? spec.part : guardOf(spec))?.outsideMm;
  if (sealMm === undefined) return [];
  const isBelow =
    spec.kind === 'seal_in_bore' && spec.housing.depthToShoulderMm - spec.part.widthMm > BELOW_FLUSH_MM;
  const size = isBelow ? { min: sealMm - 5, max: sealMm - 0.5 } : { min: sealMm + 0.5, max: sealMm + 20 };
  return [need('seal_driver', PUSHERS, size, tools, outsideOf, NEARLY_MM)];
}

type PlannedHeat = { housingC: number; ringC: number; heatedBy?: HeatSource | undefined };

/** Heat to the planned temperature, even (an oven, a plate) or on the boss alone as planned; cold as the freezer. */
function needsOfHeat({ housingC, ringC, heatedBy }: PlannedHeat, tools: readonly Tool[]): ToolNeed[] {
  const maxOf = (tool: Tool) =>
    tool.sort === 'heat' && tool.isEven === (heatedBy !== 'gun') ? tool.maxC : null;
  const minOf = (tool: Tool) => (tool.sort === 'cold' ? tool.minC : null);
  return [
    ...(housingC > 30 ? [need('heat', ['heat'], { min: housingC, max: 1000 }, tools, maxOf, NEARLY_K)] : []),
    ...(ringC < 10 ? [need('cold', ['cold'], { min: -300, max: ringC + 2 }, tools, minOf, NEARLY_K)] : []),
  ];
}

/** Tools for getting a seat's old part out and its new one in. */
export const pickTools = (
  { spec, planned }: { spec: BoreSpec; planned: PlannedHeat | null },
  tools: readonly Tool[],
): ToolNeed[] => [
  ...needsOfBearing(spec, tools),
  ...needsOfBush(spec, tools),
  ...needsOfSeal(spec, tools),
  ...(planned ? needsOfHeat(planned, tools) : []),
];
