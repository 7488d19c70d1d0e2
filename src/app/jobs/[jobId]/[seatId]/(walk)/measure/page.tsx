'use client';
import type { SeatId } from '@/core/record/ids';
import { useParams } from 'next/navigation';
import { StepLayout } from '@/bench/job/StepLayout';
import { MeasureStep } from '@/bench/measure/MeasureStep';
import { SeatSection } from '@/bench/seat/SeatSection';

export default function MeasurePage() {
  const { seatId } = useParams<{ seatId: SeatId }>();
  return (
    <MeasureStep
      key={seatId}
      seatId={seatId}
      compose={({ slate, strip }) => (
        <StepLayout seatId={seatId} middle={<SeatSection seatId={seatId} />} slate={slate} strip={strip} />
      )}
    />
  );
}
