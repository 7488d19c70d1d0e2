'use client';
import type { SeatId } from '@/core/record/ids';
import { useParams } from 'next/navigation';
import { MapPanel } from '@/bench/job/MapPanel';
import { MapBesideSection, StepLayout } from '@/bench/job/StepLayout';
import { StepNotes } from '@/bench/job/StepNotes';
import { SeatSection } from '@/bench/seat/SeatSection';
import { WayInPlace } from '@/bench/wayIn/WayInPlace';

export default function WayInPage() {
  const { seatId } = useParams<{ seatId: SeatId }>();
  const section = <SeatSection seatId={seatId} />;
  return (
    <WayInPlace
      key={seatId}
      seatId={seatId}
      notes={<StepNotes seatId={seatId} />}
      sits={<MapBesideSection map={<MapPanel seatId={seatId} />} section={section} />}
      beside={(slate) => <StepLayout seatId={seatId} isSlateFirst middle={section} slate={slate} />}
    />
  );
}
