import { answer, readJson } from '@/server/http';
import { eachReadable } from '@/server/jobs/eachReadable';
import { loadHeadRows, readHead } from '@/server/jobs/loadJob';
import { startJobSchema, startNewJob } from '@/server/jobs/startNewJob';
import { pool } from '@/server/pool';

export const dynamic = 'force-dynamic';

export const GET = () =>
  answer(async () => {
    const { made: jobs, unreadable } = eachReadable(await loadHeadRows(pool()), readHead);
    return Response.json({ jobs, unreadable });
  });

export const POST = (request: Request) =>
  answer(async () =>
    Response.json(await startNewJob(await readJson(request, startJobSchema)), { status: 201 }),
  );
