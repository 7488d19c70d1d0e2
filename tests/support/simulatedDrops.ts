import { predictWay } from '@/core/heat/describeWay';
import { radialProblem, type BossShape } from '@/core/heat/dropCourse';
import { planWayIn } from '@/core/heat/planWayIn';
import { simulateRadial } from '@/core/heat/radial';
import { REST_CONDUCTANCE } from '@/core/heat/rest';
import { CONVECTION_FACTOR } from '@/core/heat/soak';
import type { WayInProblem } from '@/core/heat/wayIn';
import { planSeat, surroundingsOf, usualTrial, wayInProblem } from '@/core/job/planSeat';
import type { SeatView } from '@/core/job/seatView';
import { normalSource, seededRandom, type RandomSource } from '@/core/quantity/random';
import { normalShareBelow } from '@/core/quantity/spread';
import { RESTS, type Rest } from '@/core/record/vocabulary';
import { buildDemo } from '../../database/demo/demo';
import { demo, NOW, viewJob } from './records';

/**
 * Drops as they might really go, against what was promised of them: castings that cool along their radius, with a fit, an oven, a
 * freezer, a draught and a rest that nobody knows exactly.
 */
type Case = { name: string; problem: WayInProblem; boss: BossShape; ringC: number; housingC: number };

const bossOf = ({ seat: { spec } }: SeatView): BossShape => ({
  outsideMm: spec.housing.bossOutsideMm,
  widthMm: spec.housing.bossHeightMm,
  webThicknessMm: spec.housing.webThicknessMm ?? spec.housing.bossHeightMm / 3,
});

/** Every seat of the demo that can be heated, by each heat that it could be dropped with, on each thing that it could lie on. */
export function heatedCases(): Case[] {
  return buildDemo(NOW).flatMap(({ job: { machine } }) => {
    const job = viewJob(demo(machine), NOW);
    return job.seats.flatMap((view) =>
      RESTS.flatMap((rest: Rest) => {
        const trial = { ...usualTrial(view), rest };
        const problem = wayInProblem(view, surroundingsOf(view, job), 'oven', true, trial);
        if (!problem || !planSeat(view, surroundingsOf(view, job), 'oven')) return [];
        return planWayIn(problem)
          .ways.filter(({ way, works }) => works && (way === 'heat' || way === 'heat_chill'))
          .map(({ way, ringC, housingC }) => ({
            name: `${machine}, ${view.seat.name}, ${way}, ${rest}`,
            problem,
            boss: bossOf(view),
            ringC,
            housingC,
          }));
      }),
    );
  });
}

/** Longest that is looked at, s. */
const HORIZON_S = 600;
/** Standard deviations of what nobody knows: the same that the plan counts with. */
const U_HOUSING_K = 3;
const U_RING_K = 3;

export type SimulatedDrop = { promised: number; isIn: boolean };

/**
 * One drop with its unknowns drawn. @returns for each chance asked for, whether it went in when let go at the last second that promised it;
 * at the very start or the end of what is looked at, what was promised there
 */
function simulateDrop(each: Case, chances: readonly number[], normal: RandomSource): SimulatedDrop[] {
  const { problem, boss, ringC, housingC } = each;
  const { moments } = predictWay(problem, ringC, housingC, HORIZON_S);
  const promisedAt = ({ clearanceMm: { value, u } }: (typeof moments)[number]) =>
    normalShareBelow((value - problem.wantedMm) / u);
  const asked = chances.map((chance) => {
    const after = moments.findIndex((moment) => promisedAt(moment) < chance);
    const [before, next] = [moments[after - 1], moments[after]];
    if (!next) return { timeS: HORIZON_S, promised: promisedAt(moments.at(-1)!) };
    if (!before) return { timeS: 0, promised: promisedAt(next) };
    const [high, low] = [promisedAt(before), promisedAt(next)];
    const timeS = before.timeS + ((next.timeS - before.timeS) * (high - chance)) / (high - low);
    return { timeS, promised: chance };
  });
  const { likelyWK, edgeWK } = REST_CONDUCTANCE[problem.rest];
  const { value, u } = problem.interferenceMm;
  const truth: WayInProblem = {
    ...problem,
    interferenceMm: { value: value + u * normal(), u: 0 },
    openAirH: problem.openAirH * CONVECTION_FACTOR ** (normal() / 2),
  };
  const starts = { ringC: ringC + U_RING_K * normal(), housingC: housingC + U_HOUSING_K * normal() };
  const restWK = Math.max(0, likelyWK + ((edgeWK - likelyWK) / 2) * normal());
  const times = [...new Set(asked.map(({ timeS }) => timeS))].sort((a, b) => a - b);
  const run = simulateRadial(radialProblem(truth, starts, boss, restWK), times, Math.max(1, times.at(-1)!));
  if (!run.ok) throw new Error(`${each.name}: ${JSON.stringify(run.issues)}`);
  const clearanceAt = (timeS: number) => run.value.samples[times.indexOf(timeS)]!.clearanceDiscMm;
  return asked.map(({ timeS, promised }) => ({
    promised,
    isIn: clearanceAt(timeS) >= problem.wantedMm,
  }));
}

export type Calibration = { promised: number; came: number; drops: number }[];

/** Many drops, each of another seat: for each chance asked for, what was promised in the mean, and how many went in. */
export function calibrate(drops: number, chances: readonly number[], seed = 20_26): Calibration {
  const cases = heatedCases();
  const random = seededRandom(seed);
  const normal = normalSource(random);
  const runs = Array.from({ length: drops }, () =>
    simulateDrop(cases[Math.floor(random() * cases.length)]!, chances, normal),
  );
  return chances.map((_, i) => {
    const here = runs.map((run) => run[i]!);
    const mean = (read: (drop: SimulatedDrop) => number) =>
      here.reduce((sum, drop) => sum + read(drop), 0) / drops;
    return { promised: mean(({ promised }) => promised), came: mean(({ isIn }) => Number(isIn)), drops };
  });
}

/** At 2u below the likely value: what the run calls sure. */
export const SURE = normalShareBelow(2);
