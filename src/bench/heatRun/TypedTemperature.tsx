import Button from '@mui/material/Button';
import { useState } from 'react';
import { MATERIALS } from '@/core/catalogue/materials';
import { chooseInstrument } from '@/core/gauge/chooseInstrument';
import { metalFromShown } from '@/core/heat/thermometer';
import { parseMetalTemperature } from '@/core/job/metalTemperature';
import type { SeatView } from '@/core/job/seatView';
import { asText, showTemperature, type Units } from '@/core/quantity/format';
import { slotOf, slotText } from '@/core/record/slots';
import { useJob } from '@/bench/record/JobProvider';
import { ifOpen, later } from '@/bench/record/later';
import type { Casting } from '@/core/record/job';
import type { FeltBy } from '@/core/record/vocabulary';
import { Row } from '@/ui/parts/layout';
import { ChoiceRow } from '@/ui/fields/ChoiceRow';
import { sayIssue } from '@/ui/words/issues';

const KeyPad = later(() => import('@/ui/fields/KeyPad'), 'KeyPad', ifOpen);

/** A contact-free thermometer is set to this from the box; bare metal is known so well. Common practice, no source. */
const SET_EMISSIVITY = 0.95;
const U_EMISSIVITY = 0.05;

/** Where a drop of water boils, °C; it does a little sooner high up, which errs to the safe side by a degree in three hundred metres. */
const WATER_C = 100;

type Told = 'matt' | 'bare' | 'thermometer' | 'melts' | 'melts_not';
const TOLD_WORDS: Record<Told, string> = {
  thermometer: 'a thermometer',
  matt: 'contact-free, on a matt patch',
  bare: 'contact-free, on bare metal',
  melts: 'a stick, and it melts',
  melts_not: 'a stick, and it does not',
};

/** What a contact-free figure on bare metal can be. */
function rangeOnBareMetal(shownC: number, { material }: Casting, roomC: number, units: Units): string {
  const { lowC, highC } = metalFromShown({
    shownC,
    setEmissivity: SET_EMISSIVITY,
    emissivity: MATERIALS[material].emissivity,
    uEmissivity: U_EMISSIVITY,
    backgroundC: roomC,
  });
  const from = lowC === null ? 'anything' : `from ${asText(showTemperature(lowC, units))}`;
  const to = highC === null ? ' up' : ` to ${asText(showTemperature(highC, units))}`;
  return `On bare metal it sees the room as well: that is ${from}${to}. Hold it on a matt patch.`;
}

type Props = { view: SeatView; units: Units };

/**
 * How hot it is by what speaks to no screen: a thermometer's reading is typed, and the run goes on from it; a stick or a drop of water
 * tells that it is at least so hot, or less. A contact-free thermometer sees the room in bare metal: what that could be is said, and
 * nothing is taken.
 */
export function TypedTemperature({ view: { casting }, units }: Props) {
  const { record, person, addReading, addEvent } = useJob();
  const [isOpen, setOpen] = useState(false);
  const { typed: instrument } = chooseInstrument({
    family: 'temperature',
    instruments: record.instruments,
    used: person?.instruments,
    isDemo: record.isDemo,
    asked: null,
    sizeMm: null,
  });
  const readBy: Told[] = !instrument
    ? []
    : instrument.kind === 'infrared'
      ? ['matt', 'bare']
      : ['thermometer'];
  const tellers: Told[] = [...readBy, 'melts', 'melts_not'];
  const [told, setTold] = useState<Told>(tellers[0]!);
  const feel = (by: FeltBy, celsius: number, isAtLeast: boolean) => {
    addEvent('casting_heat_felt', { by, celsius, isAtLeast }, { castingId: casting.id });
    setOpen(false);
  };
  const take = (typed: string): string | null => {
    const read = parseMetalTemperature(typed, units);
    if (!read.ok) return sayIssue(read.issues[0]!, units);
    if (told === 'bare') return rangeOnBareMetal(read.value, casting, record.roomC, units);
    if (told === 'melts' || told === 'melts_not') {
      feel('stick', read.value, told === 'melts');
      return null;
    }
    addReading({
      slot: slotText(slotOf('temperature')),
      typed,
      value: read.value,
      instrumentId: instrument!.id,
      metalC: read.value,
      seatId: null,
      castingId: casting.id,
    });
    setOpen(false);
    return null;
  };
  return (
    <>
      <Button variant="text" onClick={() => setOpen(true)} sx={{ minHeight: 48 }}>
        Tell how hot it is
      </Button>
      <KeyPad
        isOpen={isOpen}
        title={instrument ? `On the casting, by ${instrument.name} or a stick` : 'On the casting, by a stick'}
        quantity="temperature"
        onClose={() => setOpen(false)}
        onEnter={take}
      >
        <ChoiceRow
          label="What told it"
          isLabelHidden
          options={tellers.map((value) => ({ value, words: TOLD_WORDS[value] }))}
          value={told}
          onPick={setTold}
        />
        {/* Never water near magnesium that is hot. */}
        <Row sx={{ display: casting.material === 'az91' ? 'none' : 'flex' }}>
          {[true, false].map((isAtLeast) => (
            <Button
              key={String(isAtLeast)}
              variant="outlined"
              onClick={() => feel('water_drop', WATER_C, isAtLeast)}
            >
              A drop of water {isAtLeast ? 'boils' : 'lies still'}
            </Button>
          ))}
        </Row>
      </KeyPad>
    </>
  );
}
