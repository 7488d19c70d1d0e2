import type { SeatId } from '@/core/record/ids';
import type { ReactNode } from 'react';
import { JobFrame } from '@/bench/job/JobFrame';
import { loadHeat } from '@/server/jobs/loadHeat';
import { loadIfThere } from '@/server/loadPage';

export const dynamic = 'force-dynamic';

export default async function WalkLayout({
  params,
  children,
}: {
  params: Promise<{ seatId: string }>;
  children: ReactNode;
}) {
  const { seatId } = await params;
  // Without the database the job goes on from what the screen knows; what is hot elsewhere comes with the live line.
  const heat = await loadIfThere(loadHeat);
  return (
    <JobFrame seatId={seatId as SeatId} heat={heat?.data ?? []} heatMs={heat?.nowMs ?? 0}>
      {children}
    </JobFrame>
  );
}
