import { rootSumSquare, type Measured } from '@/core/quantity/measured';

/**
 * A shaft turned under a dial: what swings once a turn is its run-out, and where it is highest. First harmonic of the readings by least
 * squares, z(θ) = z₀ + a·cosθ + b·sinθ; TIR = 2·√(a² + b²), u(TIR) = 2σ·√(2/n) (JCGM 100). From three places round it.
 */
export type Turned = { tirMm: Measured; highDeg: number };

export const LEAST_PLACES = 3;

/** Invalid: null with fewer than three places, or all of them on one line. */
export function describeTurned(
  readings: readonly { angleDeg: number; mm: number }[],
  sigmaMm: number,
): Turned | null {
  if (new Set(readings.map(({ angleDeg }) => angleDeg % 360)).size < LEAST_PLACES) return null;
  const rows = readings.map(({ angleDeg, mm }) => {
    const angle = (angleDeg * Math.PI) / 180;
    return { c: Math.cos(angle), s: Math.sin(angle), mm };
  });
  const n = rows.length;
  const sum = (of: (row: (typeof rows)[number]) => number) => rows.reduce((total, row) => total + of(row), 0);
  // Normal equations of three unknowns, the mean taken out first.
  const [c0, s0, z0] = [sum(({ c }) => c) / n, sum(({ s }) => s) / n, sum(({ mm }) => mm) / n];
  const cc = sum(({ c }) => (c - c0) ** 2);
  const ss = sum(({ s }) => (s - s0) ** 2);
  const cs = sum(({ c, s }) => (c - c0) * (s - s0));
  const cz = sum(({ c, mm }) => (c - c0) * (mm - z0));
  const sz = sum(({ s, mm }) => (s - s0) * (mm - z0));
  const determinant = cc * ss - cs * cs;
  if (determinant < 1e-9) return null;
  const a = (cz * ss - sz * cs) / determinant;
  const b = (sz * cc - cz * cs) / determinant;
  const size = rootSumSquare(a, b);
  const highDeg = ((Math.atan2(b, a) * 180) / Math.PI + 360) % 360;
  // Along its own direction; even places round it give 2σ·√(2/n).
  const variance =
    size === 0
      ? (sigmaMm ** 2 * (cc + ss)) / 2 / determinant
      : (sigmaMm ** 2 * ((a / size) ** 2 * ss + (b / size) ** 2 * cc - (2 * a * b * cs) / size ** 2)) /
        determinant;
  return { tirMm: { value: 2 * size, u: 2 * Math.sqrt(variance) }, highDeg };
}
