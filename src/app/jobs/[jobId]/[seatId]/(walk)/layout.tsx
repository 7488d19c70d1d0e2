import type { ReactNode } from 'react';
import { DatabaseAway } from '@/bench/away/DatabaseAway';
import { JobFrame } from '@/bench/job/JobFrame';
import { loadHeat } from '@/server/jobs/loadHeat';
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
  const loaded = await loadForPage(loadHeat);
  if (!loaded) return <DatabaseAway />;
  return (
    <JobFrame seatId={seatId} heat={loaded.data} heatMs={loaded.nowMs}>
      {children}
    </JobFrame>
  );
}
