import { isInLine, isFromSameFace } from '@/core/strip/coaxial';
import { planRemoval } from '@/core/strip/removalPlan';
import type { RemovalPlan } from '@/core/strip/removal';
import { probableForceN } from './seatJudgement';
import { neighboursOf, sealsBeside } from './inTheSameHeat';
import type { JobView, SeatView } from './seatView';

/** Another bearing in line, from the other face, that is still in: nothing reaches this one straight from behind. */
const isBehindTaken = ({ seats }: JobView, { seat, casting }: SeatView): boolean =>
  seats.some(
    (other) =>
      other.casting.id === casting.id &&
      other.seat.id !== seat.id &&
      other.seat.spec.kind !== 'seal_in_bore' &&
      isInLine(other.seat, seat) &&
      !isFromSameFace(other.seat, seat),
  );

/** The ways out of one seat as the job stands. */
export const planStrip = (view: SeatView, job: JobView): RemovalPlan =>
  planRemoval({
    spec: view.seat.spec,
    material: view.casting.material,
    interferenceMm: view.fit?.interference.forDropMm ?? null,
    forceN: view.fit ? probableForceN(view) : null,
    neighbours: neighboursOf(job.seats, view, { isStripping: true }),
    leftIn: sealsBeside(view),
    hasHidden: job.plan.hidden.some(({ key, under }) => under === view.seat.id && !(key in job.work.hidden)),
    isShaftInPlace: job.kind === 'seal_only',
    workpiece: job.workpiece,
    rules: job.rules,
    isBehindTaken: isBehindTaken(job, view),
    isPressJob: job.plan.preferredWay === 'press',
  });
