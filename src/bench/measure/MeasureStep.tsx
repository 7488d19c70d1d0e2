'use client';
import { useMemo, useState, type ReactNode } from 'react';
import { BORE_SLOTS, OUTSIDE_SLOTS } from '@/core/job/seatView';
import { countingReadings, slotNumbers } from '@/core/job/currentReadings';
import { GaugeBar } from '@/bench/gauge/GaugeBar';
import type { GaugeSlot } from '@/bench/gauge/useReadings';
import { useSeatView } from '@/bench/record/JobProvider';
import { acrossWords } from '@/ui/words/moves';
import { MeasureSlate } from './MeasureSlate';

const boreSlot = (slot: string): GaugeSlot => {
  const [plane = 1, angleDeg = 0] = slotNumbers(slot);
  return {
    slot,
    angleDeg,
    label: `${acrossWords(angleDeg)} ${plane === 1 ? 'top' : 'low'}`,
    instrumentKind: 'bore_gauge',
  };
};
const outsideSlot = (slot: string): GaugeSlot => ({
  slot,
  angleDeg: slotNumbers(slot)[0]!,
  label: slot === 'outside.0' ? 'bearing' : 'turned',
  instrumentKind: 'micrometer',
});

/** Measure: the slots of one seat, the slate that judges them, and the strip that takes them. `compose` places the two. */
export function MeasureStep({
  seatId,
  compose,
}: {
  seatId: string;
  compose: (parts: { slate: ReactNode; strip: ReactNode }) => ReactNode;
}) {
  const view = useSeatView(seatId);
  const [isThirdWanted, setThird] = useState(false);
  const [chosen, setChosen] = useState<string | null>(null);
  const taken = useMemo(
    () => new Set(countingReadings(view?.readings ?? [], '').map(({ slot }) => slot)),
    [view?.readings],
  );
  const hasThird = isThirdWanted || taken.has('bore.1.60') || taken.has('bore.2.60');
  const slots = useMemo(
    () => [
      ...BORE_SLOTS.map(boreSlot),
      ...(hasThird ? ['bore.1.60', 'bore.2.60'].map(boreSlot) : []),
      ...OUTSIDE_SLOTS.map(outsideSlot),
    ],
    [hasThird],
  );
  const slot =
    chosen && slots.some((each) => each.slot === chosen)
      ? chosen
      : (slots.find((each) => !taken.has(each.slot)) ?? slots[0]!).slot;
  if (!view) return null;
  return compose({
    slate: (
      <MeasureSlate
        view={view}
        slot={slot}
        hasThird={hasThird}
        onThird={() => {
          setThird(true);
          setChosen('bore.1.60');
        }}
        onSlot={setChosen}
      />
    ),
    strip: <GaugeBar seatId={seatId} slots={slots} slot={slot} onSlot={setChosen} />,
  });
}
