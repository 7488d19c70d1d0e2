import type { JobId, SeatId } from '@/core/record/ids';

/** The seat that a sum was opened from, and that its answer can be kept with. */
export type FromSeat = { jobId: JobId; seatId: SeatId; seatName: string; machine: string };

/** Names of the two in a sum's address. */
export const FROM_SEAT = ['job', 'seat'] as const;
