'use client';
import type { SeatId } from '@/core/record/ids';
import { useParams } from 'next/navigation';
import { WatchScreen } from '@/bench/heatRun/WatchScreen';

export default function WatchPage() {
  const { seatId } = useParams<{ seatId: SeatId }>();
  return <WatchScreen key={seatId} seatId={seatId} />;
}
