'use client';
import type { SeatId } from '@/core/record/ids';
import Box from '@mui/material/Box';
import { useParams } from 'next/navigation';
import { StepLayout } from '@/bench/job/StepLayout';
import { SeatSection } from '@/bench/seat/SeatSection';
import { Photographs } from '@/bench/record/Photographs';
import { StripSlate } from '@/bench/strip/StripSlate';
import { Column } from '@/ui/parts/layout';

export default function StripPage() {
  const { seatId } = useParams<{ seatId: SeatId }>();
  const middle = (
    <Column sx={{ height: '100%', minHeight: 0 }}>
      <Box sx={{ flex: 1, minHeight: 300 }}>
        <SeatSection seatId={seatId} />
      </Box>
      <Photographs key={seatId} seatId={seatId} />
    </Column>
  );
  return <StepLayout seatId={seatId} middle={middle} slate={<StripSlate key={seatId} seatId={seatId} />} />;
}
