import { stacksOf } from '@/core/board/benchLine';
import { replayWork } from '@/core/job/work';
import { answer } from '@/server/http';
import { loadJobs } from '@/server/jobs/loadJob';

export const dynamic = 'force-dynamic';

/** Every stack of every job on the bench: what a stack could be mistaken for. */
export const GET = () =>
  answer(async () => {
    const jobs = (await loadJobs())
      .map((record) => ({ record, work: replayWork(record.entries) }))
      .filter(({ work }) => !work.putAway);
    return Response.json({ stacks: jobs.flatMap(({ record, work }) => stacksOf(record, work)) });
  });
