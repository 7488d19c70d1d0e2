import { DatabaseAway } from '@/bench/away/DatabaseAway';
import { OrderList } from '@/bench/orders/OrderList';
import { loadOrders } from '@/server/jobs/loadOrders';
import { loadForPage } from '@/server/loadPage';
import { pool } from '@/server/pool';
import { loadStock } from '@/server/tools/stock';
import { loadPlace } from '@/server/loadPlace';

export const dynamic = 'force-dynamic';

export default async function OrdersPage() {
  const loaded = await loadForPage(async () => ({
    lines: (await loadOrders()).lines,
    stock: await loadStock(pool()),
  }));
  if (!loaded) return <DatabaseAway />;
  return <OrderList {...loaded.data} {...await loadPlace()} nowMs={loaded.nowMs} />;
}
