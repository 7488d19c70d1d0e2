import { answer, answerMarked, checkValue, made, readJson } from '@/server/http';
import { jobsQuery, loadJobsPage } from '@/server/jobs/jobsPage';
import { startJobSchema, startNewJob } from '@/server/jobs/startNewJob';

export const dynamic = 'force-dynamic';

export const GET = (request: Request) =>
  answerMarked(request, async () => {
    const page = await loadJobsPage(
      checkValue(jobsQuery, Object.fromEntries(new URL(request.url).searchParams)),
    );
    return Response.json(page, page.next === null ? {} : { headers: { Link: `<${page.next}>; rel="next"` } });
  });

export const POST = (request: Request) =>
  answer(async () => {
    const job = await startNewJob(await readJson(request, startJobSchema));
    return made(job, `/api/v1/jobs/${job.id}`);
  });
