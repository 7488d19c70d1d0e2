'use client';
import type { SeatId } from '@/core/record/ids';
import { useParams } from 'next/navigation';
import { StepLayout } from '@/bench/job/StepLayout';
import { SealStep } from '@/bench/seal/SealStep';

export default function SealPage() {
  const { seatId } = useParams<{ seatId: SeatId }>();
  return <SealStep seatId={seatId} compose={(parts) => <StepLayout seatId={seatId} {...parts} />} />;
}
