'use client';
import { checkReading } from '@/core/job/checkReading';
import { sizesOfSeat } from '@/core/job/checkSize';
import type { SeatView } from '@/core/job/seatView';
import type { Units } from '@/core/quantity/format';
import { slotOf } from '@/core/record/slots';
import { useJob } from '@/bench/record/JobProvider';
import { KeyPad } from '@/ui/fields/KeyPad';
import { sayIssue } from '@/ui/words/issues';

type StuckProps = { view: SeatView; units: Units; isOpen: boolean; onClose: () => void };

/** How deep it hangs: typed once, where it is known. */
export function StuckPad({ view: { seat }, units, isOpen, onClose }: StuckProps) {
  const { addEvent } = useJob();
  const take = (typed: string) => {
    const checked = checkReading({
      slot: slotOf('depth', { pass: 1 }),
      typed,
      sizes: sizesOfSeat(seat, null),
      units,
    });
    if (!checked.ok) return sayIssue(checked.issues[0]!, units);
    addEvent('stuck', { depthMm: checked.value }, { seatId: seat.id });
    return null;
  };
  return (
    <KeyPad
      isInRun
      isOpen={isOpen}
      title="How deep did it stop, from the face?"
      quantity="length"
      onClose={onClose}
      onEnter={take}
    />
  );
}
