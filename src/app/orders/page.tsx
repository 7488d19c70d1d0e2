import { DatabaseAway } from '@/bench/away/DatabaseAway';
import { OrdersRoom } from '@/bench/orders/OrdersRoom';
import { loadOrders } from '@/server/jobs/loadOrders';
import { loadForPage } from '@/server/loadPage';
import { loadRoom } from '@/server/loadRoom';

export const dynamic = 'force-dynamic';

export default async function OrdersPage() {
  const loaded = await loadForPage(loadOrders);
  if (!loaded) return <DatabaseAway />;
  return <OrdersRoom lines={loaded.data.lines} {...await loadRoom()} nowMs={loaded.nowMs} />;
}
