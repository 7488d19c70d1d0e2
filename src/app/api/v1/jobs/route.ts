import { answer, readJson } from '@/server/http';
import { loadJobHeads } from '@/server/jobs/loadJob';
import { startJobSchema, startNewJob } from '@/server/jobs/startNewJob';
import { pool } from '@/server/pool';

export const dynamic = 'force-dynamic';

export const GET = () => answer(async () => Response.json({ jobs: await loadJobHeads(pool()) }));

export const POST = (request: Request) =>
  answer(async () =>
    Response.json(await startNewJob(await readJson(request, startJobSchema)), { status: 201 }),
  );
