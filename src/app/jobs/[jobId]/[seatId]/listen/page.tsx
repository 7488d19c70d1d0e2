import type { SeatId } from '@/core/record/ids';
import { EarScreen } from '@/bench/ear/EarScreen';
import { loadHeatOfPage } from '@/server/jobs/loadHeat';

export const dynamic = 'force-dynamic';

export default async function ListenPage({ params }: { params: Promise<{ seatId: string }> }) {
  const { seatId } = await params;
  return <EarScreen key={seatId} seatId={seatId as SeatId} {...await loadHeatOfPage()} />;
}
