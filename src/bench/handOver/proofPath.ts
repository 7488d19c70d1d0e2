import type { Proof } from '@/core/handOver/proofs';
import { STEP_PATHS } from '@/ui/words/steps';

/** Where something is proved that is still open. */
export const proofPath = (jobId: string, firstSeatId: string, { at }: Proof) =>
  `/jobs/${jobId}/${at.seatId ?? firstSeatId}/${STEP_PATHS[at.step]}`;
