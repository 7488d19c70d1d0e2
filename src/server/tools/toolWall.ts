import 'server-only';
import type { ToolId } from '@/core/record/ids';
import { toolSchema, type Tool } from '@/core/tools/tool';
import { Refusal } from '../http';
import { pool, queryMany, queryMaybeOne, type Queryable } from '../pool';

type ToolRow = { body: Tool; version: number };

/** What hangs on the wall now. */
export async function loadTools(client: Queryable): Promise<Tool[]> {
  const rows = await queryMany<ToolRow>(
    client,
    "SELECT body FROM tool WHERE NOT is_off_wall AND (NOT is_demo OR (SELECT shows_demo FROM shop)) ORDER BY body ->> 'name'",
  );
  return rows.map(({ body }) => toolSchema.parse(body));
}

/** Hangs a tool up, or changes one that hangs there; the last change holds. */
export async function saveTool(
  tool: Tool,
  { isDemo = false } = {},
  client: Queryable = pool(),
): Promise<Tool> {
  await client.query(
    `
    INSERT INTO tool (id, body, is_demo) VALUES ($1, $2, $3)
    ON CONFLICT (id) DO UPDATE SET body = excluded.body, version = tool.version + 1, is_off_wall = false`,
    [tool.id, JSON.stringify(tool), isDemo],
  );
  return tool;
}

/** Takes a tool off the wall; saving it again hangs it back. */
export async function takeToolOff(toolId: ToolId): Promise<Tool> {
  const row = await queryMaybeOne<ToolRow>(
    pool(),
    'UPDATE tool SET is_off_wall = true, version = version + 1 WHERE id = $1 RETURNING body',
    [toolId],
  );
  if (!row) throw new Refusal(404, 'not_found', 'There is no such tool.');
  return row.body;
}
