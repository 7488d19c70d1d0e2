'use client';
import type { SeatId } from '@/core/record/ids';
import { useParams, useRouter } from 'next/navigation';
import { StepLayout } from '@/bench/job/StepLayout';
import { MapEditor } from '@/bench/setUp/MapEditor';
import { SetUpSlate } from '@/bench/setUp/SetUpSlate';
import { useEdits } from '@/bench/record/useEdits';

export default function SetUpPage() {
  const { jobId, seatId } = useParams<{ jobId: string; seatId: SeatId }>();
  const router = useRouter();
  const edits = useEdits();
  return (
    <StepLayout
      seatId={seatId}
      middle={
        <MapEditor
          seatId={seatId}
          edits={edits}
          onPick={(id) => router.push(`/jobs/${jobId}/${id}/set-up`)}
        />
      }
      slate={<SetUpSlate edits={edits} />}
    />
  );
}
