import Button from '@mui/material/Button';
import { useState } from 'react';
import { MATERIALS } from '@/core/catalogue/materials';
import { chooseInstrument, isHeard } from '@/core/gauge/chooseInstrument';
import { metalFromShown } from '@/core/heat/thermometer';
import { parseMetalTemperature } from '@/core/job/metalTemperature';
import { isInTheCold } from '@/core/job/freezerMinutes';
import type { SeatView } from '@/core/job/seatView';
import { asText, showTemperature, type Units } from '@/core/quantity/format';
import { slotOf, slotText } from '@/core/record/slots';
import { useJob } from '@/bench/record/JobProvider';
import { ifOpen, later } from '@/bench/record/later';
import type { Instrument } from '@/core/record/instrument';
import type { Casting } from '@/core/record/job';
import type { FeltBy } from '@/core/record/vocabulary';
import { Row } from '@/ui/parts/layout';
import { ChoiceRow } from '@/ui/fields/ChoiceRow';
import { sayIssue } from '@/ui/words/issues';

const KeyPad = later(() => import('@/ui/fields/KeyPad'), 'KeyPad', ifOpen);
const HeldThermometer = later(() => import('./Rehearsal'), 'HeldThermometer');

/** A contact-free thermometer is set to this from the box; bare metal is known so well. Common practice, no source. */
const SET_EMISSIVITY = 0.95;
const U_EMISSIVITY = 0.05;

/** Where a drop of water boils, °C; it does a little sooner high up, which errs to the safe side by a degree in three hundred metres. */
const WATER_C = 100;

type Told = 'metal' | 'matt' | 'bare' | 'part' | 'melts' | 'melts_not';
const TOLD_WORDS: Record<Told, string> = {
  metal: 'a thermometer',
  part: 'the part in the cold, by a thermometer on it',
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

type Props = {
  view: SeatView;
  units: Units;
  hasProbe: boolean;
};
/** Of the part alone, where the casting is cold or a probe is on it. */
type Asked = Pick<Props, 'view'> & { isOfPartOnly: boolean };

/** What could tell it here: of the casting, and of the part while it lies in the cold. */
function tellersOf({ view, isOfPartOnly }: Asked, { contact, free }: Thermometers): Told[] {
  const ofPart: Told[] = isInTheCold(view) ? ['part'] : [];
  if (isOfPartOnly) return ofPart;
  const read: Told[] = [
    ...(contact ? (['metal'] as const) : []),
    ...(free ? (['matt', 'bare'] as const) : []),
  ];
  return [...read, 'melts', 'melts_not', ...ofPart];
}

type Thermometers = { contact: Instrument | null; free: Instrument | null };

/** What is read off and typed here; in a rehearsal the simulated ones as well. */
function useThermometers(): Thermometers {
  const { record, person } = useJob();
  const { typed, offered } = chooseInstrument({
    family: 'temperature',
    instruments: record.instruments,
    used: person?.instruments,
    isDemo: record.isDemo,
    asked: null,
    sizeMm: null,
  });
  const here = [...(typed ? [typed] : []), ...offered.filter((each) => record.isDemo || !isHeard(each))];
  const isFree = ({ kind }: Instrument) => kind === 'infrared';
  return {
    contact: here.find((each) => !isFree(each)) ?? null,
    free: here.find(isFree) ?? null,
  };
}

/** Never water near magnesium that is hot. */
const WaterDrop = ({ onTold }: { onTold: (isAtLeast: boolean) => void }) => (
  <Row>
    {[true, false].map((isAtLeast) => (
      <Button key={String(isAtLeast)} variant="outlined" onClick={() => onTold(isAtLeast)}>
        A drop of water {isAtLeast ? 'boils' : 'lies still'}
      </Button>
    ))}
  </Row>
);

const titleOf = (told: Told, { contact, free }: Thermometers): string => {
  if (told === 'part') return 'On the part, while it lies in the cold';
  const name = told === 'metal' ? contact?.name : told === 'matt' || told === 'bare' ? free?.name : null;
  return `On the casting, by ${name ?? 'a stick'}`;
};

/**
 * How hot it is by what speaks to no screen: a thermometer's reading is typed, and the run goes on from it; a stick or a drop of water
 * tells that it is at least so hot, or less. A contact-free thermometer sees the room in bare metal: what that could be is said, and
 * nothing is taken.
 */
export function TypedTemperature({ view, units, hasProbe }: Props) {
  const isOfPartOnly = hasProbe || view.heat.phase === 'cold';
  return isOfPartOnly && !isInTheCold(view) ? null : <Telling {...{ view, units, isOfPartOnly }} />;
}

function Telling({ view, units, isOfPartOnly }: Asked & { units: Units }) {
  const { casting, seat } = view;
  const { record, addReading, addEvent } = useJob();
  const [isOpen, setOpen] = useState(false);
  const thermometers = useThermometers();
  const tellers = tellersOf({ view, isOfPartOnly }, thermometers);
  const [picked, setTold] = useState<Told | null>(null);
  const told = picked && tellers.includes(picked) ? picked : tellers[0]!;
  const feel = (by: FeltBy, celsius: number, isAtLeast: boolean) => {
    addEvent('casting_heat_felt', { by, celsius, isAtLeast }, { castingId: casting.id });
    setOpen(false);
  };
  const take = (typed: string): string | null => {
    const read = parseMetalTemperature(typed, units);
    if (!read.ok) return sayIssue(read.issues[0]!, units);
    if (told === 'bare') return rangeOnBareMetal(read.value, casting, record.roomC, units);
    if (told === 'part') {
      addEvent('part_cold_read', { celsius: read.value }, { seatId: seat.id });
      setOpen(false);
      return null;
    }
    if (told === 'melts' || told === 'melts_not') {
      feel('stick', read.value, told === 'melts');
      return null;
    }
    addReading({
      slot: slotText(slotOf('temperature')),
      typed,
      value: read.value,
      instrumentId: (told === 'matt' ? thermometers.free : thermometers.contact)!.id,
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
        {isOfPartOnly ? 'Tell how cold it is' : 'Tell how hot it is'}
      </Button>
      <KeyPad
        isInRun
        isOpen={isOpen}
        title={titleOf(told, thermometers)}
        quantity="temperature"
        onClose={() => setOpen(false)}
        onEnter={take}
      >
        {(fill) => (
          <>
            {tellers.length > 1 && (
              <ChoiceRow
                label="What told it"
                isLabelHidden
                options={tellers.map((value) => ({ value, words: TOLD_WORDS[value] }))}
                value={told}
                onPick={setTold}
              />
            )}
            {record.isDemo && told !== 'melts' && told !== 'melts_not' && (
              <HeldThermometer held={told} view={view} onShown={fill} />
            )}
            {!isOfPartOnly && casting.material !== 'az91' && (
              <WaterDrop onTold={(isAtLeast) => feel('water_drop', WATER_C, isAtLeast)} />
            )}
          </>
        )}
      </KeyPad>
    </>
  );
}
