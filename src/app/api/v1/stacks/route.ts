import { stacksOf } from '@/core/board/benchLine';
import { replayWork } from '@/core/job/work';
import { answer } from '@/server/http';
import { eachReadable } from '@/server/jobs/eachReadable';
import { loadJobs } from '@/server/jobs/loadJob';

export const dynamic = 'force-dynamic';

/** Every stack of every job on the bench: what a stack could be mistaken for. */
export const GET = () =>
  answer(async () => {
    const { made } = eachReadable(await loadJobs(), (record) => {
      const work = replayWork(record.entries);
      return work.putAway ? [] : stacksOf(record, work);
    });
    return Response.json({ stacks: made.flat() });
  });
