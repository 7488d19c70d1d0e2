import { toolSchema } from '@/core/tools/tool';
import { answer, readJson } from '@/server/http';
import { pool } from '@/server/pool';
import { loadTools, saveTool } from '@/server/tools/toolWall';

export const dynamic = 'force-dynamic';

export const GET = () => answer(async () => Response.json({ tools: await loadTools(pool()) }));

export const POST = (request: Request) =>
  answer(async () =>
    Response.json({ tool: await saveTool(await readJson(request, toolSchema)) }, { status: 201 }),
  );
