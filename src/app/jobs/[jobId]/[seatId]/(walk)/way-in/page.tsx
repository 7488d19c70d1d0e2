'use client';
import { useParams } from 'next/navigation';
import { StepLayout } from '@/bench/job/StepLayout';
import { SeatSection } from '@/bench/seat/SeatSection';
import { WayInSlate } from '@/bench/wayIn/WayInSlate';

export default function WayInPage() {
  const { seatId } = useParams<{ seatId: string }>();
  return (
    <StepLayout
      seatId={seatId}
      middle={<SeatSection seatId={seatId} />}
      slate={<WayInSlate key={seatId} seatId={seatId} />}
    />
  );
}
