import { checkNumbers, fail, succeed, type Issue, type Result } from '@/core/quantity/result';
import { solveSteppedDisc } from '@/core/fit/steppedDisc';
import { REFERENCE_C } from '@/core/quantity/measured';

/**
 * A cold race in a hot boss with a web around it, resolved along the radius: finite volumes in r, implicit in time.
 *
 * ρ·c·w·∂T/∂t = (1/r)·∂/∂r( k·w·r·∂T/∂r ) − loss through every free surface with one coefficient h: both faces, the race's bore, the
 * boss's step above the web, the rim. Apart, air washes both sides of the gap; touching, a conductance h_c joins race and boss over
 * the race's width and air washes only the rest of the bore.
 * In time: TR-BDF2 (second order, L-stable) with steps that grow from the fast start to the slow end.
 * Source: Incropera & DeWitt ch. 5 for the balances; Bank et al. 1985 for TR-BDF2 (both from memory).
 * Valid: h·w/k ≪ 1, so that the temperature is even across the width. No radiation: put it into h.
 * Checked against: tests/reference/drop_window.json (method of lines; axisymmetric finite elements); an ODE solver from the registry.
 */
export type RadialProblem = {
  ringBoreRadiusMm: number;
  interfaceRadiusMm: number;
  bossOutsideRadiusMm: number;
  webOutsideRadiusMm: number;
  ringWidthMm: number;
  bossWidthMm: number;
  webThicknessMm: number;
  hWM2K: number;
  ambientC: number;
  contactConductanceWM2K: number;
  isTouching: boolean;
  ring: RadialMetal;
  housing: RadialMetal & { youngsModulusMPa: number; poisson: number };
  interferenceMm: number;
  /** What the casting’s lower faces give to the bench, W/(m²·K); left out: it stands on wood. */
  benchWM2K?: number;
  /** Only the boss was heated: before time 0 it was held at its start temperature for so long, and the web, cold at first, drew heat from it. */
  bossHeated?: { forS: number; webStartC: number };
};
export type RadialMetal = {
  conductivityWMK: number;
  densityKgM3: number;
  specificHeatJKgK: number;
  alphaPerK: number;
  startC: number;
};

export type RadialSample = {
  timeS: number;
  ringMeanC: number;
  bossMeanC: number;
  housingMeanC: number;
  rimC: number;
  /** Bore grown by the boss's own mean temperature. */
  clearanceSimpleMm: number;
  /** Bore of the elastic disc, held back by a colder web. */
  clearanceDiscMm: number;
};

type Cell = {
  innerMm: number;
  outerMm: number;
  widthMm: number;
  metal: RadialMetal;
  part: 'ring' | 'boss' | 'web';
};

const MM = 1e-3;

function cellsOf(problem: RadialProblem, mesh: number): Cell[] {
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
const storeJK = ({ innerMm, outerMm, widthMm, metal }: Cell) =>
  Math.PI * (outerMm ** 2 - innerMm ** 2) * widthMm * MM ** 3 * metal.densityKgM3 * metal.specificHeatJKgK;
const cylinderM2 = (radiusMm: number, widthMm: number) => 2 * Math.PI * radiusMm * widthMm * MM ** 2;
/** Resistance from a cell's middle to one of its edges, K/W. */
const halfResistance = (cell: Cell, edgeMm: number) =>
  Math.abs(Math.log(edgeMm / middleMm(cell))) /
  (2 * Math.PI * cell.metal.conductivityWMK * cell.widthMm * MM);

type System = {
  store: Float64Array;
  /** link[i] joins cell i and i + 1, W/K */ link: Float64Array;
  /** to the air, W/K */ loss: Float64Array;
};

function assemble(problem: RadialProblem, cells: readonly Cell[]): System {
  const n = cells.length;
  const system: System = { store: new Float64Array(n), link: new Float64Array(n), loss: new Float64Array(n) };
  const { hWM2K: h, interfaceRadiusMm: b, ringWidthMm, bossWidthMm, contactConductanceWM2K } = problem;
  const toAir = (i: number, edgeMm: number, areaM2: number) => {
    if (areaM2 > 0) system.loss[i]! += 1 / (1 / (h * areaM2) + halfResistance(cells[i]!, edgeMm));
  };
  cells.forEach((cell, i) => {
    system.store[i] = storeJK(cell);
    const faceM2 = Math.PI * (cell.outerMm ** 2 - cell.innerMm ** 2) * MM ** 2;
    system.loss[i]! += faceM2 * (2 * h + (cell.part === 'ring' ? 0 : (problem.benchWM2K ?? 0)));
    const next = cells[i + 1];
    const isInterface = cell.part === 'ring' && next?.part === 'boss';
    if (next && !isInterface)
      system.link[i] = 1 / (halfResistance(cell, cell.outerMm) + halfResistance(next, next.innerMm));
    if (isInterface) {
      const joinedM2 = cylinderM2(b, ringWidthMm);
      if (problem.isTouching)
        system.link[i] =
          1 / (halfResistance(cell, b) + 1 / (contactConductanceWM2K * joinedM2) + halfResistance(next, b));
      else toAir(i, b, joinedM2);
      toAir(
        i + 1,
        b,
        problem.isTouching ? cylinderM2(b, bossWidthMm - ringWidthMm) : cylinderM2(b, bossWidthMm),
      );
    }
    if (cell.part === 'boss' && next?.part === 'web')
      toAir(i, cell.outerMm, cylinderM2(cell.outerMm, cell.widthMm - next.widthMm));
  });
  toAir(0, cells[0]!.innerMm, cylinderM2(cells[0]!.innerMm, ringWidthMm));
  const last = cells[n - 1]!;
  toAir(n - 1, last.outerMm, cylinderM2(last.outerMm, last.widthMm));
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

const GAMMA = 2 - Math.SQRT2;

/** One TR-BDF2 step: trapezium to t + γ·dt, then the second-order backward formula to t + dt. */
function stepTrBdf2(
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

const meanOver = (cells: readonly Cell[], temperature: Float64Array, isPart: (cell: Cell) => boolean) => {
  let heat = 0;
  let store = 0;
  cells.forEach((cell, i) => {
    if (isPart(cell)) {
      const c = storeJK(cell);
      heat += c * temperature[i]!;
      store += c;
    }
  });
  return heat / store;
};

/** α·∫(T − 20)·r dr over a part, mm². */
const heatIntegral = (cells: readonly Cell[], temperature: Float64Array, part: Cell['part']) =>
  cells.reduce(
    (sum, cell, i) =>
      cell.part === part
        ? sum +
          (cell.metal.alphaPerK * (temperature[i]! - REFERENCE_C) * (cell.outerMm ** 2 - cell.innerMm ** 2)) /
            2
        : sum,
    0,
  );

function observe(
  problem: RadialProblem,
  cells: readonly Cell[],
  temperature: Float64Array,
  timeS: number,
): RadialSample {
  const { interfaceRadiusMm: b, interferenceMm, ring, housing } = problem;
  const ringMeanC = meanOver(cells, temperature, ({ part }) => part === 'ring');
  const bossMeanC = meanOver(cells, temperature, ({ part }) => part === 'boss');
  const hasWeb = problem.webOutsideRadiusMm > problem.bossOutsideRadiusMm;
  const elastic = { youngsModulusMPa: housing.youngsModulusMPa, poisson: housing.poisson };
  const disc = solveSteppedDisc(
    [
      {
        innerMm: b,
        outerMm: problem.bossOutsideRadiusMm,
        widthMm: problem.bossWidthMm,
        ...elastic,
        alphaHeatMm2: heatIntegral(cells, temperature, 'boss'),
      },
      ...(hasWeb
        ? [
            {
              innerMm: problem.bossOutsideRadiusMm,
              outerMm: problem.webOutsideRadiusMm,
              widthMm: problem.webThicknessMm,
              ...elastic,
              alphaHeatMm2: heatIntegral(cells, temperature, 'web'),
            },
          ]
        : []),
    ],
    0,
  );
  if (!disc.ok) throw new Error('a checked problem makes a disc');
  const ringOutsideMm = 2 * b * (1 + ring.alphaPerK * (ringMeanC - REFERENCE_C));
  const bore20Mm = 2 * b - interferenceMm;
  const last = cells.at(-1)!;
  const edgeW = 1 / halfResistance(last, last.outerMm);
  const airW = problem.hWM2K * cylinderM2(last.outerMm, last.widthMm);
  return {
    timeS,
    ringMeanC,
    bossMeanC,
    housingMeanC: meanOver(cells, temperature, ({ part }) => part !== 'ring'),
    rimC: (edgeW * temperature[cells.length - 1]! + airW * problem.ambientC) / (edgeW + airW),
    clearanceSimpleMm: bore20Mm * (1 + housing.alphaPerK * (bossMeanC - REFERENCE_C)) - ringOutsideMm,
    clearanceDiscMm: bore20Mm + disc.value.boreGrowthMm - ringOutsideMm,
  };
}

function checkProblem(problem: RadialProblem): Issue[] {
  const p = problem;
  const positive = { min: 1e-6 };
  const metals = Object.entries({ ring: p.ring, housing: p.housing }).flatMap(([name, m]) =>
    checkNumbers({
      [`${name}ConductivityWMK`]: { value: m.conductivityWMK, ...positive },
      [`${name}DensityKgM3`]: { value: m.densityKgM3, ...positive },
      [`${name}SpecificHeatJKgK`]: { value: m.specificHeatJKgK, ...positive },
      [`${name}AlphaPerK`]: { value: m.alphaPerK },
      [`${name}StartC`]: { value: m.startC, min: -273.15, max: 2000 },
    }),
  );
  return [
    ...metals,
    ...checkNumbers({
      ringBoreRadiusMm: { value: p.ringBoreRadiusMm, min: 0.1 },
      interfaceRadiusMm: { value: p.interfaceRadiusMm, min: p.ringBoreRadiusMm + 0.01 },
      bossOutsideRadiusMm: { value: p.bossOutsideRadiusMm, min: p.interfaceRadiusMm + 0.01 },
      webOutsideRadiusMm: { value: p.webOutsideRadiusMm, min: p.bossOutsideRadiusMm },
      ringWidthMm: { value: p.ringWidthMm, min: 0.1 },
      bossWidthMm: { value: p.bossWidthMm, min: p.ringWidthMm },
      webThicknessMm: { value: p.webThicknessMm, min: 0.1, max: p.bossWidthMm },
      hWM2K: { value: p.hWM2K, min: 0 },
      ambientC: { value: p.ambientC, min: -273.15 },
      contactConductanceWM2K: { value: p.contactConductanceWM2K, ...positive },
      interferenceMm: {
        value: p.interferenceMm,
        max: p.interfaceRadiusMm / 10,
        min: -p.interfaceRadiusMm / 10,
      },
      ...(p.benchWM2K !== undefined && { benchWM2K: { value: p.benchWM2K, min: 0 } }),
      ...(p.bossHeated && {
        bossHeatedForS: { value: p.bossHeated.forS, min: 0, max: 86_400 },
        webStartC: { value: p.bossHeated.webStartC, min: -273.15, max: 2000 },
      }),
      housingYoungsModulusMPa: { value: p.housing.youngsModulusMPa, min: 1 },
      housingPoisson: { value: p.housing.poisson, min: -0.99, max: 0.49 },
    }),
  ];
}

/** Cells in the race; the boss has twice, the web three times as many. */
const USUAL_MESH = 16;
const FIRST_STEP_S = 0.02;
const STEP_GROWTH = 1.06;
const LONGEST_STEP_S = 3;

/** A store so large that what stands for it keeps its temperature. */
const HELD_STORE = 1e9;

/** Temperatures at time 0: each part at its own, or, with only the boss heated, the web as far as the heat has come. */
function startTemperatures(problem: RadialProblem, cells: readonly Cell[], system: System): Float64Array {
  const { bossHeated, ambientC } = problem;
  const temperature = Float64Array.from(cells, ({ part, metal }) =>
    bossHeated && part === 'web' ? bossHeated.webStartC : metal.startC,
  );
  if (!bossHeated) return temperature;
  const held: System = {
    ...system,
    store: system.store.map((store, i) => (cells[i]!.part === 'web' ? store : store * HELD_STORE)),
  };
  const work = workFor(cells.length);
  for (
    let timeS = 0, stepS = FIRST_STEP_S;
    timeS < bossHeated.forS - 1e-9;
    stepS = Math.min(stepS * STEP_GROWTH, LONGEST_STEP_S)
  ) {
    const dt = Math.min(stepS, bossHeated.forS - timeS);
    stepTrBdf2(held, temperature, dt, ambientC, work);
    timeS += dt;
  }
  return temperature;
}

const workFor = (n: number) => ({
  stage: new Float64Array(n),
  heat: new Float64Array(n),
  scratch: new Float64Array(n),
});

export type RadialRun = {
  samples: RadialSample[];
  /** Every step, for crossings and curves. */ steps: RadialSample[];
  /** Heat lost to the air over the run, J; balances the change of the store. */ lostJ: number;
  storedChangeJ: number;
};

/**
 * Runs the problem to `untilS` with samples at the asked moments (ascending, s).
 * Invalid: `out_of_range`, `not_a_number` with the field's name.
 */
export function simulateRadial(
  problem: RadialProblem,
  sampleTimesS: readonly number[],
  untilS: number,
  mesh = USUAL_MESH,
): Result<RadialRun> {
  const issues = checkProblem(problem);
  if (sampleTimesS.some((t, i) => !(t >= 0) || (i > 0 && t < sampleTimesS[i - 1]!)))
    issues.push({ code: 'out_of_order', field: 'sampleTimesS' });
  if (issues.length > 0) return fail(...issues);
  const cells = cellsOf(problem, mesh);
  const system = assemble(problem, cells);
  const temperature = startTemperatures(problem, cells, system);
  const store = (values: Float64Array) => values.reduce((sum, t, i) => sum + system.store[i]! * t, 0);
  const startJ = store(temperature);
  const work = workFor(cells.length);
  const lossW = (values: Float64Array) =>
    values.reduce((sum, t, i) => sum + system.loss[i]! * (t - problem.ambientC), 0);
  const wanted = [...sampleTimesS];
  const first = observe(problem, cells, temperature, 0);
  const run: RadialRun = { samples: [], steps: [first], lostJ: 0, storedChangeJ: 0 };
  while (wanted[0] === 0) {
    run.samples.push(first);
    wanted.shift();
  }
  const endS = Math.max(untilS, wanted.at(-1) ?? 0);
  let timeS = 0;
  let stepS = FIRST_STEP_S * (USUAL_MESH / mesh);
  while (timeS < endS - 1e-9) {
    const untilEdge = (wanted[0] ?? endS) - timeS;
    const dt = Math.min(stepS, untilEdge);
    const before = lossW(temperature);
    stepTrBdf2(system, temperature, dt, problem.ambientC, work);
    // The method's own weights over its three stages, so that the balance closes to rounding.
    run.lostJ +=
      dt *
      ((before + lossW(work.stage)) / (2 * (2 - GAMMA)) + ((1 - GAMMA) / (2 - GAMMA)) * lossW(temperature));
    timeS += dt;
    const sample = observe(problem, cells, temperature, timeS);
    run.steps.push(sample);
    while (wanted.length > 0 && wanted[0]! <= timeS + 1e-9) {
      run.samples.push(sample);
      wanted.shift();
    }
    stepS = Math.min(stepS * STEP_GROWTH, LONGEST_STEP_S);
  }
  run.storedChangeJ = store(temperature) - startJ;
  return succeed(run);
}

/** First time at which a clearance falls to the margin. @returns 0: never above it; null: still above at the end */
export function firstFall(
  steps: readonly RadialSample[],
  clearance: (sample: RadialSample) => number,
  marginMm: number,
): number | null {
  const index = steps.findIndex((sample) => clearance(sample) <= marginMm);
  if (index <= 0) return index === 0 ? 0 : null;
  const [before, after] = [steps[index - 1]!, steps[index]!];
  const [high, low] = [clearance(before) - marginMm, clearance(after) - marginMm];
  return before.timeS + ((after.timeS - before.timeS) * high) / (high - low);
}
