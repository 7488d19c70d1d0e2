import { shopNow } from '@/server/clock';
import type { SeatId } from '@/core/record/ids';
import type { ReactNode } from 'react';
import { JobFrame } from '@/bench/job/JobFrame';
import { loadHeatOfPage } from '@/server/jobs/loadHeat';
import { isId } from '@/server/ids';
import { readWalkHere } from '../../../walkHere';
import type { WalkStyle } from '@/core/record/vocabulary';
import { loadIfThere } from '@/server/loadPage';
import { readStanding } from '@/server/projection/standing';
import { viewJob } from '@/core/job/seatView';
import { sayMoveNow } from '@/bench/frame/moveNow';

export const dynamic = 'force-dynamic';

async function loadFirstMove(jobId: string, seatId: string, walk: WalkStyle) {
  const standing = isId(jobId) ? await readStanding(jobId) : null;
  const job = standing && viewJob(standing.job, await shopNow());
  return job && sayMoveNow(job, job.seats.find(({ seat }) => seat.id === seatId) ?? null, walk);
}

export default async function WalkLayout({
  params,
  children,
}: {
  params: Promise<{ jobId: string; seatId: string }>;
  children: ReactNode;
}) {
  const { jobId, seatId } = await params;
  // Without the database the job goes on from what the screen knows; what is hot elsewhere comes with the live line.
  const heat = await loadHeatOfPage();
  const walk = await readWalkHere();
  const first = await loadIfThere(() => loadFirstMove(jobId, seatId, walk));
  return (
    <JobFrame seatId={seatId as SeatId} {...heat} firstMove={first?.data ?? null} firstWalk={walk}>
      {children}
    </JobFrame>
  );
}
