'use client';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useEffect, useRef, useState, type KeyboardEvent } from 'react';
import { useJob } from '@/bench/record/JobProvider';
import { later } from '@/bench/record/later';
import { isHeard } from '@/core/gauge/chooseInstrument';
import type { Instrument } from '@/core/record/instrument';
import type { LiveGauge } from './useGauge';
import { token, TYPE } from '@/ui/theme/tokens';
import { sayOutOfRange, sayTooCoarse } from '@/ui/words/gauges';
import { InstrumentName, LiveValue, MetalName, SlotList, WaitingSlot } from './GaugeParts';
import type { Pad } from './GaugePads';
import { useDigits } from './useDigits';
import { useInstruments, type Instruments } from './useInstruments';
import type { GaugeSlot, Read } from './gaugeSlot';
import { useReadings, type Readings } from './useReadings';
import type { Refused } from './useTake';

const Pads = later(() => import('./GaugePads'), 'Pads');

const MOVES: Partial<Record<string, 1 | -1>> = { ArrowDown: 1, ArrowRight: 1, ArrowUp: -1, ArrowLeft: -1 };
const QUIET_BUTTON = { minWidth: 64, px: 1, fontSize: TYPE.text, lineHeight: 1.05 } as const;

type Props = {
  /** Null: what is read is not here. */
  read: Read | null;
  slots: readonly GaugeSlot[];
  slot: string;
  onSlot: (slot: string) => void;
  /** What was typed while a question stood open: it waits in the first slot. */
  typedBefore?: string;
};

const slotLabel = ({ label, instrumentKind }: GaugeSlot) =>
  `${instrumentKind === 'bore_gauge' ? 'bore, ' : instrumentKind === 'micrometer' ? 'bearing, ' : ''}${label}`;

/**
 * The bar that takes readings: what the gauge shows, the slots, and the waiting one in black. A number and Enter moves on. It knows
 * nothing of what is read: bores, depths, whatever has slots.
 */
export function GaugeBar({ read, slots, slot, onSlot, typedBefore = '' }: Props) {
  const [text, setText] = useState(typedBefore);
  const [problem, setProblem] = useState<string | null>(null);
  const [pad, setPad] = useState<Pad | null>(null);
  const input = useRef<HTMLInputElement>(null);
  const here = slots.find((each) => each.slot === slot) ?? slots[0]!;
  const sizeMm = read?.nominalMm(here.place) ?? null;
  const instruments = useInstruments(here.place, sizeMm, read?.isTypedOnly ?? true);
  const readings = useReadings({ read, slots, here, onSlot }, instruments);
  useDigits({ input, isOff: pad !== null, slot: here.slot, onText: setText });

  const hear = (refused: Refused | null) => {
    setProblem(refused?.why ?? null);
    if (refused === null) setText('');
    return refused;
  };
  const takeWhatIsThere = () =>
    hear(text.trim() === '' && readings.gauge.live ? readings.takeLive() : readings.takeTyped(text));
  const take = useOnceKnown(takeWhatIsThere);
  const pasted = useRef<readonly string[]>([]);
  const takePasted = useOnceKnown(() => hear(readings.takePasted(pasted.current)));
  usePressed(readings.gauge.live, () => hear(readings.takeLive()));
  if (!read) return null;

  const pick = (name: string) => {
    setProblem(null);
    readings.pick(name);
  };
  const readWith = (instrument: Instrument) => {
    instruments.pick(instrument);
    setProblem(null);
    // What is heard gives its own figures.
    if (isHeard(instrument)) setText('');
  };
  const keys = keysOf({ isEmpty: text === '', slots, here, pick, take, strike: readings.strike });
  return (
    <Box className="no-print" data-strip sx={BAR}>
      {problem ? (
        <Problem words={`${slotLabel(here)}: ${problem}`} />
      ) : (
        <InstrumentNote instruments={instruments} readings={readings} />
      )}
      <Box sx={LINE}>
        <InstrumentName instruments={instruments} readings={readings} onPick={() => setPad('instrument')} />
        <MetalName readings={readings} onMetal={() => setPad('metal')} />
        <LiveValue instruments={instruments} readings={readings} />
        <SlotList slots={slots} here={here} readings={readings} onPick={pick} />
        <WaitingSlot
          here={here}
          label={slotLabel(here)}
          text={text}
          readings={readings}
          inputRef={input}
          onText={(typed) => {
            setText(typed);
            setProblem(null);
          }}
          onKeyDown={keys}
          onPaste={(event) => {
            pasted.current = splitPasted(event.clipboardData.getData('text'));
            if (pasted.current.length < 2) return;
            event.preventDefault();
            takePasted();
          }}
          onTake={take}
        />
        <BarButtons here={here} readings={readings} onType={() => setPad('reading')} />
      </Box>
      <Pads
        label={slotLabel(here)}
        here={here}
        pad={pad}
        readings={readings}
        instruments={{ ...instruments, pick: readWith }}
        nominalMm={sizeMm}
        onClose={() => setPad(null)}
      />
    </Box>
  );
}

/** Cells of a column or a row, as a sheet copies them. */
const splitPasted = (text: string) =>
  text
    .split(/[\n\r\t;]+/)
    .map((figure) => figure.trim())
    .filter((figure) => figure !== '');

/** A reading that has to wait for who reads is taken as soon as that is known, as it stands then and in that person's units. */
function useOnceKnown(take: () => Refused | null) {
  const { askPerson } = useJob();
  const latest = useRef(take);
  useEffect(() => {
    latest.current = take;
  });
  return () => {
    if (take()?.isForPerson) askPerson(() => void latest.current());
  };
}

/** A press of the gauge's own button is a reading, once. */
function usePressed(live: LiveGauge | null, take: () => void) {
  const lastMs = useRef(0);
  useEffect(() => {
    if (!live?.isPressed || live.atMs === lastMs.current) return;
    lastMs.current = live.atMs;
    take();
    // eslint-disable-next-line react-hooks/exhaustive-deps -- once a press
  }, [live]);
}

/** Why a figure was not taken. */
const Problem = ({ words }: { words: string }) => (
  <Box role="alert" sx={PROBLEM} data-testid="reading-problem">
    {words}
  </Box>
);

/** What the instrument that was picked cannot do here: said before it is read, not after. */
function InstrumentNote({ instruments, readings }: { instruments: Instruments; readings: Readings }) {
  const { here, isOutOfRange, tooCoarse } = instruments;
  const { units } = readings;
  const said =
    here && (isOutOfRange ? sayOutOfRange(here, units) : tooCoarse && sayTooCoarse(here, tooCoarse, units));
  return said ? (
    <Box role="note" data-testid="instrument-note" sx={NOTE}>
      {said}
    </Box>
  ) : null;
}

const BAR = {
  mx: { xs: -2, sm: -4 },
  position: 'sticky',
  // Above the strip of what is hot or cold, wherever both stick to the page.
  bottom: { xs: 'var(--uk-strip-below, 0px)', lg: 0 },
  '@media (max-height: 720px)': { bottom: 'var(--uk-strip-below, 0px)' },
  zIndex: 1,
  borderTop: `2px solid ${token('ink')}`,
  backgroundColor: token('plate'),
} as const;
const PROBLEM = {
  px: { xs: 2, sm: 4 },
  py: 0.75,
  fontSize: TYPE.lead,
  fontWeight: 700,
  borderBottom: `1px solid ${token('rule')}`,
} as const;
const NOTE = {
  px: { xs: 2, sm: 4 },
  py: 0.5,
  fontSize: TYPE.text,
  borderBottom: `1px solid ${token('rule')}`,
} as const;
const LINE = {
  display: 'flex',
  alignItems: 'stretch',
  minHeight: 76,
  pl: { xs: 2, sm: 4 },
  flexWrap: { xs: 'wrap', lg: 'nowrap' },
} as const;

type Keys = {
  isEmpty: boolean;
  slots: readonly GaugeSlot[];
  here: GaugeSlot;
  pick: (slot: string) => void;
  take: () => void;
  strike: () => void;
};

/** Enter takes; on an empty slot the arrows go on and Delete strikes out. */
const keysOf =
  ({ isEmpty, slots, here, pick, take, strike }: Keys) =>
  (event: KeyboardEvent) => {
    const step = MOVES[event.key];
    const next = step && slots[slots.findIndex((each) => each.slot === here.slot) + step];
    const act =
      event.key === 'Enter'
        ? take
        : isEmpty && next
          ? () => pick(next.slot)
          : isEmpty && event.key === 'Delete'
            ? strike
            : null;
    if (!act) return;
    event.preventDefault();
    act();
  };

/** On a phone only what can be pressed now. */
const onlyWith = (isUsable: boolean) => ({ xs: isUsable ? 'inline-flex' : 'none', sm: 'inline-flex' });

function BarButtons({ here, readings, onType }: { here: GaugeSlot; readings: Readings; onType: () => void }) {
  const hasReading = readings.readingIn(here.slot) !== undefined;
  return (
    <>
      <Button variant="text" onClick={onType} sx={QUIET_BUTTON}>
        Type it
      </Button>
      <Button
        variant="text"
        onClick={readings.strike}
        disabled={!hasReading}
        sx={{ ...QUIET_BUTTON, display: onlyWith(hasReading) }}
      >
        Strike out
      </Button>
      <Button
        variant="text"
        onClick={readings.startMove}
        disabled={!hasReading}
        aria-pressed={readings.isMoving}
        sx={{ ...QUIET_BUTTON, display: onlyWith(hasReading) }}
      >
        {readings.isMoving ? 'Where to?' : 'Move it'}
      </Button>
    </>
  );
}
