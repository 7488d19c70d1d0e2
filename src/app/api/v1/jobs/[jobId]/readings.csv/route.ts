import { writeReadingsCsv } from '@/core/record/jobFile';
import { Refusal, answerMarked, requireId } from '@/server/http';
import { loadJob } from '@/server/jobs/loadJob';

export const dynamic = 'force-dynamic';

export const GET = (request: Request, { params }: { params: Promise<{ jobId: string }> }) =>
  answerMarked(request, async () => {
    const job = await loadJob(requireId((await params).jobId, 'job'));
    if (!job) throw new Refusal(404, 'not_found', 'There is no such job.');
    return new Response(writeReadingsCsv(job), {
      headers: {
        'Content-Type': 'text/csv; charset=utf-8; header=present',
        'Content-Disposition': `attachment; filename="urn-key-job-${job.number}-readings.csv"`,
      },
    });
  });
