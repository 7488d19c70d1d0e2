'use client';
import type { SeatId } from '@/core/record/ids';
import { useParams } from 'next/navigation';
import { StepLayout } from '@/bench/job/StepLayout';
import { later } from '@/bench/record/later';
import { StacksStep } from '@/bench/stacks/StacksStep';

/** Its column is kept: nothing else moves when it comes. */
const InspectSlate = later(() => import('@/bench/stacks/InspectSlate'), 'InspectSlate');

export default function StacksPage() {
  const { seatId } = useParams<{ seatId: SeatId }>();
  return <StepLayout seatId={seatId} middle={<StacksStep />} slate={<InspectSlate />} />;
}
