import { DatabaseAway } from '@/bench/away/DatabaseAway';
import { HeatBoardPage } from '@/bench/heatBoard/HeatBoardPage';
import { loadHeatBoard } from '@/server/board/loadHeatBoard';
import { loadForPage } from '@/server/loadPage';
import { loadPlace } from '@/server/loadPlace';

export const dynamic = 'force-dynamic';

export default async function HeatPage() {
  const loaded = await loadForPage(loadHeatBoard);
  if (!loaded) return <DatabaseAway />;
  return <HeatBoardPage {...loaded.data} {...await loadPlace()} nowMs={loaded.nowMs} />;
}
