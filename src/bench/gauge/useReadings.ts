'use client';
import type { AnySeatId, CastingId, InstrumentId } from '@/core/record/ids';
import { useMemo, useState } from 'react';
import { slotSizesIn } from '@/core/job/checkPlace';
import { checkReading } from '@/core/job/checkReading';
import { counting } from '@/core/job/counting';
import type { Units } from '@/core/quantity/format';
import type { Result } from '@/core/quantity/result';
import type { CurrentReading } from '@/core/project/readings';
import type { Instrument } from '@/core/record/job';
import { familyOf, slotText, type Slot } from '@/core/record/slots';
import { playCall } from '@/bench/frame/sounds';
import { useJob } from '@/bench/record/JobProvider';
import { sayIssue } from '@/ui/words/issues';
import { useGauge } from './useGauge';

/** One place that takes a reading. */
export type GaugeSlot = {
  /** Its text: what tells it from the others, here and in the record. */
  slot: string;
  place: Slot;
  label: string;
  angleDeg: number;
  instrumentKind: Instrument['kind'];
};

export const gaugeSlot = (place: Slot, label: string): GaugeSlot => ({
  slot: slotText(place),
  place,
  label,
  angleDeg: place.angleDeg,
  instrumentKind: familyOf(place).instrument,
});

/** The slot after this one that has no reading yet; else the next in the row. */
function slotAfter(slots: readonly GaugeSlot[], current: string, taken: ReadonlySet<string>): string {
  const index = slots.findIndex(({ slot }) => slot === current);
  const later = [...slots.slice(index + 1), ...slots.slice(0, index)];
  return later.find(({ slot }) => !taken.has(slot))?.slot ?? slots[index + 1]?.slot ?? current;
}

/** The instruments that a slot can be read with: a simulated one of its kind, or typed by hand. */
export function useInstruments(kind: Instrument['kind'], read: Read | null) {
  const { record } = useJob();
  const [isByHand, setByHand] = useState(false);
  const here = record.instruments.filter(({ isOff }) => !isOff);
  return {
    // A simulated gauge knows castings only.
    simulated: (read?.castingId && here.find((each) => each.kind === kind && each.isSimulated)) || null,
    byHand: here.find((each) => each.kind === 'by_hand') ?? null,
    isByHand,
    setByHand,
  };
}
export type Instruments = ReturnType<typeof useInstruments>;

/** What is read: a seat in a casting, which a gauge can be claimed for, or a seat on a shaft. */
export type Read = {
  seatId: AnySeatId;
  /** Null: on a shaft; what is read there is typed. */
  castingId: CastingId | null;
  readings: readonly CurrentReading[];
  check: (slot: Slot, typed: string, units: Units) => Result<number>;
  /** The size that belongs in a slot, mm; null where none can be told beforehand. */
  nominalMm: (slot: Slot) => number | null;
};

/** The seat of that id as something to read; null when the job has none. */
export function useRead(seatId: AnySeatId): Read | null {
  const { job, record } = useJob();
  const view = job.seats.find(({ seat }) => seat.id === seatId);
  const journal = job.journals.find(({ seat }) => seat.id === seatId);
  return useMemo(() => {
    const sizes = slotSizesIn(record, seatId);
    return (
      sizes && {
        seatId,
        castingId: view?.casting.id ?? null,
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
export function useReadings(
  { read, slots, here, onSlot }: Where,
  { simulated, byHand, isByHand }: Instruments,
) {
  const { record, addReading, addEvent, person, askPerson, keptIds } = useJob();
  const units = person?.units ?? 'metric';
  const [metalC, setMetalC] = useState(record.roomC);
  const [movingFrom, setMovingFrom] = useState<string | null>(null);
  const { seatId, castingId } = read ?? {};
  const target = useMemo(
    () => (seatId && castingId ? { jobId: record.id, seatId, castingId, slot: here.slot } : null),
    [record.id, seatId, castingId, here.slot],
  );
  const gauge = useGauge(isByHand || !target ? null : (simulated?.id ?? null), target);
  const taken = useMemo(() => counting(read?.readings ?? []), [read?.readings]);
  const readingIn = (slot: string): CurrentReading | undefined =>
    taken.find((reading) => reading.slot === slot);

  const take = (typed: string, instrumentId: InstrumentId | undefined, atC: number): string | null => {
    if (!read) return 'This seat is not here.';
    if (!person) {
      askPerson();
      return 'Say first who is at the bench.';
    }
    const checked = read.check(here.place, typed, units);
    if (!checked.ok) {
      playCall('refused');
      return sayIssue(checked.issues[0]!, units);
    }
    if (!instrumentId) return 'This shop has no instrument for typed readings.';
    const { value } = checked;
    addReading({
      slot: here.slot,
      typed,
      value,
      instrumentId,
      metalC: atC,
      seatId: read.seatId,
      castingId: null,
    });
    playCall('tick');
    onSlot(slotAfter(slots, here.slot, new Set([...taken.map(({ slot }) => slot), here.slot])));
    return null;
  };

  return {
    units,
    gauge,
    metalC,
    setMetalC,
    readingIn,
    isWaiting: slots.some((each) => readingIn(each.slot) === undefined),
    isAllStored: taken.length > 0,
    keptHere: taken.filter(({ id }) => keptIds.has(id)).length,
    takeTyped: (typed: string) => take(typed, byHand?.id, metalC),
    takeLive: () =>
      gauge.live?.isSteady
        ? take(`${gauge.live.text}${units === 'imperial' ? 'mm' : ''}`, simulated?.id, gauge.live.metalC)
        : 'The gauge is not steady yet.',
    strike: () => {
      const reading = readingIn(here.slot);
      const reason = 'struck out at the bench';
      if (reading) addEvent('reading_struck', { readingId: reading.id, reason }, seatId && { seatId });
    },
    isMoving: movingFrom !== null,
    /** Begins to move the reading of the waiting slot, or leaves it where it is. */
    startMove: () => setMovingFrom(movingFrom ? null : (readingIn(here.slot)?.id ?? null)),
    /** Goes to a slot; a reading that is being moved goes there too. */
    pick: (slot: string) => {
      const moving = movingFrom && taken.find(({ id }) => id === movingFrom);
      if (moving && moving.slot !== slot)
        addEvent('reading_moved', { readingId: moving.id, slot }, seatId && { seatId });
      setMovingFrom(null);
      onSlot(slot);
    },
  };
}
export type Readings = ReturnType<typeof useReadings>;
