'use client';
import type { SeatId } from '@/core/record/ids';
import { useParams } from 'next/navigation';
import { StepLayout } from '@/bench/job/StepLayout';
import { ShaftSeats } from '@/bench/work/ShaftSeats';
import { later } from '@/bench/record/later';

const WorkStep = later(() => import('@/bench/work/WorkStep'), 'WorkStep');

export default function WorkPage() {
  const { seatId } = useParams<{ seatId: SeatId }>();
  return (
    <ShaftSeats
      compose={({ slate, strip }) => (
        <StepLayout seatId={seatId} middle={<WorkStep />} slate={slate} strip={strip} />
      )}
    />
  );
}
