import { stockItemSchema } from '@/core/tools/stock';
import { answer, readJson } from '@/server/http';
import { pool } from '@/server/pool';
import { loadStock, saveStockItem } from '@/server/tools/stock';

export const dynamic = 'force-dynamic';

export const GET = () => answer(async () => Response.json({ stock: await loadStock(pool()) }));

export const POST = (request: Request) =>
  answer(async () => {
    const item = await saveStockItem(await readJson(request, stockItemSchema));
    return Response.json({ item }, { status: 201 });
  });
