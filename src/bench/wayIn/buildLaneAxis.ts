import type { Lane, LaneCode } from '@/core/heat/lanes';
import type { WayIn } from '@/core/heat/wayIn';

/** The lanes as they are drawn: all on one axis of clearance, shares of its length from its tight end. */
export type LaneAxis = {
  ticks: { mm: number; share: number }[];
  zeroShare: number;
  wantedShare: number;
  bars: Record<LaneCode, LaneBar>;
};

/** A clearance with its band of 2u. */
export type LaneBar = { low: number; middle: number; high: number; fill: 'plain' | 'cold' | 'heat' };

const FILL: Record<LaneCode, LaneBar['fill']> = {
  cold: 'plain',
  chilled: 'cold',
  warm: 'heat',
  heated: 'heat',
  heated_chilled: 'heat',
  hot_air: 'heat',
};

const bandOf = ({ clearanceMm: { value, u } }: WayIn) => [value - 2 * u, value + 2 * u] as const;

/** Left and right of the outermost bars, as a share of what lies between them. */
const MARGIN = 0.06;

/** The step that gives four to eight ticks of 1, 2 or 5 times a power of ten. */
function stepFor(span: number): number {
  const rough = span / 6;
  const power = 10 ** Math.floor(Math.log10(rough));
  return [1, 2, 5, 10].map((each) => each * power).find((step) => step >= rough)!;
}

/**
 * @param shown the way that each lane shows @param wantedMm the clearance wanted, mm
 * @param perUnit what one unit of the axis's figures is in mm: ticks are round in it
 */
export function buildLaneAxis(
  lanes: readonly Lane[],
  shown: (lane: Lane) => WayIn,
  wantedMm: number,
  perUnit: number,
): LaneAxis {
  const edges = lanes.flatMap((lane) => bandOf(shown(lane)));
  const low = Math.min(0, ...edges);
  const high = Math.max(wantedMm * 1.2, ...edges);
  const margin = (high - low) * MARGIN;
  const [fromMm, toMm] = [low - margin, high + margin];
  const stepMm = stepFor((toMm - fromMm) / perUnit) * perUnit;
  const [first, last] = [Math.ceil(fromMm / stepMm), Math.floor(toMm / stepMm)];
  const share = (mm: number) => (mm - fromMm) / (toMm - fromMm);
  const barOf = (lane: Lane): LaneBar => {
    const way = shown(lane);
    const [from, to] = bandOf(way);
    return { low: share(from), middle: share(way.clearanceMm.value), high: share(to), fill: FILL[lane.lane] };
  };
  return {
    ticks: Array.from({ length: last - first + 1 }, (_, i) => {
      const mm = (first + i) * stepMm;
      return { mm, share: share(mm) };
    }),
    zeroShare: share(0),
    wantedShare: share(wantedMm),
    bars: Object.fromEntries(lanes.map((lane) => [lane.lane, barOf(lane)])) as Record<LaneCode, LaneBar>,
  };
}
