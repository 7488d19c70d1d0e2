'use client';
import type { SeatId } from '@/core/record/ids';
import { usePathname } from 'next/navigation';
import { later } from '@/bench/record/later';
import { stepOfPath } from './stepOfPath';

const KindNotes = later(() => import('./KindNotes'), 'KindNotes');
const SeatExtras = later(() => import('./SeatExtras'), 'SeatExtras');

/** Beside every step: what the kind of job says of it, notes, photographs, sums. */
export function StepNotes({ seatId }: { seatId: SeatId }) {
  const step = stepOfPath(usePathname());
  return (
    <>
      <KindNotes seatId={seatId} />
      {step && <SeatExtras seatId={seatId} step={step} />}
    </>
  );
}
