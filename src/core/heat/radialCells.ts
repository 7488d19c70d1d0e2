/** The problem of `radial.ts` as cells along the radius: race, boss, web. */
export type RadialProblem = {
  ringBoreRadiusMm: number;
  interfaceRadiusMm: number;
  bossOutsideRadiusMm: number;
  webOutsideRadiusMm: number;
  ringWidthMm: number;
  bossWidthMm: number;
  webThicknessMm: number;
  hWM2K: number;
  /** Of the race's surfaces; left out: the same. */
  ringHWM2K?: number;
  ambientC: number;
  contactConductanceWM2K: number;
  isTouching: boolean;
  ring: RadialMetal;
  housing: RadialMetal & { youngsModulusMPa: number; poisson: number };
  interferenceMm: number;
  /** What the casting’s lower faces give to the bench, W/(m²·K); left out: it stands on wood. */
  benchWM2K?: number;
  /**
   * Only the boss was heated: before time 0 it was held at its start temperature for so long, and the web, cold at first, drew heat from
   * it.
   */
  bossHeated?: { forS: number; webStartC: number };
};
export type RadialMetal = {
  conductivityWMK: number;
  densityKgM3: number;
  specificHeatJKgK: number;
  alphaPerK: number;
  startC: number;
};

export type Cell = {
  innerMm: number;
  outerMm: number;
  widthMm: number;
  metal: RadialMetal;
  part: 'ring' | 'boss' | 'web';
};

const MM = 1e-3;

export function cellsOf(problem: RadialProblem, mesh: number): Cell[] {
  const layer = (
    part: Cell['part'],
    innerMm: number,
    outerMm: number,
    widthMm: number,
    metal: RadialMetal,
    count: number,
  ): Cell[] =>
    Array.from({ length: count }, (_, i) => ({
      part,
      widthMm,
      metal,
      innerMm: innerMm + ((outerMm - innerMm) * i) / count,
      outerMm: innerMm + ((outerMm - innerMm) * (i + 1)) / count,
    }));
  const {
    ringBoreRadiusMm: a,
    interfaceRadiusMm: b,
    bossOutsideRadiusMm: c,
    webOutsideRadiusMm: r,
  } = problem;
  return [
    ...layer('ring', a, b, problem.ringWidthMm, problem.ring, mesh),
    ...layer('boss', b, c, problem.bossWidthMm, problem.housing, 2 * mesh),
    ...(r > c ? layer('web', c, r, problem.webThicknessMm, problem.housing, 3 * mesh) : []),
  ];
}

const middleMm = ({ innerMm, outerMm }: Cell) => (innerMm + outerMm) / 2;
/** Heat store of a cell, J/K. */
export const storeJK = ({ innerMm, outerMm, widthMm, metal }: Cell) =>
  Math.PI * (outerMm ** 2 - innerMm ** 2) * widthMm * MM ** 3 * metal.densityKgM3 * metal.specificHeatJKgK;
export const cylinderM2 = (radiusMm: number, widthMm: number) => 2 * Math.PI * radiusMm * widthMm * MM ** 2;
/** Resistance from a cell's middle to one of its edges, K/W. */
export const halfResistance = (cell: Cell, edgeMm: number) =>
  Math.abs(Math.log(edgeMm / middleMm(cell))) /
  (2 * Math.PI * cell.metal.conductivityWMK * cell.widthMm * MM);

/** Weights that make the mean over some cells, by their heat store; 0 for the others. */
export function meanWeights(cells: readonly Cell[], isPart: (cell: Cell) => boolean): Float64Array {
  const store = Float64Array.from(cells, (cell) => (isPart(cell) ? storeJK(cell) : 0));
  const whole = store.reduce((sum, each) => sum + each, 0);
  return store.map((each) => each / whole);
}

/** What one kelvin above 20 °C in a cell adds to α·∫(T − 20)·r dr, mm². */
export const heatOfKelvinMm2 = ({ metal, innerMm, outerMm }: Cell) =>
  (metal.alphaPerK * (outerMm ** 2 - innerMm ** 2)) / 2;
