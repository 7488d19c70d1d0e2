import 'server-only';
import type { FromSeat } from '@/core/sums/fromSeat';
import { isId } from '../ids';
import { readStanding } from '../projection/standing';

/** The seat that a sum was opened from, by the ids in its address; null where they lead to none. */
export async function loadSeatOfSum(jobId: string, seatId: string): Promise<FromSeat | null> {
  const standing = isId(jobId) ? await readStanding(jobId) : null;
  const seat = standing?.job.castings.flatMap(({ seats }) => seats).find(({ id }) => id === seatId);
  return standing && seat
    ? { jobId: standing.job.id, seatId: seat.id, seatName: seat.name, machine: standing.job.machine }
    : null;
}
