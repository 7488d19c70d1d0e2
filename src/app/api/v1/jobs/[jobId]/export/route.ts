import { writeJobFile } from '@/core/record/jobFile';
import { Refusal, answerMarked, requireId } from '@/server/http';
import { loadJob } from '@/server/jobs/loadJob';
import { loadPictures } from '@/server/jobs/photographs';

export const dynamic = 'force-dynamic';

export const GET = (request: Request, { params }: { params: Promise<{ jobId: string }> }) =>
  answerMarked(request, async () => {
    const job = await loadJob(requireId((await params).jobId, 'job'));
    if (!job) throw new Refusal(404, 'not_found', 'There is no such job.');
    return new Response(JSON.stringify(writeJobFile(job, await loadPictures(job.id)), null, 1), {
      headers: {
        'Content-Type': 'application/json',
        'Content-Disposition': `attachment; filename="urn-key-job-${job.number}.json"`,
      },
    });
  });
