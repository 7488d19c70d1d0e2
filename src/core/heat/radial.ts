import { solveSteppedDisc, type DiscLayer } from '@/core/fit/steppedDisc';
import { REFERENCE_C } from '@/core/quantity/measured';
import { checkNumbers, fail, succeed, type Issue, type Result } from '@/core/quantity/result';
import {
  cellsOf,
  cylinderM2,
  halfResistance,
  heatOfKelvinMm2,
  meanWeights,
  type Cell,
  type RadialProblem,
} from './radialCells';
import { assemble, GAMMA, stepTrBdf2, workFor, type System } from './radialSystem';

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

/** Boss, and web where there is one, as the disc that they make with heat of their own, α·∫(T − 20)·r dr, mm². */
function discOf(problem: RadialProblem, heatMm2: { boss: number; web: number }): DiscLayer[] {
  const { youngsModulusMPa, poisson } = problem.housing;
  const { interfaceRadiusMm, bossOutsideRadiusMm, webOutsideRadiusMm, bossWidthMm, webThicknessMm } = problem;
  const layer = (innerMm: number, outerMm: number, widthMm: number, alphaHeatMm2: number): DiscLayer => ({
    innerMm,
    outerMm,
    widthMm,
    youngsModulusMPa,
    poisson,
    alphaHeatMm2,
  });
  return [
    layer(interfaceRadiusMm, bossOutsideRadiusMm, bossWidthMm, heatMm2.boss),
    ...(webOutsideRadiusMm > bossOutsideRadiusMm
      ? [layer(bossOutsideRadiusMm, webOutsideRadiusMm, webThicknessMm, heatMm2.web)]
      : []),
  ];
}

function boreGrowthMm(problem: RadialProblem, heatMm2: { boss: number; web: number }): number {
  const disc = solveSteppedDisc(discOf(problem, heatMm2), 0);
  if (!disc.ok) throw new Error('a checked problem makes a disc');
  return disc.value.boreGrowthMm;
}

/** Temperature of the rim's surface: between the last cell and the air. */
function rimTemperature(problem: RadialProblem, last: Cell, lastC: number): number {
  const edgeW = 1 / halfResistance(last, last.outerMm);
  const airW = problem.hWM2K * cylinderM2(last.outerMm, last.widthMm);
  return (edgeW * lastC + airW * problem.ambientC) / (edgeW + airW);
}

const weighed = (weights: Float64Array, temperature: Float64Array) => {
  let sum = 0;
  for (let i = 0; i < weights.length; i += 1) sum += weights[i]! * temperature[i]!;
  return sum;
};

/**
 * What is seen of the cells at one moment. All of it is a weighed sum of their temperatures (an elastic disc is linear in its heat), so the
 * weights are made once: a run looks hundreds of times.
 */
function observerOf(problem: RadialProblem, cells: readonly Cell[]) {
  const { interfaceRadiusMm: b, interferenceMm, ring, housing } = problem;
  const isRing = ({ part }: Cell) => part === 'ring';
  const weights = {
    ring: meanWeights(cells, isRing),
    boss: meanWeights(cells, ({ part }) => part === 'boss'),
    housing: meanWeights(cells, (cell) => !isRing(cell)),
  };
  const growthOf = {
    boss: boreGrowthMm(problem, { boss: 1, web: 0 }),
    web: boreGrowthMm(problem, { boss: 0, web: 1 }),
  };
  const growth = Float64Array.from(cells, (cell) =>
    cell.part === 'ring' ? 0 : growthOf[cell.part] * heatOfKelvinMm2(cell),
  );
  const growthAtReference = growth.reduce((sum, weight) => sum + weight * REFERENCE_C, 0);
  const bore20Mm = 2 * b - interferenceMm;
  return (temperature: Float64Array, timeS: number): RadialSample => {
    const ringMeanC = weighed(weights.ring, temperature);
    const bossMeanC = weighed(weights.boss, temperature);
    const ringOutsideMm = 2 * b * (1 + ring.alphaPerK * (ringMeanC - REFERENCE_C));
    return {
      timeS,
      ringMeanC,
      bossMeanC,
      housingMeanC: weighed(weights.housing, temperature),
      rimC: rimTemperature(problem, cells.at(-1)!, temperature[cells.length - 1]!),
      clearanceSimpleMm: bore20Mm * (1 + housing.alphaPerK * (bossMeanC - REFERENCE_C)) - ringOutsideMm,
      clearanceDiscMm: bore20Mm + weighed(growth, temperature) - growthAtReference - ringOutsideMm,
    };
  };
}

const POSITIVE = { min: 1e-6 };

const checkMetals = ({ ring, housing }: RadialProblem): Issue[] =>
  Object.entries({ ring, housing }).flatMap(([name, metal]) =>
    checkNumbers({
      [`${name}ConductivityWMK`]: { value: metal.conductivityWMK, ...POSITIVE },
      [`${name}DensityKgM3`]: { value: metal.densityKgM3, ...POSITIVE },
      [`${name}SpecificHeatJKgK`]: { value: metal.specificHeatJKgK, ...POSITIVE },
      [`${name}AlphaPerK`]: { value: metal.alphaPerK },
      [`${name}StartC`]: { value: metal.startC, min: -273.15, max: 2000 },
    }),
  );

function checkProblem(p: RadialProblem): Issue[] {
  return [
    ...checkMetals(p),
    ...checkNumbers({
      ringBoreRadiusMm: { value: p.ringBoreRadiusMm, min: 0.1 },
      interfaceRadiusMm: { value: p.interfaceRadiusMm, min: p.ringBoreRadiusMm + 0.01 },
      bossOutsideRadiusMm: { value: p.bossOutsideRadiusMm, min: p.interfaceRadiusMm + 0.01 },
      webOutsideRadiusMm: { value: p.webOutsideRadiusMm, min: p.bossOutsideRadiusMm },
      ringWidthMm: { value: p.ringWidthMm, min: 0.1 },
      bossWidthMm: { value: p.bossWidthMm, min: p.ringWidthMm },
      webThicknessMm: { value: p.webThicknessMm, min: 0.1, max: p.bossWidthMm },
      hWM2K: { value: p.hWM2K, min: 0 },
      ...(p.ringHWM2K !== undefined && { ringHWM2K: { value: p.ringHWM2K, min: 0 } }),
      ambientC: { value: p.ambientC, min: -273.15 },
      contactConductanceWM2K: { value: p.contactConductanceWM2K, ...POSITIVE },
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

export type RadialRun = {
  samples: RadialSample[];
  /** Every step, for crossings and curves. */ steps: RadialSample[];
  /** Heat lost to the air over the run, J; balances the change of the store. */ lostJ: number;
  storedChangeJ: number;
};

type March = { timeS: number; lostJ: number };

/** Steps through time, ending one exactly on each edge (ascending, s); `temperature` is advanced in place. */
function* march(
  { system, temperature, ambientC }: { system: System; temperature: Float64Array; ambientC: number },
  edgesS: readonly number[],
  firstStepS: number,
): Generator<March> {
  const work = workFor(temperature.length);
  const lossAtZeroW = system.loss.reduce((sum, loss) => sum + loss * ambientC, 0);
  const lossW = (values: Float64Array) => weighed(system.loss, values) - lossAtZeroW;
  let timeS = 0;
  let stepS = firstStepS;
  for (const edgeS of edgesS)
    while (timeS < edgeS - 1e-9) {
      const dt = Math.min(stepS, edgeS - timeS);
      const before = lossW(temperature);
      stepTrBdf2(system, temperature, dt, ambientC, work);
      timeS += dt;
      stepS = Math.min(stepS * STEP_GROWTH, LONGEST_STEP_S);
      // The method's own weights over its three stages, so that the balance closes to rounding.
      const outer = (before + lossW(work.stage)) / (2 * (2 - GAMMA));
      yield { timeS, lostJ: dt * (outer + ((1 - GAMMA) / (2 - GAMMA)) * lossW(temperature)) };
    }
}

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
  const storedJ = () => temperature.reduce((sum, t, i) => sum + system.store[i]! * t, 0);
  const startJ = storedJ();
  const observe = observerOf(problem, cells);
  const steps = [observe(temperature, 0)];
  let lostJ = 0;
  const edgesS = [...sampleTimesS, untilS];
  const moving = { system, temperature, ambientC: problem.ambientC };
  for (const step of march(moving, edgesS, FIRST_STEP_S * (USUAL_MESH / mesh))) {
    lostJ += step.lostJ;
    steps.push(observe(temperature, step.timeS));
  }
  // A step ends on each asked moment.
  const samples = sampleTimesS.map((timeS) => steps.find((step) => step.timeS >= timeS - 1e-9)!);
  return succeed({ samples, steps, lostJ, storedChangeJ: storedJ() - startJ });
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
