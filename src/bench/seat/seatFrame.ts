import type { BoreSpec } from '@/core/record/seatSpec';

/** From millimetres (radius from the axis, depth below the face) to px of the drawing. */
export type Frame = { x: (rMm: number) => number; y: (zMm: number) => number; pxPerMm: number };

/**
 * The half-section of a seat, to scale from its numbers: axis on the left, the face that the part goes in from on top.
 * Rules of technical drawing (ISO 128): section hatching at 45°, falling for the part and rising for the casting, centre line
 * dash-dot, thin dimension lines. Parts not yet in are ghosts. The fit is drawn exaggerated and says by how much.
 */
export type SeatSectionInput = {
  spec: BoreSpec;
  width: number;
  height: number;
  /** Fit to show, mm on diameter: positive is clear, negative is tight; null: not known. */
  gap: { clearanceMm: number; figure: string; word: string } | null;
  bearingIs: 'in' | 'not_in';
  /** Temperatures to write into the metal; null: at room temperature, nothing written. */
  castingHot: string | null;
  bearingCold: string | null;
  /** A nominal size in the person's unit. */
  say: (mm: number) => string;
  measured: { boreText: string | null; outsideText: string | null };
  sealIs: 'in' | 'not_in' | 'none';
};

/** Room for the diameters above, the seal's below, the depths on the right (the web runs on under them, then is broken off). */
export const MARGIN = { top: 96, bottom: 42, left: 34, right: 112 };

export const WEB_PX = 100;

export function frameFor({ spec, width, height }: SeatSectionInput): Frame {
  const bossR = spec.housing.bossOutsideMm / 2;
  const { top, bottom, left, right } = MARGIN;
  const pxPerMm = Math.min(
    (width - left - right) / bossR,
    (height - top - bottom) / spec.housing.bossHeightMm,
  );
  return { pxPerMm, x: (rMm) => left + rMm * pxPerMm, y: (zMm) => top + zMm * pxPerMm };
}

export const n = (value: number) => value.toFixed(1);
