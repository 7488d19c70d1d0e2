'use client';
import type { SeatId } from '@/core/record/ids';
import { useParams } from 'next/navigation';
import { StepLayout } from '@/bench/job/StepLayout';
import { SquareStep } from '@/bench/square/SquareStep';

export default function SquarePage() {
  const { seatId } = useParams<{ seatId: SeatId }>();
  return (
    <SquareStep key={seatId} seatId={seatId} compose={(parts) => <StepLayout seatId={seatId} {...parts} />} />
  );
}
