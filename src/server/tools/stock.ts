import 'server-only';
import type { StockId } from '@/core/record/ids';
import { stockItemSchema, type StockItem } from '@/core/tools/stock';
import { SHOWN } from '../shop';
import { pool, queryMany, type Queryable } from '../pool';
import { keepThing, takeThingOff } from './shopThings';

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
export const saveStockItem = (item: StockItem, { isDemo = false } = {}, client: Queryable = pool()) =>
  keepThing('stock_item', item, { isDemo }, client);

/** Takes an item out of stock; saving it again puts it back. */
export const takeStockOff = async (itemId: StockId): Promise<StockItem> =>
  stockItemSchema.parse(await takeThingOff('stock_item', itemId, 'There is no such item in stock.'));
