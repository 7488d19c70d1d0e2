import { depthFromEntry, judgeSquareness, type SeatRunner, type Squareness } from '@/core/seating/squareness';
import type { Instrument } from '@/core/record/instrument';
import type { Seat } from '@/core/record/job';
import type { SeatHistory } from '@/core/project/jobState';
import type { CurrentReading } from '@/core/project/readings';
import type { SquarePass } from '@/core/project/square';
import { oncePer } from '@/core/quantity/oncePer';
import { counting } from './counting';
import { depthOf } from './depthTarget';

export type JudgedPass = SquarePass & {
  readings: { id: string; angleDeg: number; entryMm: number; depthMm: number }[];
  result: Squareness | null;
};

/** Doubt of one depth reading by hand on a race face beyond the gauge's own, mm. Common practice, no source. */
export const U_PLACING_MM = 0.008;

/** Rollers, tapers and needles bear half the lean that balls do; so does a bush. */
const runnerOf = ({ spec: { part } }: Seat): SeatRunner =>
  part.type === undefined || part.type === 'deep_groove' || part.type === 'seal' ? 'ball' : 'roller';

type Passed = {
  seat: Seat;
  history: SeatHistory;
  readings: readonly CurrentReading[];
  instruments: readonly Instrument[];
};

/** Each pass round the ring with its judgement: the trail that should converge on home. */
export const passesOf = oncePer((view: Passed): JudgedPass[] => {
  const { seat, history, readings, instruments } = view;
  // What the gauge stands on above the face is taken off each reading.
  const overMm = depthOf(view).overMm.value;
  return history.passes.map((pass) => {
    const taken = counting(readings, 'depth')
      .filter(({ place }) => place.pass === pass.pass)
      .map(({ id, place, value, instrumentId }) => ({
        id,
        angleDeg: place.angleDeg,
        entryMm: value,
        depthMm: depthFromEntry(value, pass.sense) - overMm,
        instrumentId,
      }));
    const gaugeU = Math.max(
      0.005,
      ...taken.map(({ instrumentId }) => instruments.find(({ id }) => id === instrumentId)?.u ?? 0.01),
    );
    const judged = judgeSquareness(taken, {
      sigmaReadingMm: Math.hypot(gaugeU, U_PLACING_MM),
      circleMm: pass.circleMm,
      diameterMm: seat.spec.part.outsideMm,
      runner: runnerOf(seat),
    });
    return { ...pass, readings: taken, result: judged.ok ? judged.value : null };
  });
});

/** Would eight round tell what these readings can not? */
export const wouldEightTell = ({ readings, result }: JudgedPass): boolean =>
  result?.wouldTell != null && readings.length < 8 && readings.length + result.wouldTell.moreReadings <= 8;

/** Tilt of the last passes: shrinking, or not? Null with fewer than two judged passes. */
export function isConverging(passes: readonly JudgedPass[]): boolean | null {
  const tilts = passes.flatMap(({ result }) => (result ? [result.tiltAcrossRingMm] : []));
  const [before, last] = [tilts.at(-2), tilts.at(-1)];
  return before === undefined || last === undefined ? null : last < before;
}
