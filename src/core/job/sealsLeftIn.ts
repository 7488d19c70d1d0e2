import type { LeftIn } from '@/core/heat/ceilings';
import { FRESH_SEAT } from '@/core/project/jobState';
import type { ProjectedJob } from '@/core/project/project';
import type { Casting } from '@/core/record/job';
import { guardOf } from '@/core/record/seatFacts';

/** Seals that sit in a casting and would be heated with it: old ones that are still in, and new ones that were fitted already. */
export const sealsLeftIn = (
  { state }: Pick<ProjectedJob, 'state'>,
  casting: Pick<Casting, 'seats'>,
): LeftIn[] =>
  casting.seats.flatMap(({ id, name, spec }) => {
    if (state.work.removedSeats.includes(id)) return [];
    const history = state.seats[id]?.history ?? FRESH_SEAT.history;
    if (spec.kind === 'seal_in_bore') {
      const seal = { seatName: name, sealMaterial: spec.part.material };
      if (history.homeMs !== null) return [{ ...seal, isNew: true }];
      return history.takenOut ? [] : [seal];
    }
    const guard = guardOf(spec);
    if (!guard) return [];
    const seal = { seatName: name, sealMaterial: guard.material };
    if (history.sealFitted) return [{ ...seal, isNew: true }];
    return guard.leftIn && !history.sealTakenOut ? [seal] : [];
  });
