'use client';
import type { SeatId } from '@/core/record/ids';
import { useParams } from 'next/navigation';
import { HeatRunScreen } from '@/bench/heatRun/HeatRunScreen';

export default function RunPage() {
  const { seatId } = useParams<{ seatId: SeatId }>();
  return <HeatRunScreen key={seatId} seatId={seatId} />;
}
