import type { AnySeatId, CastingId } from '@/core/record/ids';
import type { InstrumentSort } from '@/core/record/instrumentSorts';
import type { CurrentReading } from '@/core/project/readings';
import { showForce, showPressure, showSize, type Units } from '@/core/quantity/format';
import type { Result } from '@/core/quantity/result';
import { familyOf, slotText, type Slot } from '@/core/record/slots';

/** One place that takes a reading. */
export type GaugeSlot = {
  /** Its text: what tells it from the others, here and in the record. */
  slot: string;
  place: Slot;
  label: string;
  angleDeg: number;
  /** What it is usually read with: the picture of it. */
  instrumentKind: InstrumentSort;
};

export const gaugeSlot = (place: Slot, label: string): GaugeSlot => ({
  slot: slotText(place),
  place,
  label,
  angleDeg: place.angleDeg,
  instrumentKind: familyOf(place).instrument,
});

/** What is read: a seat in a casting, a seat on a shaft, or a float of the job. */
export type Read = {
  /** Null: a float, which is of no seat. */
  seatId: AnySeatId | null;
  castingId: CastingId | null;
  /** No simulated gauge can be held there: it is typed. */
  isTypedOnly: boolean;
  readings: readonly CurrentReading[];
  check: (slot: Slot, typed: string, units: Units) => Result<number>;
  /** The size that belongs in a slot, mm; null where none can be told beforehand. */
  nominalMm: (slot: Slot) => number | null;
};

/** What was read there, in the person’s unit. */
export function showRead({ place, instrumentKind }: GaugeSlot, value: number, units: Units) {
  const { quantity } = familyOf(place);
  if (quantity === 'force') return showForce(value, units);
  if (quantity === 'pressure') return showPressure(value, units);
  return showSize(value, units, instrumentKind === 'depth_gauge' ? 2 : 3);
}
