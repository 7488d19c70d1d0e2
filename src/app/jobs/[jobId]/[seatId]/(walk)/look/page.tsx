'use client';
import type { SeatId } from '@/core/record/ids';
import { useParams } from 'next/navigation';
import { StepLayout } from '@/bench/job/StepLayout';
import { LookStep } from '@/bench/look/LookStep';
import { MachineSlate } from '@/bench/look/MachineSlate';

export default function LookPage() {
  const { seatId } = useParams<{ seatId: SeatId }>();
  return <StepLayout seatId={seatId} middle={<LookStep />} slate={<MachineSlate />} />;
}
