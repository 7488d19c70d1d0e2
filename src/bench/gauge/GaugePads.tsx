'use client';
import { familyOf } from '@/core/record/slots';
import { ifOpen, later } from '@/bench/record/later';
import type { GaugeSlot } from './gaugeSlot';
import type { Instruments } from './useInstruments';
import type { Readings } from './useReadings';

const KeyPad = later(() => import('@/ui/fields/KeyPad'), 'KeyPad', ifOpen);
const TemperaturePad = later(() => import('./TemperaturePad'), 'TemperaturePad', ifOpen);
const InstrumentPicker = later(() => import('./InstrumentPicker'), 'InstrumentPicker');

/** What opens over the bar. */
export type Pad = 'reading' | 'metal' | 'instrument';

type PadProps = {
  nominalMm: number | null;
  label: string;
  here: GaugeSlot;
  pad: Pad | null;
  readings: Readings;
  instruments: Instruments;
  onClose: () => void;
};

/** Figures by touch, how warm the metal is, and what it is read with. */
export function Pads({ label, here, pad, readings, instruments, nominalMm, onClose }: PadProps) {
  const { units } = readings;
  return (
    <>
      <KeyPad
        isOpen={pad === 'reading'}
        title={`Reading ${label}`}
        quantity={familyOf(here.place).quantity}
        nominalMm={units === 'imperial' ? null : nominalMm}
        staysOpen={readings.waitingCount > 1}
        onClose={onClose}
        onEnter={(typed) => readings.takeTyped(typed)?.why ?? null}
      />
      <TemperaturePad isOpen={pad === 'metal'} readings={readings} onClose={onClose} />
      {pad === 'instrument' && (
        <InstrumentPicker
          place={here.place}
          sizeMm={nominalMm}
          instruments={instruments}
          units={units}
          onClose={onClose}
        />
      )}
    </>
  );
}
