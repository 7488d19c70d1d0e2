import type { ReactNode } from 'react';
import { findHeatItems } from '@/core/board/heatItems';
import { DatabaseAway } from '@/bench/away/DatabaseAway';
import { JobFrame } from '@/bench/job/JobFrame';
import { loadWarmJobs } from '@/server/jobs/loadWarmJobs';
import { loadForPage } from '@/server/loadPage';

export const dynamic = 'force-dynamic';

export default async function WalkLayout({
  params,
  children,
}: {
  params: Promise<{ seatId: string }>;
  children: ReactNode;
}) {
  const { seatId } = await params;
  const loaded = await loadForPage(loadWarmJobs);
  if (!loaded) return <DatabaseAway />;
  return (
    <JobFrame seatId={seatId} heat={findHeatItems(loaded.data, loaded.nowMs)} heatMs={loaded.nowMs}>
      {children}
    </JobFrame>
  );
}
