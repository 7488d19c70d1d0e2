'use client';
import type { AnySeatId } from '@/core/record/ids';
import { GaugeBar } from '@/bench/gauge/GaugeBar';
import type { GaugeSlot } from '@/bench/gauge/gaugeSlot';
import { useRead } from '@/bench/gauge/useReadings';

type Props = {
  journalId: AnySeatId;
  slots: readonly GaugeSlot[];
  slot: string;
  onSlot: (slot: string) => void;
};

/** The strip that reads a seat on a shaft: it is fetched only where a shaft is looked at. */
export function JournalBar({ journalId, ...rest }: Props) {
  return <GaugeBar read={useRead(journalId)} {...rest} />;
}
