'use client';
import type { AnySeatId } from '@/core/record/ids';
import { useMemo, useState } from 'react';
import { slotSizesIn } from '@/core/job/slotSizes';
import { checkReading } from '@/core/job/checkReading';
import { counting } from '@/core/job/counting';
import type { CurrentReading } from '@/core/project/readings';
import { familyOf } from '@/core/record/slots';
import { useJob } from '@/bench/record/JobProvider';
import type { GaugeSlot, Read } from './gaugeSlot';
import { useGauge } from './useGauge';
import { inItsUnit, useTake } from './useTake';
import { useTemperatures } from './useTemperatures';
import type { Instruments } from './useInstruments';

/** The seat of that id as something to read; null when the job has none. */
export function useRead(seatId: AnySeatId | null): Read | null {
  const { job, record } = useJob();
  const view = job.seats.find(({ seat }) => seat.id === seatId);
  const journal = job.journals.find(({ seat }) => seat.id === seatId);
  return useMemo(() => {
    const sizes = seatId && slotSizesIn(record, seatId);
    return (
      sizes && {
        seatId,
        castingId: view?.casting.id ?? null,
        // A simulated gauge knows castings only.
        isTypedOnly: !view,
        readings: view?.readings ?? journal?.readings ?? [],
        check: (slot, typed, units) => checkReading({ slot, typed, sizes, units }),
        nominalMm: (slot) => familyOf(slot).expectedMm(sizes),
      }
    );
  }, [view, journal, record, seatId]);
}

type Where = {
  read: Read | null;
  slots: readonly GaugeSlot[];
  here: GaugeSlot;
  onSlot: (slot: string) => void;
};

/**
 * What a bar of readings does, whatever it reads: takes what was typed or what the gauge shows into the waiting slot, strikes out,
 * moves to another slot. Each act says what is wrong, or null when it was taken.
 */
export function useReadings({ read, slots, here, onSlot }: Where, { heard, typed: typedWith }: Instruments) {
  const { record, addEvent, person, keptIds } = useJob();
  const units = person?.units ?? 'metric';
  const temperatures = useTemperatures(here.place.family, record.roomC);
  const { metalC } = temperatures;
  const [movingFrom, setMovingFrom] = useState<string | null>(null);
  const { seatId = null, castingId = null, isTypedOnly = true } = read ?? {};
  const target = useMemo(
    () => (isTypedOnly ? null : { jobId: record.id, seatId, castingId, slot: here.slot }),
    [record.id, seatId, castingId, isTypedOnly, here.slot],
  );
  const gauge = useGauge(target && heard ? heard.id : null, target);
  const taken = useMemo(() => counting(read?.readings ?? []), [read?.readings]);
  const readingIn = (slot: string): CurrentReading | undefined =>
    taken.find((reading) => reading.slot === slot);

  const { take, takePasted } = useTake({
    read,
    slots,
    here,
    onSlot,
    taken,
    readingIn,
    typedWith,
    temperatures,
  });

  /** Slots that have no reading yet. */
  const waitingCount = slots.filter((each) => readingIn(each.slot) === undefined).length;

  return {
    units,
    gauge,
    temperatures,
    readingIn,
    isWaiting: waitingCount > 0,
    waitingCount,
    isAllStored: taken.length > 0,
    keptHere: taken.filter(({ id }) => keptIds.has(id)).length,
    takeTyped: (typed: string) => take(inItsUnit(typed, typedWith), typedWith, metalC),
    takePasted,
    takeLive: () =>
      gauge.live?.isSteady
        ? take(`${gauge.live.text}${gauge.live.unit}`, heard, gauge.live.metalC ?? metalC)
        : { why: 'The gauge is not steady yet.' },
    strike: () => {
      const reading = readingIn(here.slot);
      const reason = 'struck out at the bench';
      if (reading) addEvent('reading_struck', { readingId: reading.id, reason }, seatId ? { seatId } : {});
    },
    isMoving: movingFrom !== null,
    /** Begins to move the reading of the waiting slot, or leaves it where it is. */
    startMove: () => setMovingFrom(movingFrom ? null : (readingIn(here.slot)?.id ?? null)),
    /** Goes to a slot; a reading that is being moved goes there too. */
    pick: (slot: string) => {
      const moving = movingFrom && taken.find(({ id }) => id === movingFrom);
      if (moving && moving.slot !== slot)
        addEvent('reading_moved', { readingId: moving.id, slot }, seatId ? { seatId } : {});
      setMovingFrom(null);
      onSlot(slot);
    },
  };
}
export type Readings = ReturnType<typeof useReadings>;
