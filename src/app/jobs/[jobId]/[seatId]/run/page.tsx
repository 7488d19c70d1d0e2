'use client';
import { useParams } from 'next/navigation';
import { HeatRunScreen } from '@/bench/heatRun/HeatRunScreen';

export default function RunPage() {
  const { seatId } = useParams<{ seatId: string }>();
  return <HeatRunScreen key={seatId} seatId={seatId} />;
}
