'use client';
import type { SeatId } from '@/core/record/ids';
import { useParams } from 'next/navigation';
import { StepLayout } from '@/bench/job/StepLayout';
import { ComparePart } from '@/bench/parts/ComparePart';
import { PartsStep } from '@/bench/parts/PartsStep';

export default function PartsPage() {
  const { seatId } = useParams<{ seatId: SeatId }>();
  return (
    <ComparePart
      key={seatId}
      seatId={seatId}
      compose={({ slate, strip }) => (
        <StepLayout seatId={seatId} middle={<PartsStep seatId={seatId} />} slate={slate} strip={strip} />
      )}
    />
  );
}
