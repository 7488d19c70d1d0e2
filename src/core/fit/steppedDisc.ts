import { fail, succeed, type Issue, type Result } from '@/core/quantity/result';

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

/** Coefficients of C₁ and C₂ in σ_r. C₂ is scaled by a² of its layer, so that all columns have one size. */
const stressRow = ({ youngsModulusMPa: e, poisson: nu, innerMm }: DiscLayer, r: number): Pair => [
  e / (1 - nu),
  (-e / (1 + nu)) * (innerMm / r) ** 2,
];
/** The same in u. */
const moveRow = ({ innerMm }: DiscLayer, r: number): Pair => [r, innerMm ** 2 / r];
/** What the layer's own heat adds to σ_r and to u at its outer edge. */
const heatStress = ({ youngsModulusMPa: e, alphaHeatMm2 = 0 }: DiscLayer, r: number) =>
  (-e * alphaHeatMm2) / r ** 2;
const heatMove = ({ poisson: nu, alphaHeatMm2 = 0 }: DiscLayer, r: number) => ((1 + nu) * alphaHeatMm2) / r;

type Pair = [number, number];
type Equation = { terms: readonly (readonly [layer: number, pair: Pair, factor: number])[]; right: number };

/** At a step u and width·σ_r go on from the inner layer to the outer one. */
function stepEquations(layers: readonly DiscLayer[], i: number): Equation[] {
  const [inner, outer] = [layers[i]!, layers[i + 1]!];
  const r = outer.innerMm;
  return [
    {
      terms: [
        [i, moveRow(inner, r), 1 / r],
        [i + 1, moveRow(outer, r), -1 / r],
      ],
      right: -heatMove(inner, r) / r,
    },
    {
      terms: [
        [i, stressRow(inner, r), inner.widthMm],
        [i + 1, stressRow(outer, r), -outer.widthMm],
      ],
      right: -inner.widthMm * heatStress(inner, r),
    },
  ];
}

function equationsOf(layers: readonly DiscLayer[], boreMPa: number): Equation[] {
  const [first, last] = [layers[0]!, layers.at(-1)!];
  return [
    { terms: [[0, stressRow(first, first.innerMm), 1]], right: -boreMPa },
    ...layers.slice(1).flatMap((_, i) => stepEquations(layers, i)),
    {
      terms: [[layers.length - 1, stressRow(last, last.outerMm), 1]],
      right: -heatStress(last, last.outerMm),
    },
  ];
}

function checkLayers(layers: readonly DiscLayer[]): Issue[] {
  const isOrdered =
    layers.length > 0 &&
    layers.every(
      ({ innerMm, outerMm }, i) =>
        innerMm > 0 && outerMm > innerMm && (i === 0 || layers[i - 1]!.outerMm === innerMm),
    );
  if (!isOrdered) return [{ code: 'out_of_order', field: 'layers' }];
  const isSound = layers.every(
    ({ widthMm, youngsModulusMPa, poisson }) =>
      widthMm > 0 && youngsModulusMPa > 0 && poisson > -1 && poisson < 0.5,
  );
  return isSound ? [] : [{ code: 'out_of_range', field: 'layers' }];
}

export function solveSteppedDisc(layers: readonly DiscLayer[], boreMPa: number): Result<DiscAnswer> {
  const issues = checkLayers(layers);
  if (issues.length > 0) return fail(...issues);
  const equations = equationsOf(layers, boreMPa);
  const rows = equations.map(({ terms }) => {
    const row = new Array<number>(2 * layers.length).fill(0);
    for (const [layer, [one, two], factor] of terms) {
      row[2 * layer]! += factor * one;
      row[2 * layer + 1]! += factor * two;
    }
    return row;
  });
  const c = solveDense(
    rows,
    equations.map(({ right }) => right),
  );
  const moveAt = (layer: number, r: number) => {
    const [one, two] = moveRow(layers[layer]!, r);
    return one * c[2 * layer]! + two * c[2 * layer + 1]!;
  };
  const last = layers.at(-1)!;
  return succeed({
    boreGrowthMm: 2 * moveAt(0, layers[0]!.innerMm),
    rimGrowthMm: 2 * (moveAt(layers.length - 1, last.outerMm) + heatMove(last, last.outerMm)),
  });
}
