import type { SeatId } from '@/core/record/ids';
import { BoltScreen } from '@/bench/closeUp/BoltScreen';
import { loadHeatOfPage } from '@/server/jobs/loadHeat';

export const dynamic = 'force-dynamic';

export default async function BoltPage({ params }: { params: Promise<{ seatId: string }> }) {
  const { seatId } = await params;
  return <BoltScreen key={seatId} seatId={seatId as SeatId} {...await loadHeatOfPage()} />;
}
