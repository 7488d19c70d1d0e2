import { stockItemSchema } from '@/core/tools/stock';
import { answer, answerMarked, made, readJson } from '@/server/http';
import { pool } from '@/server/pool';
import { loadStock, saveStockItem } from '@/server/tools/stock';

export const dynamic = 'force-dynamic';

export const GET = (request: Request) =>
  answerMarked(request, async () => Response.json({ stock: await loadStock(pool()) }));

export const POST = (request: Request) =>
  answer(async () => {
    const item = await saveStockItem(await readJson(request, stockItemSchema));
    return made({ item }, `/api/v1/stock/${item.id}`);
  });
