'use client';
import type { SeatId } from '@/core/record/ids';
import { useMemo, useState, type ReactNode } from 'react';
import { counting } from '@/core/job/counting';
import { isSizedByBore } from '@/core/job/seatView';
import { BORE_SLOTS, OUTSIDE_SLOTS, slotOf, slotText, type Slot } from '@/core/record/slots';
import { GaugeBar } from '@/bench/gauge/GaugeBar';
import { useRead } from '@/bench/gauge/useReadings';
import { gaugeSlot } from '@/bench/gauge/gaugeSlot';
import { useSeatView } from '@/bench/record/JobProvider';
import { acrossWords } from '@/ui/words/slots';
import { MeasureSlate } from './MeasureSlate';

/** A third diameter at each depth, for a bore that may be oval. */
const THIRD_SLOTS: readonly Slot[] = [1, 2].map((plane) => slotOf('bore', { plane, angleDeg: 60 }));

const boreSlot = (place: Slot) =>
  gaugeSlot(place, `${acrossWords(place.angleDeg)} ${place.plane === 1 ? 'top' : 'low'}`);
const outsideSlot = (place: Slot) => gaugeSlot(place, place.angleDeg === 0 ? 'bearing' : 'turned');

/** Measure: the slots of one seat, the slate that judges them, and the strip that takes them. `compose` places the two. */
export function MeasureStep({
  seatId,
  compose,
}: {
  seatId: SeatId;
  compose: (parts: { slate: ReactNode; strip: ReactNode }) => ReactNode;
}) {
  const view = useSeatView(seatId);
  const read = useRead(seatId);
  const [isThirdWanted, setThird] = useState(false);
  const [chosen, setChosen] = useState<string | null>(null);
  const taken = useMemo(
    () => new Set(counting(view?.readings ?? []).map(({ slot }) => slot)),
    [view?.readings],
  );
  const hasThird = isThirdWanted || THIRD_SLOTS.some((place) => taken.has(slotText(place)));
  const isCup = view !== null && isSizedByBore(view.seat);
  const slots = useMemo(
    () => [
      ...BORE_SLOTS.map(boreSlot),
      ...(hasThird ? THIRD_SLOTS.map(boreSlot) : []),
      ...(isCup ? [] : OUTSIDE_SLOTS.map(outsideSlot)),
    ],
    [hasThird, isCup],
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
          setChosen(slotText(THIRD_SLOTS[0]!));
        }}
        onSlot={setChosen}
      />
    ),
    strip: <GaugeBar read={read} slots={slots} slot={slot} onSlot={setChosen} />,
  });
}
