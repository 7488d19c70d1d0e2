import { viewSeat } from '../tests/support/records';
import * as math from 'mathjs';
import { buildDemo } from '../database/demo/demo';
import { MATERIALS } from '@/core/catalogue/materials';
import { solvePressFit } from '@/core/fit/pressFit';
import { planDropOrder, runOrder, type DropPlan, type DropSeat } from '@/core/board/dropOrder';
import { simulateRadial } from '@/core/heat/radial';
import { RACE_IN_BOSS } from '../tests/support/heatProblems';
import { chooseShims } from '@/core/stack/shims';
import { predictDrop } from '@/core/heat/predictDrop';
import { planSeat } from '@/core/job/planSeat';
import { fitPlane } from '@/core/seating/plane';
import { recordOfFile } from '@/core/record/jobFile';
import { report, time, p95 } from './lib/figures';

/** Figures of the core alone: no server, no database. */
export async function core() {
  const steel = MATERIALS.bearing_steel;
  const alloy = MATERIALS.alsi9cu3;
  report(
    'press fit (Lamé), p95 of 2000',
    p95(
      await time(2000, (i) =>
        solvePressFit({
          interferenceMm: i / 1e5,
          diameterMm: 62,
          ringBoreMm: 53.8,
          housingOutsideMm: 78,
          ring: steel,
          housing: alloy,
        }),
      ),
    ),
    '< 10 ms',
  );
  report(
    'plane through eight readings, p95 of 2000',
    p95(
      await time(2000, (i) =>
        fitPlane(
          Array.from({ length: 8 }, (_, k) => ({ angleDeg: k * 45, depthMm: 4 + ((i * k) % 7) / 100 })),
          { sigmaReadingMm: 0.01, circleMm: 60 },
        ),
      ),
    ),
    '< 10 ms',
  );
  const lump = (massKg: number, areaM2: number, startC: number, material: typeof steel) => ({
    massKg,
    areaM2,
    startC,
    specificHeatJKgK: material.specificHeatJKgK,
    hWM2K: 10,
    emissivity: material.emissivity,
  });
  report(
    'drop with its band, 10 min simulated (two lumps), p95 of 200',
    p95(
      await time(200, (i) =>
        predictDrop(
          {
            bodies: {
              ring: lump(0.2, 0.01, -18, steel),
              housing: lump(1.2, 0.12, 100 + i / 10, alloy),
              ambientC: 20,
              touch: null,
            },
            diameterMm: 62,
            interferenceMm: { value: 0.03, u: 0.003 },
            ring: steel,
            housing: alloy,
            uHousingK: 2,
            uRingK: 2,
            marginMm: 0.031,
          },
          600,
        ),
      ),
    ),
    '< 50 ms',
  );
  report(
    'radial transient, 10 min simulated, p95 of 60',
    p95(await time(60, () => simulateRadial(RACE_IN_BOSS, [600], 600))),
    '< 50 ms',
  );
  report(
    '  its referee: adaptive Runge–Kutta (mathjs), 30 cells, 10 s',
    p95(await time(3, () => refereeTransient())),
    '',
  );
  const seats = Array.from({ length: 9 }, (_, i): DropSeat => ({
    id: `s${i}`,
    neededC: 45 + 7 * ((i * 4) % 9),
    handlingS: 20 + 5 * (i % 4),
    coolsByK: 2 + (i % 3),
    face: i % 2 ? 'inside' : 'outside',
    after: i > 6 ? [`s${i - 3}`] : [],
  }));
  const plan = { startC: 125, roomC: 20, timeConstantS: 1100, turnOverS: 20, reheatS: 1500 };
  report(
    'order of drops, 9 seats, proven best, p95 of 20',
    p95(await time(20, () => planDropOrder(seats, plan))),
    '< 250 ms',
  );
  report(
    '  its referee: every order that keeps the precedence, 7 of the seats',
    p95(await time(2, () => everyOrder(seats.slice(0, 7), plan))),
    '',
  );
  const stock = new Map(Array.from({ length: 14 }, (_, i) => [30 + 37 * i, 5] as const));
  report(
    'shim choice, 14 sizes, up to 5 pieces, proven best, p95 of 100',
    p95(
      await time(100, (i) =>
        chooseShims({ endFloatWithoutUm: 1000 + i, targetUm: 120, stock, maxPieces: 5 }),
      ),
    ),
    '< 30 ms',
  );
  report(
    '  its referee: every choice of up to 3 pieces',
    p95(await time(3, () => everyChoice([...stock.keys()], 1000, 3))),
    '',
  );
  const [file] = buildDemo(Date.now());
  const record = recordOfFile(file!);
  const seatId = file!.job.castings[0]!.seats[0]!.id;
  report(
    'everything about one seat (view), p95 of 300',
    p95(await time(300, () => viewSeat(record, seatId, Date.now()))),
    'a frame',
  );
  const view = viewSeat(record, seatId, Date.now())!;
  report(
    'all ways in for one seat, p95 of 60',
    p95(
      await time(60, () =>
        planSeat(view, {
          roomC: 20,
          workpiece: 'bare_casting',
          usualHeat: 'oven',
          tools: [],
          neighbours: [],
        }),
      ),
    ),
    'a few frames',
  );
}

/** The same kind of work by a library: thirty cells in a row, explicit steps that must follow the fastest. */
function refereeTransient() {
  const n = 30;
  // The package’s types leave this function out.
  const { solveODE } = math as unknown as {
    solveODE: (
      slopes: (t: number, y: number[]) => number[],
      span: [number, number],
      start: number[],
      options: { method: string; tol: number },
    ) => unknown;
  };
  return solveODE(
    (_t: number, y: number[]) =>
      y.map((t, i) => 12 * ((y[i - 1] ?? t) + (y[i + 1] ?? t) - 2 * t) + 0.002 * (20 - t)),
    [0, 10],
    Array.from({ length: n }, (_, i) => (i < 8 ? -18 : 120)),
    { method: 'RK45', tol: 1e-4 },
  );
}

function everyOrder(seats: readonly DropSeat[], plan: DropPlan) {
  let best = -Infinity;
  const walk = (left: readonly DropSeat[], done: readonly DropSeat[]) => {
    if (left.length === 0) {
      const { heats, leastSlackS } = runOrder(done, plan);
      best = Math.max(best, leastSlackS - 1e6 * heats);
      return;
    }
    for (const next of left)
      if (!left.some(({ id }) => next.after.includes(id)))
        walk(
          left.filter((each) => each !== next),
          [...done, next],
        );
  };
  walk(seats, []);
  return best;
}

function everyChoice(sizes: readonly number[], wantedUm: number, pieces: number) {
  let best = Infinity;
  const walk = (from: number, total: number, left: number) => {
    best = Math.min(best, Math.abs(total - wantedUm));
    if (left > 0) for (let i = from; i < sizes.length; i += 1) walk(i, total + sizes[i]!, left - 1);
  };
  walk(0, 0, pieces);
  return best;
}
