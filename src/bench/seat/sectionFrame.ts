/** From millimetres (radius from the axis, depth below the face) to px of the drawing. */
export type Frame = { x: (rMm: number) => number; y: (zMm: number) => number; pxPerMm: number };
