import type { LeftIn, Neighbour } from '@/core/heat/ceilings';
import type { SeatView } from './seatView';

/** Seals of the same casting that would be in the heat while this seat is stripped; its own comes out first anyway. */
export const sealsBeside = ({ seat, leftIn }: SeatView): LeftIn[] =>
  leftIn.filter(({ seatName }) => seatName !== seat.name);

/** Bearings that sit in the casting of a seat: they feel its heat too. While stripping, the old ones that are not out yet. */
export const neighboursOf = (
  views: readonly SeatView[],
  { seat, casting }: SeatView,
  { isStripping = false } = {},
): Neighbour[] =>
  views.flatMap((other) =>
    other.casting.id === casting.id &&
    other.seat.id !== seat.id &&
    other.fit &&
    (isStripping ? !other.history.takenOut && other.history.wayIn === null : other.history.homeMs !== null)
      ? [
          {
            seatName: other.seat.name,
            diameterMm: other.seat.spec.part.outsideMm,
            interferenceMm: other.fit.benchMm,
          },
        ]
      : [],
  );
