import { bearingBody } from '@/core/catalogue/bearings/inside';
import { CONVECTION, FREEZER_C, timeUntilWithin } from '@/core/heat/soak';
import { partMetal } from '@/core/record/seatFacts';
import type { SeatView } from './seatView';

/** Minutes until the part is as cold as a freezer makes it, within 1 K. */
export function freezerMinutes({ seat, history }: SeatView, roomC: number): number {
  const body = bearingBody(seat.spec.part);
  const surroundingsC = history.freezer?.freezerC ?? FREEZER_C;
  const { specificHeatJKgK } = partMetal(seat.spec.part);
  return (
    timeUntilWithin(
      { ...body, specificHeatJKgK, hWM2K: CONVECTION.freezer, startC: roomC, surroundingsC },
      1,
    ) / 60
  );
}
