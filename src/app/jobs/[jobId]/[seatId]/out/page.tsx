'use client';
import type { SeatId } from '@/core/record/ids';
import { useParams } from 'next/navigation';
import { WarmOutScreen } from '@/bench/heatRun/warmOut/WarmOutScreen';

export default function OutPage() {
  const { seatId } = useParams<{ seatId: SeatId }>();
  return <WarmOutScreen key={seatId} seatId={seatId} />;
}
