import { toolSchema } from '@/core/tools/tool';
import { answer, answerMarked, made, readJson } from '@/server/http';
import { pool } from '@/server/pool';
import { openJobsAreStale } from '@/server/projection/keepFresh';
import { loadTools, saveTool } from '@/server/tools/toolWall';

export const dynamic = 'force-dynamic';

export const GET = (request: Request) =>
  answerMarked(request, async () => Response.json({ tools: await loadTools(pool()) }));

export const POST = (request: Request) =>
  answer(async () => {
    const tool = await saveTool(await readJson(request, toolSchema));
    await openJobsAreStale();
    return made({ tool }, `/api/v1/tools/${tool.id}`);
  });
