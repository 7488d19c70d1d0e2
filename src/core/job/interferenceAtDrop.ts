import { MATERIALS } from '@/core/catalogue/materials';
import { interferenceAt } from '@/core/fit/runningFit';
import { isDrop } from '@/core/heat/waySorts';
import type { Measured } from '@/core/quantity/measured';
import { partMetal } from '@/core/record/seatFacts';
import type { SeatView } from './seatView';

/** Doubt of the planned temperatures at the drop, standard uncertainty, K. Common practice, no source. */
const U_AT_DROP_K = 3;

/** Interference at the planned drop (negative is clear); null where none is planned, or where it is driven cold. */
export function interferenceAtDrop({ seat, casting, fit, history: { wayIn } }: SeatView): Measured | null {
  if (!fit || !wayIn || !isDrop(wayIn.way)) return null;
  return interferenceAt({
    diameterMm: seat.spec.part.outsideMm,
    interferenceMm: fit.interference.forDropMm,
    ring: partMetal(seat.spec.part),
    housing: MATERIALS[casting.material],
    ringC: { value: wayIn.ringC, u: U_AT_DROP_K },
    housingC: { value: wayIn.boreC ?? wayIn.housingC, u: U_AT_DROP_K },
  });
}
