import { HandOverScreen } from '@/bench/handOver/HandOverScreen';
import { loadHeatOfPage } from '@/server/jobs/loadHeat';

export const dynamic = 'force-dynamic';

export default async function HandOverPage() {
  return <HandOverScreen {...await loadHeatOfPage()} />;
}
