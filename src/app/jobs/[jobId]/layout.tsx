import { notFound } from 'next/navigation';
import type { ReactNode } from 'react';
import { DatabaseAway } from '@/bench/away/DatabaseAway';
import { JobProvider } from '@/bench/record/JobProvider';
import { loadStandingJob } from '@/server/jobs/loadStandingJob';
import { loadForPage } from '@/server/loadPage';
import { isId } from '@/server/ids';

export const dynamic = 'force-dynamic';

export default async function JobLayout({
  params,
  children,
}: {
  params: Promise<{ jobId: string }>;
  children: ReactNode;
}) {
  const { jobId } = await params;
  if (!isId(jobId)) notFound();
  const loaded = await loadForPage(() => loadStandingJob(jobId));
  if (!loaded) return <DatabaseAway />;
  if (!loaded.data) notFound();
  return (
    <JobProvider key={jobId} initial={loaded.data} initialMs={loaded.nowMs}>
      {children}
    </JobProvider>
  );
}
