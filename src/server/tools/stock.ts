import 'server-only';
import type { StockId } from '@/core/record/ids';
import { stockItemSchema, type StockItem } from '@/core/tools/stock';
import { Refusal } from '../http';
import { SHOWN } from '../jobs/loadJob';
import { pool, queryMany, queryMaybeOne, type Queryable } from '../pool';

type StockRow = { body: unknown };

/** What lies in stock now. */
export async function loadStock(client: Queryable): Promise<StockItem[]> {
  const rows = await queryMany<StockRow>(
    client,
    `SELECT body FROM stock_item WHERE NOT is_off AND ${SHOWN} ORDER BY body ->> 'sort', body ->> 'name'`,
  );
  return rows.map(({ body }) => stockItemSchema.parse(body));
}

/** Puts an item into stock, or changes one that lies there; the last change holds. */
export async function saveStockItem(
  item: StockItem,
  { isDemo = false } = {},
  client: Queryable = pool(),
): Promise<StockItem> {
  await client.query(
    `
    INSERT INTO stock_item (id, body, is_demo) VALUES ($1, $2, $3)
    ON CONFLICT (id) DO UPDATE SET body = excluded.body, is_off = false`,
    [item.id, JSON.stringify(item), isDemo],
  );
  return item;
}

/** Takes an item out of stock; saving it again puts it back. */
export async function takeStockOff(itemId: StockId): Promise<StockItem> {
  const row = await queryMaybeOne<StockRow>(
    pool(),
    'UPDATE stock_item SET is_off = true WHERE id = $1 RETURNING body',
    [itemId],
  );
  if (!row) throw new Refusal(404, 'not_found', 'There is no such item in stock.');
  return stockItemSchema.parse(row.body);
}
