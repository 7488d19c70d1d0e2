'use client';
import type { SeatId } from '@/core/record/ids';
import { useParams } from 'next/navigation';
import { StepLayout } from '@/bench/job/StepLayout';
import { SeatSection } from '@/bench/seat/SeatSection';
import { WayInSlate } from '@/bench/wayIn/WayInSlate';

export default function WayInPage() {
  const { seatId } = useParams<{ seatId: SeatId }>();
  return (
    <StepLayout
      seatId={seatId}
      isSlateFirst
      middle={<SeatSection seatId={seatId} />}
      slate={<WayInSlate key={seatId} seatId={seatId} />}
    />
  );
}
