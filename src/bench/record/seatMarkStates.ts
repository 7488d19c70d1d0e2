import type { JobView, SeatView } from '@/core/job/seatView';

/** How far a seat and its part are, and whether its casting is hot: what a map of the job shows. */
export type SeatMarkState = Pick<SeatView, 'seat' | 'casting' | 'seatState' | 'partState'> & {
  isHot: boolean;
};

const markOf = ({ seat, casting, seatState, partState, heat }: SeatView): SeatMarkState => ({
  seat,
  casting,
  seatState,
  partState,
  isHot: heat.phase !== 'cold',
});

const isSameMark = (a: SeatMarkState, b: SeatMarkState) =>
  (Object.keys(a) as (keyof SeatMarkState)[]).every((key) => a[key] === b[key]);

/** Of every seat, in the order of the castings: the very same list as before where all are as they were. */
export function marksOf(
  { seats }: JobView,
  before: readonly SeatMarkState[] | undefined,
): readonly SeatMarkState[] {
  const now = seats.map(markOf);
  return before?.length === now.length && now.every((mark, i) => isSameMark(mark, before[i]!)) ? before : now;
}
