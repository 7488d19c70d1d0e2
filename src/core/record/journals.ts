import type { SeatId } from './ids';
import type { Shaft, ShaftSeat } from './shafts';

/** The seat on a shaft that goes into the part of a casting's seat: its other mate. */
export type Journal = { shaft: Shaft; seat: ShaftSeat };

export function journalOf(shafts: readonly Shaft[], seatId: SeatId): Journal | null {
  for (const shaft of shafts) {
    const seat = shaft.seats.find(({ spec }) => spec.sharedWith === seatId);
    if (seat) return { shaft, seat };
  }
  return null;
}

/** Nominal size of it, mm; null where there is none. */
export const journalMm = (journal: Journal | null): number | null =>
  journal?.seat.spec.journal.nominalMm ?? null;

/** As it is spoken of beside the seat of that name: `crank, left journal`, or the shaft alone where no more is said. */
export const journalWords = ({ shaft, seat }: Journal, besideSeat: string): string =>
  seat.name === besideSeat ? shaft.name : `${shaft.name}, ${seat.name}`;
