'use client';
import { useParams } from 'next/navigation';
import { SeatSection } from '@/bench/seat/SeatSection';
import { SeatSheet } from '@/bench/sheet/SeatSheet';

export default function RecordPage() {
  const { seatId } = useParams<{ seatId: string }>();
  return <SeatSheet key={seatId} seatId={seatId} drawing={<SeatSection seatId={seatId} />} />;
}
