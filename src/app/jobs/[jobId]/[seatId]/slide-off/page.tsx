'use client';
import type { JournalId } from '@/core/record/ids';
import { useParams } from 'next/navigation';
import { SlideScreen } from '@/bench/heatRun/slide/SlideScreen';

export default function SlideOffPage() {
  const { seatId } = useParams<{ seatId: JournalId }>();
  return <SlideScreen key={seatId} seatId={seatId} does="off" />;
}
