import fc from 'fast-check';
import { Solver } from 'odex';
import { describe, expect, it } from 'vitest';
import { expectCase, referenceCases } from '../../../tests/support/reference';
import { clearanceAt, type Pair } from './expansion';
import { sampleLumped, settlingTemperature, windowOf, type LumpedBody, type LumpedProblem } from './lumped';

type BodyInputs = {
  mass_kg: number;
  specific_heat_J_kgK: number;
  area_m2: number;
  h_W_m2K: number;
  emissivity: number;
  start_C: number;
  alpha_per_K: number;
};
type Inputs = {
  mode: string;
  ambient_C: number;
  interface_diameter_mm: number;
  interference_at_20C_mm: number;
  margin_mm: number;
  ring: BodyInputs;
  housing: BodyInputs;
  touch_at_s: number | null;
  contact_conductance_W_m2K: number;
  contact_area_m2: number;
  sample_times_s: number[];
  horizon_s: number;
};

const body = (b: BodyInputs): LumpedBody => ({
  massKg: b.mass_kg,
  specificHeatJKgK: b.specific_heat_J_kgK,
  areaM2: b.area_m2,
  hWM2K: b.h_W_m2K,
  emissivity: b.emissivity,
  startC: b.start_C,
});

const problemOf = (i: Inputs): LumpedProblem => ({
  ring: body(i.ring),
  housing: body(i.housing),
  ambientC: i.ambient_C,
  touch:
    i.touch_at_s === null
      ? null
      : { touchAtS: i.touch_at_s, conductanceWM2K: i.contact_conductance_W_m2K, areaM2: i.contact_area_m2 },
});
const pairOf = (i: Inputs): Pair => ({
  diameterMm: i.interface_diameter_mm,
  interferenceMm: i.interference_at_20C_mm,
  ringAlphaPerK: i.ring.alpha_per_K,
  housingAlphaPerK: i.housing.alpha_per_K,
});

const lumpedCases = referenceCases<Inputs>('drop_window', ({ mode }) => mode === 'lumped');

describe('two lumps (reference: tests/reference/drop_window.json, lumped cases)', () => {
  it('has the cases', () => expect(lumpedCases.length).toBeGreaterThanOrEqual(5));

  it.each(lumpedCases)('$id $note', (reference) => {
    const { inputs } = reference;
    const samples = sampleLumped(problemOf(inputs), inputs.sample_times_s);
    expectCase(
      {
        ring_temperature_C: samples.map(({ ringC }) => ringC),
        housing_temperature_C: samples.map(({ housingC }) => housingC),
        clearance_mm: samples.map((sample) => clearanceAt(pairOf(inputs), sample)),
        window_s: windowOf(problemOf(inputs), pairOf(inputs), inputs.margin_mm, inputs.horizon_s),
        grip_s: windowOf(problemOf(inputs), pairOf(inputs), 0, inputs.horizon_s),
      },
      reference,
    );
  });

  it.each(lumpedCases)('$id agrees with an extrapolation ODE solver (odex, GBS) to 2 mK', ({ inputs }) => {
    const { ring, housing, ambient_C: ta, touch_at_s: touchAt } = inputs;
    const loss = (b: BodyInputs, t: number) =>
      b.area_m2 *
      (b.h_W_m2K * (ta - t) + b.emissivity * 5.670374419e-8 * ((ta + 273.15) ** 4 - (t + 273.15) ** 4));
    const rhs =
      (link: number) =>
      (_t: number, [tr, th]: number[]) => [
        (loss(ring, tr!) + link * (th! - tr!)) / (ring.mass_kg * ring.specific_heat_J_kgK),
        (loss(housing, th!) - link * (th! - tr!)) / (housing.mass_kg * housing.specific_heat_J_kgK),
      ];
    const solve = (link: number, from: number, state: number[], to: number) => {
      const solver = new Solver(2);
      solver.absoluteTolerance = solver.relativeTolerance = 1e-9;
      return to > from ? solver.solve(rhs(link), from, state, to).y : state;
    };
    const untilS = inputs.sample_times_s.at(-1)!;
    const edge = touchAt ?? untilS;
    const apart = solve(0, 0, [ring.start_C, housing.start_C], Math.min(edge, untilS));
    const [tr, th] = solve(
      inputs.contact_conductance_W_m2K * inputs.contact_area_m2,
      edge,
      [...apart],
      untilS,
    );
    const last = sampleLumped(problemOf(inputs), [untilS])[0]!;
    expect(Math.abs(last.ringC - tr!)).toBeLessThan(0.002);
    expect(Math.abs(last.housingC - th!)).toBeLessThan(0.002);
  });

  it('loses no heat inside: without air, what the housing gives the ring takes', () => {
    const sealed = { hWM2K: 0, emissivity: 0 };
    const [{ inputs }] = lumpedCases as [(typeof lumpedCases)[number]];
    const problem: LumpedProblem = {
      ...problemOf(inputs),
      touch: { touchAtS: 0, conductanceWM2K: 500, areaM2: 0.003 },
      ring: { ...body(inputs.ring), ...sealed },
      housing: { ...body(inputs.housing), ...sealed },
    };
    const heat = (b: LumpedBody, c: number) => b.massKg * b.specificHeatJKgK * c;
    const [first, later] = [sampleLumped(problem, [0])[0]!, sampleLumped(problem, [3000])[0]!];
    const total = (s: typeof first) => heat(problem.ring, s.ringC) + heat(problem.housing, s.housingC);
    expect(total(later) / total(first)).toBeCloseTo(1, 9);
    expect(later.ringC).toBeCloseTo(settlingTemperature(problem.ring, problem.housing), 1);
  });

  it('a casting flat on the bench cools by air and bench together: T = Ta + (T₀ − Ta)·e^(−(h·A + G)·t/(m·c)) (Incropera & DeWitt ch. 5, from memory)', () => {
    const lump: LumpedBody = {
      massKg: 1.2,
      specificHeatJKgK: 963,
      areaM2: 0.12,
      hWM2K: 12,
      emissivity: 0,
      startC: 120,
    };
    for (const benchWK of [0, 8]) {
      const [state] = sampleLumped(
        { ring: { ...lump, startC: 20 }, housing: lump, ambientC: 20, touch: null, benchWK },
        [300],
      );
      expect(state!.housingC).toBeCloseTo(
        20 + 100 * Math.exp((-(12 * 0.12 + benchWK) * 300) / (1.2 * 963)),
        3,
      );
      expect(state!.ringC).toBe(20);
    }
  });

  it('a bearing of 0.2 kg from −18 °C into 1.2 kg of aluminium at 180 °C settles near 165 °C (balance of heats)', () => {
    const lump = (massKg: number, specificHeatJKgK: number, startC: number): LumpedBody => ({
      massKg,
      specificHeatJKgK,
      startC,
      areaM2: 0.01,
      hWM2K: 10,
      emissivity: 0,
    });
    expect(settlingTemperature(lump(0.2, 475, -18), lump(1.2, 963, 180))).toBeCloseTo(165, 0);
  });

  describe('whatever the parts', () => {
    const number = (min: number, max: number) => fc.double({ min, max, noNaN: true });
    const anyBody = (startC: fc.Arbitrary<number>) =>
      fc.record({
        massKg: number(0.02, 5),
        specificHeatJKgK: number(400, 1100),
        areaM2: number(0.002, 0.4),
        hWM2K: number(3, 40),
        emissivity: number(0, 0.9),
        startC,
      });
    const anyProblem = fc.record({
      ring: anyBody(number(-40, 20)),
      housing: anyBody(number(40, 180)),
      ambientC: fc.constant(20),
      touch: fc.option(
        fc.record({
          touchAtS: number(0, 60),
          conductanceWM2K: number(50, 3000),
          areaM2: number(0.0005, 0.01),
        }),
      ),
    });
    const pair: Pair = {
      diameterMm: 62,
      interferenceMm: 0.03,
      ringAlphaPerK: 12e-6,
      housingAlphaPerK: 22e-6,
    };

    it('nothing gets hotter than the hottest or colder than the coldest at the start', () => {
      fc.assert(
        fc.property(anyProblem, (problem) => {
          const samples = sampleLumped(problem, [0, 5, 30, 120, 600]);
          const [low, high] = [Math.min(problem.ring.startC, 20), Math.max(problem.housing.startC, 20)];
          return samples.every(({ ringC, housingC }) =>
            [ringC, housingC].every((c) => c >= low - 0.01 && c <= high + 0.01),
          );
        }),
        { seed: 31, numRuns: 60 },
      );
    });

    it('a larger margin never lasts longer', () => {
      fc.assert(
        fc.property(anyProblem, number(0, 0.05), number(0, 0.05), (problem, margin, more) => {
          const [small, large] = [
            windowOf(problem, pair, margin, 1200),
            windowOf(problem, pair, margin + more, 1200),
          ];
          return (large ?? Infinity) <= (small ?? Infinity) + 1e-9;
        }),
        { seed: 32, numRuns: 40 },
      );
    });

    it('sampling in one go or in two gives the same temperatures', () => {
      fc.assert(
        fc.property(anyProblem, number(10, 300), (problem, untilS) => {
          const whole = sampleLumped(problem, [untilS / 3, untilS]).at(-1)!;
          const direct = sampleLumped(problem, [untilS])[0]!;
          return (
            Math.abs(whole.ringC - direct.ringC) < 1e-3 && Math.abs(whole.housingC - direct.housingC) < 1e-3
          );
        }),
        { seed: 33, numRuns: 40 },
      );
    });
  });
});

describe('a cold ring in a hot casting', () => {
  it('a sealed 30 × 62 × 16 into 1.2 kg at 180 °C settles at about 165 °C', () => {
    const body = (massKg: number, specificHeatJKgK: number, startC: number) => ({
      massKg,
      specificHeatJKgK,
      startC,
      areaM2: 0.1,
      hWM2K: 0,
      emissivity: 0,
    });
    expect(Math.abs(settlingTemperature(body(0.2, 475, -18), body(1.2, 963, 180)) - 165)).toBeLessThan(1);
  });
});
