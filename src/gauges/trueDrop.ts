import { MATERIALS } from '@/core/catalogue/materials';
import { REFERENCE_C } from '@/core/quantity/measured';
import type { ProjectedJob } from '@/core/project/project';
import type { Casting, Seat } from '@/core/record/job';
import { partMetal } from '@/core/record/seatFacts';
import { trueCastingC, truePartC } from './trueHeat';
import { trueAcrossMm, trueBoreMm } from './workpiece';

/** What becomes of a simulated part that is let go of: it falls home, it hangs and a tap brings it home, or it grabs half way. */
export type TrueDrop = {
  outcome: 'by_itself' | 'with_taps' | 'grabs';
  /** True bore (its smallest chord) less true outside, as hot and cold as both really were, mm on diameter. */
  clearanceMm: number;
  castingC: number;
  partC: number;
  /** How deep it hangs, from where it entered; null: it is home. */
  depthMm: number | null;
};

/** A race that is held by hand leans a little: with less than this it touches on its way and needs a tap. Common practice, no source. */
const TOUCHES_BELOW_MM = 0.01;

const CLOCK = [0, 30, 60, 90, 120, 150] as const;

/** @returns null where nothing was let go of, or the seat has no size */
export function trueDrop(job: ProjectedJob, casting: Casting, seat: Seat): TrueDrop | null {
  const letGoMs = job.state.seats[seat.id]?.history.letGoMs ?? null;
  const outsideMm = trueAcrossMm(seat, null, 'outside', false);
  if (letGoMs === null || outsideMm === null) return null;
  // Just before: what it takes from the casting is its own drop.
  const castingC = trueCastingC(job, casting, letGoMs - 1);
  const partC = truePartC(job, casting, seat, letGoMs);
  const chordMm = Math.min(...[1, 2].flatMap((plane) => CLOCK.map((at) => trueBoreMm(seat, plane, at))));
  const grown = (mm: number, alphaPerK: number, celsius: number) =>
    mm * (1 + alphaPerK * (celsius - REFERENCE_C));
  const clearanceMm =
    grown(chordMm, MATERIALS[casting.material].alphaPerK, castingC) -
    grown(outsideMm, partMetal(seat.spec.part).alphaPerK, partC);
  const outcome = clearanceMm < 0 ? 'grabs' : clearanceMm < TOUCHES_BELOW_MM ? 'with_taps' : 'by_itself';
  // The tighter, the sooner it hangs; its chamfer enters always.
  const { widthMm } = seat.spec.part;
  const share = Math.max(0.1, Math.min(0.8, 0.8 + clearanceMm / 0.05));
  return { outcome, clearanceMm, castingC, partC, depthMm: outcome === 'grabs' ? widthMm * share : null };
}
