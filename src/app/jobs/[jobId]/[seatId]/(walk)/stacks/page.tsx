'use client';
import { useParams } from 'next/navigation';
import { StepLayout } from '@/bench/job/StepLayout';
import { InspectSlate } from '@/bench/stacks/InspectSlate';
import { StacksStep } from '@/bench/stacks/StacksStep';

export default function StacksPage() {
  const { seatId } = useParams<{ seatId: string }>();
  return <StepLayout seatId={seatId} middle={<StacksStep />} slate={<InspectSlate />} />;
}
