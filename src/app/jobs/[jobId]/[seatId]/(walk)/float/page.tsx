'use client';
import type { SeatId } from '@/core/record/ids';
import { useParams } from 'next/navigation';
import { StepLayout } from '@/bench/job/StepLayout';
import { FloatStep } from '@/bench/float/FloatStep';

export default function FloatPage() {
  const { seatId } = useParams<{ seatId: SeatId }>();
  return <FloatStep compose={(parts) => <StepLayout seatId={seatId} {...parts} />} />;
}
