import { checkNumbers, fail, succeed, type Result } from '@/core/quantity/result';

/**
 * Play felt by rocking a wheel, an arm or a shaft, brought back to its bearings.
 *
 * The rim swings by θ = x/R; each of two bearings that stand s apart moves by θ·s/2, so its radial play is x·s/(2·R).
 * x to-and-fro at the rim, R the radius there, s the distance of the bearings; mm. Source: geometry (small angles).
 * Valid: both bearings alike, a stiff shaft. Invalid: `out_of_range`.
 */
export function playAtBearingMm({
  rimPlayMm,
  rimRadiusMm,
  spanMm,
}: {
  rimPlayMm: number;
  rimRadiusMm: number;
  spanMm: number;
}): Result<number> {
  const issues = checkNumbers({
    rimPlayMm: { value: rimPlayMm, min: 0, max: 50 },
    rimRadiusMm: { value: rimRadiusMm, min: 10, max: 600 },
    spanMm: { value: spanMm, min: 5, max: 600 },
  });
  return issues.length > 0 ? fail(...issues) : succeed((rimPlayMm * spanMm) / (2 * rimRadiusMm));
}

/** Radial play that a sound small ball bearing shows when rocked, mm: its own C3 clearance and a little. From memory. */
export const SOUND_PLAY_MM = 0.05;
