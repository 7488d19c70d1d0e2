import { notFound, redirect } from 'next/navigation';
import { findNextMove } from '@/core/walk/nextMove';
import { WALKS } from '@/core/record/vocabulary';
import { viewJob } from '@/core/job/seatView';
import { DatabaseAway } from '@/bench/away/DatabaseAway';
import { readStanding } from '@/server/projection/standing';
import { readWalkHere } from '../walkHere';
import { loadForPage } from '@/server/loadPage';
import { isId } from '@/server/ids';
import { STEP_PATHS } from '@/ui/words/steps';

export const dynamic = 'force-dynamic';

/** A job opens at its next move, in the walk of whoever asks (`?walk=quick`), else of whoever was here last. */
export default async function JobPage({
  params,
  searchParams,
}: {
  params: Promise<{ jobId: string }>;
  searchParams: Promise<Record<string, string | string[] | undefined>>;
}) {
  const { jobId } = await params;
  const { walk: asked } = await searchParams;
  if (!isId(jobId)) notFound();
  const loaded = await loadForPage(() => readStanding(jobId));
  if (!loaded) return <DatabaseAway />;
  if (!loaded.data) notFound();
  const {
    data: { job },
    nowMs,
  } = loaded;
  const move = findNextMove(
    viewJob(job, nowMs),
    WALKS.find((walk) => walk === asked) ?? (await readWalkHere()),
  );
  const seatId = move.seatId ?? job.castings[0]?.seats[0]?.id;
  if (!seatId) notFound();
  redirect(`/jobs/${jobId}/${seatId}/${STEP_PATHS[move.step]}`);
}
