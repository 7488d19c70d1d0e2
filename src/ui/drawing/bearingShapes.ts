import type { FittedType } from '@/core/catalogue/bearings/inside';
import { polygonPath, type SceneMark, type Tone } from './scene';

/**
 * The half of a rolling bearing right of its axis, in section, with its rolling elements: balls, rollers, tapers, needles.
 * Section hatching falls for the part (ISO 128); the rolling elements are not hatched, as they are not cut lengthwise.
 */
export type DrawnBearing = {
  part: {
    boreMm: number;
    outsideMm: number;
    widthMm: number;
    chamferMm: number;
    type: FittedType;
    /** Left out: open, or not a bearing. */
    closure?: 'open' | 'shielded' | 'sealed';
  };
  x: (radiusMm: number) => number;
  pxPerMm: number;
  topPx: number;
  bottomPx: number;
  tone: Tone;
  /** A part that is not in yet is a ghost. */
  line: 'outline' | 'ghost';
};

export const n = (value: number) => value.toFixed(1);

export const circlePath = (cx: number, cy: number, r: number) =>
  `M${n(cx - r)} ${n(cy)}A${n(r)} ${n(r)} 0 1 1 ${n(cx + r)} ${n(cy)}A${n(r)} ${n(r)} 0 1 1 ${n(cx - r)} ${n(cy)}Z`;

export const rectangle = (left: number, right: number, top: number, bottom: number) =>
  polygonPath([
    [left, top],
    [right, top],
    [right, bottom],
    [left, bottom],
  ]);

/** A filled block without an outline. */
export const block = (
  id: string,
  tone: Tone,
  [left, right]: readonly [number, number],
  [from, to]: readonly [number, number],
): SceneMark => ({
  kind: 'shape',
  id,
  d: rectangle(left, right, from, to),
  tone,
  hatch: null,
  line: 'none',
  isFilled: true,
});

type Shape = (id: string, d: string) => SceneMark;

export const shapesOf = ({ tone, line }: DrawnBearing): { race: Shape; element: Shape } => ({
  race: (id, d) => ({ kind: 'shape', id, d, tone, hatch: 'falling', line, isFilled: true }),
  element: (id, d) => ({ kind: 'shape', id, d, tone: 'plain', hatch: null, line, isFilled: true }),
});
