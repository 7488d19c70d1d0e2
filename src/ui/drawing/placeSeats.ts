import { mirrorMap } from '@/core/job/kinds/outlines';
import type { Casting, CastingMap, Seat } from '@/core/record/job';
import { castingExtentMm } from './castingOutline';

export type Face = NonNullable<Seat['face']>;

/** Where a seat stands on the drawing of one face. `beside`: it hides another seat's place, so only its mark stands beside that one. */
export type PlacedSeat = {
  seat: Seat;
  xMm: number;
  yMm: number;
  how: 'full' | 'seen_through' | 'beside';
  slot: number;
};

const overlap = (a: PlacedSeat, seat: Seat, xMm: number, yMm: number) =>
  Math.hypot(a.xMm - xMm, a.yMm - yMm) < (a.seat.spec.part.outsideMm + seat.spec.part.outsideMm) / 2;

/** A casting as seen on one face: its map (the back is the mirror image) and its seats, those of this face first. */
export function placeSeats(casting: Casting, face: Face): { map: CastingMap; placed: PlacedSeat[] } {
  const { minXMm, widthMm } = castingExtentMm(casting.map);
  const turned = (xMm: number) => (face === 'back' ? 2 * minXMm + widthMm - xMm : xMm);
  const placed: PlacedSeat[] = [];
  const ofFace = (seat: Seat) => (seat.face ?? 'front') === face;
  for (const seat of [...casting.seats.filter(ofFace), ...casting.seats.filter((each) => !ofFace(each))]) {
    const [xMm, yMm] = [turned(seat.xMm), seat.yMm];
    const host = placed.find((each) => each.how !== 'beside' && overlap(each, seat, xMm, yMm));
    const slot = host
      ? placed.filter(({ how, xMm: x, yMm: y }) => how === 'beside' && x === host.xMm && y === host.yMm)
          .length
      : 0;
    placed.push(
      host
        ? { seat, xMm: host.xMm, yMm: host.yMm, how: 'beside', slot }
        : { seat, xMm, yMm, how: ofFace(seat) ? 'full' : 'seen_through', slot },
    );
  }
  return { map: face === 'back' ? mirrorMap(casting.map, 2 * minXMm + widthMm) : casting.map, placed };
}
