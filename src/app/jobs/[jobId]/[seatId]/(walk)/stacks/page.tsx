'use client';
import type { SeatId } from '@/core/record/ids';
import { useParams } from 'next/navigation';
import { StepLayout } from '@/bench/job/StepLayout';
import { InspectSlate } from '@/bench/stacks/InspectSlate';
import { StacksStep } from '@/bench/stacks/StacksStep';

export default function StacksPage() {
  const { seatId } = useParams<{ seatId: SeatId }>();
  return <StepLayout seatId={seatId} middle={<StacksStep />} slate={<InspectSlate />} />;
}
