import type { SceneMark, Tone } from '@/ui/drawing/scene';

export type Point = { s: number; part_C?: number; casting_C?: number; clearance_mm?: number };

/** A path as thin strokes: the casting's line in heat, the part's in cold, the clearance in ink. */
export const trace = (id: string, points: readonly [number, number][], tone: Tone): SceneMark => ({
  kind: 'shape',
  id,
  d: `M${points.map(([x, y]) => `${x.toFixed(1)} ${y.toFixed(1)}`).join('L')}`,
  tone,
  hatch: null,
  line: 'trace',
  isFilled: false,
});
