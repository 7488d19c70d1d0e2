'use client';
import type { SeatId } from '@/core/record/ids';
import { useParams } from 'next/navigation';
import { StepLayout } from '@/bench/job/StepLayout';
import { FastenerSlate } from '@/bench/work/FastenerSlate';
import { WorkStep } from '@/bench/work/WorkStep';

export default function WorkPage() {
  const { seatId } = useParams<{ seatId: SeatId }>();
  return <StepLayout seatId={seatId} middle={<WorkStep />} slate={<FastenerSlate />} />;
}
