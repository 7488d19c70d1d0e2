import type { JudgedPass } from '@/core/job/squarePasses';

/** One pass as a leaning stroke in the bore, seen from the side; exaggerated. Data for the drawing. */
export type TrailStroke = { pass: number; x: number; leanPx: number; tiltMm: number; isLast: boolean };

const LARGEST_LEAN_PX = 46;

/** Passes from left to right, each leaning by its tilt, converging on home. Strokes share one scale. */
export function buildTrail(
  passes: readonly JudgedPass[],
  { left, right }: { left: number; right: number },
): { strokes: TrailStroke[]; factor: number } {
  const judged = passes.flatMap((pass) =>
    pass.result ? [{ pass: pass.pass, tiltMm: pass.result.tiltAcrossRingMm }] : [],
  );
  const largest = Math.max(0.02, ...judged.map(({ tiltMm }) => tiltMm));
  const step = judged.length > 0 ? (right - left) / (judged.length + 1) : 0;
  return {
    factor: LARGEST_LEAN_PX / largest,
    strokes: judged.map(({ pass, tiltMm }, i) => ({
      pass,
      tiltMm,
      x: left + step * (i + 0.5),
      leanPx: (tiltMm / largest) * LARGEST_LEAN_PX,
      isLast: i === judged.length - 1,
    })),
  };
}
