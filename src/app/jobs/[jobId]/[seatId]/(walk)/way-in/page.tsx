'use client';
import type { SeatId } from '@/core/record/ids';
import { useParams } from 'next/navigation';
import { later } from '@/bench/record/later';
import { WayInPlace } from '@/bench/wayIn/WayInPlace';

// The ways stand first; map and section are looked up, or stand beside a seat that has one way.
const StepLayout = later(() => import('@/bench/job/StepLayout'), 'StepLayout');
const MapBesideSection = later(() => import('@/bench/job/StepLayout'), 'MapBesideSection');
const MapPanel = later(() => import('@/bench/job/MapPanel'), 'MapPanel');
const StepNotes = later(() => import('@/bench/job/StepNotes'), 'StepNotes');
const SeatSection = later(() => import('@/bench/seat/SeatSection'), 'SeatSection');

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
