'use client';
import type { SeatId } from '@/core/record/ids';
import { useParams } from 'next/navigation';
import { SeatSection } from '@/bench/seat/SeatSection';
import { SeatSheet } from '@/bench/sheet/SeatSheet';

export default function RecordPage() {
  const { seatId } = useParams<{ seatId: SeatId }>();
  return <SeatSheet key={seatId} seatId={seatId} drawing={<SeatSection seatId={seatId} />} />;
}
