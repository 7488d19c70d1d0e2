'use client';
import { useState } from 'react';
import { chooseInstrument, remembering, serves, spans } from '@/core/gauge/chooseInstrument';
import { findTooCoarse } from '@/core/gauge/decides';
import type { Instrument } from '@/core/record/instrument';
import { SLOT_FAMILIES, type Slot, type SlotFamily } from '@/core/record/slots';
import { chooseForPerson } from '@/bench/record/hooks';
import { useJob } from '@/bench/record/JobProvider';

/** What is asked for on this screen, family by family: it holds for this screen also where it is not remembered. */
type Asked = Partial<Record<SlotFamily, string>>;

/**
 * The instruments that a slot can be read with. What is picked is remembered for the person: for this family of slots, and for those that
 * it serves and that nothing was picked for. A simulated one is remembered for the demo's jobs only.
 */
export function useInstruments({ family }: Slot, sizeMm: number | null, isOnShaft: boolean) {
  const { record, person } = useJob();
  const [asked, setAsked] = useState<Asked>({});
  // A simulated gauge knows castings only.
  const instruments = isOnShaft
    ? record.instruments.filter(({ isSimulated }) => !isSimulated)
    : record.instruments;
  const chosen = chooseInstrument({
    family,
    instruments,
    used: person?.instruments,
    isDemo: record.isDemo,
    asked: asked[family] ?? null,
    sizeMm,
  });
  const here = chosen.heard ?? chosen.typed;
  return {
    ...chosen,
    here,
    isOutOfRange: here !== null && !spans(here, sizeMm),
    tooCoarse: here && findTooCoarse(here, family, sizeMm),
    pick: (instrument: Instrument) => {
      const used = person?.instruments;
      const families = (Object.keys(SLOT_FAMILIES) as SlotFamily[]).filter(
        (each) => serves(instrument, each) && (each === family || !used?.[each]?.length),
      );
      setAsked({ ...asked, ...Object.fromEntries(families.map((each) => [each, instrument.id])) });
      if (person && (record.isDemo || !instrument.isSimulated))
        chooseForPerson(person, { instruments: remembering(used, families, instrument) });
    },
  };
}
export type Instruments = ReturnType<typeof useInstruments>;
