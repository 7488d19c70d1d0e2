'use client';
import type { SeatId } from '@/core/record/ids';
import { useParams } from 'next/navigation';
import { EarScreen } from '@/bench/ear/EarScreen';

export default function ListenPage() {
  const { seatId } = useParams<{ seatId: SeatId }>();
  return <EarScreen key={seatId} seatId={seatId} />;
}
