import { cylinderM2, halfResistance, storeJK, type Cell, type RadialProblem } from './radialCells';

/** Heat balances of the cells of `radialCells.ts`, and one step of them in time. */
const MM = 1e-3;

export type System = {
  store: Float64Array;
  /** link[i] joins cell i and i + 1, W/K */ link: Float64Array;
  /** to the air, W/K */ loss: Float64Array;
};

/** Conductance from a cell through one of its edges into the air over an area, W/K. */
const toAirWK = (cell: Cell, edgeMm: number, areaM2: number, hWM2K: number) =>
  areaM2 > 0 ? 1 / (1 / (hWM2K * areaM2) + halfResistance(cell, edgeMm)) : 0;

const hOf = (problem: RadialProblem, { part }: Cell): number =>
  part === 'ring' ? (problem.ringHWM2K ?? problem.hWM2K) : problem.hWM2K;

/** Race and boss: joined by the contact over the race's width, or apart with air on both sides of the gap. */
function joinAtInterface(system: System, problem: RadialProblem, cells: readonly Cell[], i: number) {
  const { hWM2K, interfaceRadiusMm: b, ringWidthMm, bossWidthMm, contactConductanceWM2K } = problem;
  const [race, boss] = [cells[i]!, cells[i + 1]!];
  const joinedM2 = cylinderM2(b, ringWidthMm);
  if (problem.isTouching) {
    const contact = 1 / (contactConductanceWM2K * joinedM2);
    system.link[i] = 1 / (halfResistance(race, b) + contact + halfResistance(boss, b));
  } else system.loss[i]! += toAirWK(race, b, joinedM2, hOf(problem, race));
  const freeMm = problem.isTouching ? bossWidthMm - ringWidthMm : bossWidthMm;
  system.loss[i + 1]! += toAirWK(boss, b, cylinderM2(b, freeMm), hWM2K);
}

export function assemble(problem: RadialProblem, cells: readonly Cell[]): System {
  const n = cells.length;
  const system: System = { store: new Float64Array(n), link: new Float64Array(n), loss: new Float64Array(n) };
  const { hWM2K: h } = problem;
  cells.forEach((cell, i) => {
    system.store[i] = storeJK(cell);
    const faceM2 = Math.PI * (cell.outerMm ** 2 - cell.innerMm ** 2) * MM ** 2;
    system.loss[i]! +=
      faceM2 * (2 * hOf(problem, cell) + (cell.part === 'ring' ? 0 : (problem.benchWM2K ?? 0)));
    const next = cells[i + 1];
    if (!next) return;
    if (cell.part === 'ring' && next.part === 'boss') joinAtInterface(system, problem, cells, i);
    else system.link[i] = 1 / (halfResistance(cell, cell.outerMm) + halfResistance(next, next.innerMm));
    if (cell.part === 'boss' && next.part === 'web')
      system.loss[i]! += toAirWK(
        cell,
        cell.outerMm,
        cylinderM2(cell.outerMm, cell.widthMm - next.widthMm),
        h,
      );
  });
  const [first, last] = [cells[0]!, cells[n - 1]!];
  system.loss[0]! += toAirWK(
    first,
    first.innerMm,
    cylinderM2(first.innerMm, problem.ringWidthMm),
    hOf(problem, first),
  );
  system.loss[n - 1]! += toAirWK(last, last.outerMm, cylinderM2(last.outerMm, last.widthMm), h);
  return system;
}

/** y = −K·(T − Ta): net heat into each cell, W. */
function heatInto({ link, loss }: System, temperature: Float64Array, ambientC: number, into: Float64Array) {
  const n = temperature.length;
  for (let i = 0; i < n; i += 1) {
    let watt = loss[i]! * (ambientC - temperature[i]!);
    if (i > 0) watt += link[i - 1]! * (temperature[i - 1]! - temperature[i]!);
    if (i < n - 1) watt += link[i]! * (temperature[i + 1]! - temperature[i]!);
    into[i] = watt;
  }
}

/** Solves (C + weight·K)·T = right + weight·loss·Ta by Thomas' elimination; `right` is overwritten with T. */
function solveImplicit(
  { store, link, loss }: System,
  weight: number,
  ambientC: number,
  right: Float64Array,
  scratch: Float64Array,
) {
  const n = right.length;
  let below = 0;
  for (let i = 0; i < n; i += 1) {
    const before = i > 0 ? link[i - 1]! : 0;
    const after = i < n - 1 ? link[i]! : 0;
    const diagonal = store[i]! + weight * (loss[i]! + before + after);
    const rhs = right[i]! + weight * loss[i]! * ambientC;
    const lower = -weight * before;
    const pivot = diagonal - lower * below;
    scratch[i] = (-weight * after) / pivot;
    right[i] = (rhs - lower * (i > 0 ? right[i - 1]! : 0)) / pivot;
    below = scratch[i]!;
  }
  for (let i = n - 2; i >= 0; i -= 1) right[i]! -= scratch[i]! * right[i + 1]!;
}

export const GAMMA = 2 - Math.SQRT2;

/** One TR-BDF2 step: trapezium to t + γ·dt, then the second-order backward formula to t + dt. */
export function stepTrBdf2(
  system: System,
  temperature: Float64Array,
  dt: number,
  ambientC: number,
  work: { stage: Float64Array; heat: Float64Array; scratch: Float64Array },
) {
  const { store } = system;
  const { stage, heat, scratch } = work;
  heatInto(system, temperature, ambientC, heat);
  const half = (GAMMA / 2) * dt;
  for (let i = 0; i < stage.length; i += 1) stage[i] = store[i]! * temperature[i]! + half * heat[i]!;
  solveImplicit(system, half, ambientC, stage, scratch);
  const fromStage = 1 / (GAMMA * (2 - GAMMA));
  const fromStart = (1 - GAMMA) ** 2 / (GAMMA * (2 - GAMMA));
  for (let i = 0; i < stage.length; i += 1)
    temperature[i] = store[i]! * (fromStage * stage[i]! - fromStart * temperature[i]!);
  solveImplicit(system, ((1 - GAMMA) / (2 - GAMMA)) * dt, ambientC, temperature, scratch);
}

export const workFor = (n: number) => ({
  stage: new Float64Array(n),
  heat: new Float64Array(n),
  scratch: new Float64Array(n),
});
