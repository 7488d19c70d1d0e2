import { DatabaseAway } from '@/bench/away/DatabaseAway';
import { RoundsPage } from '@/bench/rounds/RoundsPage';
import { loadForPage } from '@/server/loadPage';
import { loadPlace } from '@/server/loadPlace';
import { pool } from '@/server/pool';
import { loadRounds } from '@/server/tools/rounds';

export const dynamic = 'force-dynamic';

export default async function LookOverPage() {
  const loaded = await loadForPage(() => loadRounds(pool()));
  if (!loaded) return <DatabaseAway />;
  return <RoundsPage {...loaded.data} {...await loadPlace()} />;
}
