import { bearingBody } from '@/core/catalogue/bearings/inside';
import { FREEZER_C, soakInFreezer, timeUntilWithin } from '@/core/heat/soak';
import { partMetal } from '@/core/record/seatFacts';
import type { SeatView } from './seatView';

/** Its part still lies in the freezer, and can be read there. */
export const isInTheCold = ({ heat, history }: SeatView): boolean =>
  history.freezer !== null && history.letGoMs === null && heat.phase !== 'out';

/** Minutes until the part is as cold as a freezer makes it, within 1 K. */
export function freezerMinutes({ seat, history }: SeatView, roomC: number): number {
  const body = bearingBody(seat.spec.part);
  const surroundingsC = history.freezer?.freezerC ?? FREEZER_C;
  const { specificHeatJKgK } = partMetal(seat.spec.part);
  const soak = soakInFreezer({ ...body, specificHeatJKgK }, { startC: roomC, surroundingsC });
  return timeUntilWithin(soak, 1) / 60;
}
