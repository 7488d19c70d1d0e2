import { DatabaseAway } from '@/bench/away/DatabaseAway';
import { OrderList } from '@/bench/orders/OrderList';
import { loadOrders } from '@/server/jobs/loadOrders';
import { loadForPage } from '@/server/loadPage';
import { loadPlace } from '@/server/loadPlace';

export const dynamic = 'force-dynamic';

export default async function OrdersPage() {
  const loaded = await loadForPage(loadOrders);
  if (!loaded) return <DatabaseAway />;
  return <OrderList lines={loaded.data.lines} {...await loadPlace()} nowMs={loaded.nowMs} />;
}
