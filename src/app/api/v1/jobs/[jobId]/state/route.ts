import { Refusal, answerMarked, requireId } from '@/server/http';
import { loadStandingJob } from '@/server/jobs/loadStandingJob';

export const dynamic = 'force-dynamic';

/** A job as its entries have made it, without them: what a screen starts from. */
export const GET = (request: Request, { params }: { params: Promise<{ jobId: string }> }) =>
  answerMarked(request, async () => {
    const job = await loadStandingJob(requireId((await params).jobId, 'job'));
    if (!job) throw new Refusal(404, 'not_found', 'There is no such job.');
    return Response.json(job);
  });
