import { describe, expect, it } from 'vitest';
import { demo, NOW, viewJob } from '../../../tests/support/records';
import { coolestSureC } from '@/core/heat/coolestSure';
import { predictWay } from '@/core/heat/describeWay';
import { bandOf } from '@/core/quantity/measured';
import { surroundingsOf, usualTrial, wayInProblem } from '@/core/job/planSeat';
import { heatTasksOf } from './heatTasks';

const MACHINES = ['Ostrel 250', 'Fenwold 7', 'Pelling 90'];

describe('parts of one hot casting', () => {
  it.each(MACHINES)(
    '%s: at the end of what is called sure the part still drops, a little cooler it may not',
    (machine) => {
      const job = viewJob(demo(machine), NOW);
      const [task] = heatTasksOf(job, { jobId: demo(machine).id, machine });
      const [drop] = task!.drops;
      const view = job.seats.find(({ seat }) => seat.id === drop!.seatId)!;
      const problem = wayInProblem(view, surroundingsOf(view, job), 'oven', true, usualTrial(view))!;
      const { ringC } = view.history.wayIn!;
      const leastC = coolestSureC(problem, ringC, task!.wantedC!);
      const lowAt = (housingC: number) =>
        bandOf(predictWay(problem, ringC, housingC, problem.carryS).moments.at(-1)!.clearanceMm).low;
      expect(lowAt(leastC)).toBeGreaterThanOrEqual(problem.wantedMm);
      expect(lowAt(leastC - 1)).toBeLessThan(problem.wantedMm);
      expect(drop!.slackS).toBeGreaterThan(0);
    },
  );
});
