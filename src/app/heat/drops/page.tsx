import { DatabaseAway } from '@/bench/away/DatabaseAway';
import { DropsPage } from '@/bench/drops/DropsPage';
import { loadShopDrops } from '@/server/after/learned';
import { loadForPage } from '@/server/loadPage';
import { loadPlace } from '@/server/loadPlace';
import { pool } from '@/server/pool';

export const dynamic = 'force-dynamic';

export default async function ShopDropsPage() {
  const loaded = await loadForPage(() => loadShopDrops(pool()));
  if (!loaded) return <DatabaseAway />;
  return <DropsPage shop={loaded.data} {...await loadPlace()} nowMs={loaded.nowMs} />;
}
