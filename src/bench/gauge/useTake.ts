'use client';
import type { CurrentReading } from '@/core/project/readings';
import type { Instrument } from '@/core/record/instrument';
import { useJob } from '@/bench/record/JobProvider';
import { playCall } from '@/bench/frame/sounds';
import { sayTypedIssue } from '@/ui/words/typedIssues';
import type { GaugeSlot, Read } from './gaugeSlot';
import type { useTemperatures } from './useTemperatures';

/** Why a reading was not taken; `isForPerson`: it is, as soon as it is known who reads. */
export type Refused = { why: string; isForPerson?: boolean };

/** A keyboard-style gauge types bare numbers in its own unit, whatever unit the person reads in. */
export const inItsUnit = (typed: string, instrument: Instrument | null): string =>
  instrument?.speaks?.by === 'keyboard' && instrument.unit && /^\s*[-−]?[\d.,]+\s*$/.test(typed)
    ? `${typed.trim()}${instrument.unit}`
    : typed;

/** The slot after this one that has no reading yet; else the next in the row. */
function slotAfter(slots: readonly GaugeSlot[], current: string, taken: ReadonlySet<string>): string {
  const index = slots.findIndex(({ slot }) => slot === current);
  const later = [...slots.slice(index + 1), ...slots.slice(0, index)];
  return later.find(({ slot }) => !taken.has(slot))?.slot ?? slots[index + 1]?.slot ?? current;
}

type Taking = {
  read: Read | null;
  slots: readonly GaugeSlot[];
  here: GaugeSlot;
  onSlot: (slot: string) => void;
  taken: readonly CurrentReading[];
  readingIn: (slot: string) => CurrentReading | undefined;
  typedWith: Instrument | null;
  temperatures: ReturnType<typeof useTemperatures>;
};

/** Takes a figure into the waiting slot, or several into the slots behind it; says why not, or null. */
export function useTake({ read, slots, here, onSlot, taken, readingIn, typedWith, temperatures }: Taking) {
  const { addReading, person } = useJob();
  const units = person?.units ?? 'metric';
  const { metalC, gaugeC } = temperatures;
  const store = (slot: string, typed: string, value: number, { id }: Instrument, atC: number) =>
    read &&
    addReading({
      slot,
      typed,
      value,
      instrumentId: id,
      metalC: atC,
      gaugeC,
      seatId: read.seatId,
      castingId: null,
    });
  /** Says that they were taken, and goes to the slot behind the last of them. */
  const goOn = (filled: readonly string[]) => {
    playCall('tick');
    onSlot(slotAfter(slots, filled.at(-1)!, new Set([...taken.map(({ slot }) => slot), ...filled])));
  };
  /** Figures from a sheet, one after the other: into this slot and the free ones of its family behind it; all of them or none. */
  const takePasted = (figures: readonly string[]): Refused | null => {
    if (!read || !person || !typedWith) return take(figures[0] ?? '', typedWith, metalC);
    const at = slots.findIndex(({ slot }) => slot === here.slot);
    const free = slots
      .slice(at)
      .filter(
        ({ slot, place }) => place.family === here.place.family && (slot === here.slot || !readingIn(slot)),
      );
    if (figures.length > free.length)
      return { why: `${figures.length} figures, and ${free.length} slots from here on: nothing was taken.` };
    const checked = figures.map((figure, i) =>
      read.check(free[i]!.place, inItsUnit(figure, typedWith), units),
    );
    const wrong = checked.findIndex((each) => !each.ok);
    const refused = checked[wrong];
    if (refused && !refused.ok)
      return {
        why: `“${figures[wrong]}” for ${free[wrong]!.label}: ${sayTypedIssue(refused.issues[0]!, units)}`,
      };
    const filled = free.slice(0, figures.length).map(({ slot }) => slot);
    checked.forEach((each, i) => {
      if (each.ok) store(filled[i]!, inItsUnit(figures[i]!, typedWith), each.value, typedWith, metalC);
    });
    goOn(filled);
    return null;
  };

  const take = (typed: string, instrument: Instrument | null, atC: number): Refused | null => {
    if (!read) return { why: 'This seat is not here.' };
    if (!person) {
      return { why: 'Say first who is at the bench.', isForPerson: true };
    }
    const checked = read.check(here.place, typed, units);
    if (!checked.ok) {
      playCall('refused');
      return { why: sayTypedIssue(checked.issues[0]!, units) };
    }
    if (!instrument) return { why: 'Say first what it is read with: nothing here serves.' };
    store(here.slot, typed, checked.value, instrument, atC);
    goOn([here.slot]);
    return null;
  };
  return { take, takePasted };
}
