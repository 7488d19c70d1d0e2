import { Refusal, answerMarked, requireId } from '@/server/http';
import { loadJob } from '@/server/jobs/loadJob';

export const dynamic = 'force-dynamic';

export const GET = (request: Request, { params }: { params: Promise<{ jobId: string }> }) =>
  answerMarked(request, async () => {
    const job = await loadJob(requireId((await params).jobId, 'job'));
    if (!job) throw new Refusal(404, 'not_found', 'There is no such job.');
    return Response.json(job);
  });
