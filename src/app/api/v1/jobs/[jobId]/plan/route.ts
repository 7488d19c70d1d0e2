import { answer, readJson, requireId } from '@/server/http';
import { planEditSchema, savePlan } from '@/server/jobs/savePlan';

export const dynamic = 'force-dynamic';

export const PUT = (request: Request, { params }: { params: Promise<{ jobId: string }> }) =>
  answer(async () => {
    const jobId = requireId((await params).jobId, 'job');
    return Response.json({ plan: await savePlan(jobId, await readJson(request, planEditSchema)) });
  });
