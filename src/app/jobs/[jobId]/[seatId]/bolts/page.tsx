'use client';
import type { SeatId } from '@/core/record/ids';
import { useParams } from 'next/navigation';
import { BoltScreen } from '@/bench/closeUp/BoltScreen';

export default function BoltPage() {
  const { seatId } = useParams<{ seatId: SeatId }>();
  return <BoltScreen key={seatId} seatId={seatId} />;
}
