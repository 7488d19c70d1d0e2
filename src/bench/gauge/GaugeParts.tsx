'use client';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { ClipboardEvent, KeyboardEvent, Ref } from 'react';
import { later } from '@/bench/record/later';
import { asText, showTemperature } from '@/core/quantity/format';
import { STRETCH, token, TYPE } from '@/ui/theme/tokens';
import type { Instruments } from './useInstruments';
import { showRead, type GaugeSlot } from './gaugeSlot';
import type { Readings } from './useReadings';
import { sayU, UNIT_NAMES } from '@/ui/words/gauges';

const SlotPicture = later(() => import('./SlotPicture'), 'SlotPicture');

/** More slots than this stand side by side at 1280 px only without their pictures. */
const MOST_WITH_PICTURES = 6;

const PLAIN_BUTTON = { all: 'unset', fontSize: TYPE.small } as const;

type InstrumentProps = { instruments: Instruments; readings: Readings };

const BLOCK = {
  ...PLAIN_BUTTON,
  boxSizing: 'border-box',
  cursor: 'pointer',
  alignSelf: 'stretch',
  display: 'flex',
  flexDirection: 'column',
  justifyContent: 'center',
  minHeight: 64,
  lineHeight: 1.15,
  '&:focus-visible': { outline: `3px solid ${token('cold')}`, outlineOffset: -3 },
} as const;
const FINE = { fontSize: TYPE.fine, color: token('steel'), whiteSpace: 'nowrap' } as const;

/** Which instrument reads, and how far it may be off; a tap takes another. */
export function InstrumentName({ instruments, readings, onPick }: InstrumentProps & { onPick: () => void }) {
  const { here } = instruments;
  const { keptHere, isAllStored, units } = readings;
  return (
    <Box
      component="button"
      onClick={onPick}
      data-testid="instrument"
      data-simulated={here?.isSimulated ?? false}
      sx={{ ...BLOCK, width: 130, pr: 1 }}
    >
      <Box
        component="span"
        sx={{
          fontWeight: 700,
          textDecoration: 'underline',
          textUnderlineOffset: 4,
          overflow: 'hidden',
          maxHeight: 42,
          pb: '5px',
        }}
      >
        {here?.name ?? 'Read with: which?'}
      </Box>
      {keptHere > 0 ? (
        <Box component="span" role="status" sx={{ ...FINE, color: token('ink'), fontWeight: 700 }}>
          {keptHere} kept here, not yet sent
        </Box>
      ) : (
        <Box component="span" sx={FINE}>
          {here && `u ${sayU(here, units)}`}
          {isAllStored ? ' · all stored' : ''}
        </Box>
      )}
    </Box>
  );
}

/** How warm the thing that is read, and the gauge, are. */
export function MetalName({ readings, onMetal }: { readings: Readings; onMetal: () => void }) {
  const { gauge, temperatures, units } = readings;
  const metalC = gauge.live?.metalC ?? temperatures.metalC;
  const isGaugeApart = Math.abs(metalC - temperatures.gaugeC) >= 1;
  return (
    <Box
      component="button"
      onClick={onMetal}
      data-testid="metal-temperature"
      sx={{ ...BLOCK, width: 76, pr: 1 }}
    >
      <Box component="span" sx={FINE}>
        {temperatures.body}
      </Box>
      <Box component="span" sx={{ fontWeight: 700, textDecoration: 'underline', textUnderlineOffset: 4 }}>
        {asText(showTemperature(metalC, units))}
      </Box>
      {isGaugeApart && (
        <Box component="span" sx={FINE}>
          gauge {asText(showTemperature(temperatures.gaugeC, units))}
        </Box>
      )}
    </Box>
  );
}

/** What the gauge shows now. */
export function LiveValue({ instruments, readings }: InstrumentProps) {
  const { gauge } = readings;
  if (!instruments.heard) return null;
  const isSteady = gauge.live?.isSteady ?? false;
  return (
    <Box sx={{ width: 112, alignSelf: 'center', whiteSpace: 'nowrap' }} aria-live="off">
      {gauge.isTaken ? (
        <Button variant="outlined" onClick={gauge.takeBack} sx={{ fontSize: TYPE.small }}>
          Another screen has it: take it back
        </Button>
      ) : (
        <>
          <Box
            component="span"
            data-testid="live-value"
            data-steady={isSteady}
            sx={{
              fontSize: TYPE.figure,
              fontWeight: 750,
              fontStretch: STRETCH.headline,
              color: isSteady ? token('ink') : token('mid'),
            }}
          >
            {gauge.live?.text ?? '–'}
          </Box>
          {gauge.live && (
            <Box component="span" sx={{ ml: 0.75, color: token('steel') }}>
              {UNIT_NAMES[gauge.live.unit]}
            </Box>
          )}
        </>
      )}
    </Box>
  );
}

type SlotProps = {
  slots: readonly GaugeSlot[];
  here: GaugeSlot;
  readings: Readings;
  onPick: (slot: string) => void;
};

/** The slots side by side, each with what was read in it. */
export const SlotList = ({ slots, here, readings, onPick }: SlotProps) => (
  <Box
    sx={{
      flex: { xs: '1 0 100%', lg: 1 },
      order: { xs: 9, lg: 0 },
      display: 'flex',
      overflowX: 'auto',
      minWidth: 240,
      minHeight: 64,
    }}
    role="listbox"
    aria-label="Slots"
  >
    {slots.map((each) => (
      <OneSlot
        key={each.slot}
        slot={each}
        isHere={each.slot === here.slot}
        hasPicture={slots.length <= MOST_WITH_PICTURES}
        readings={readings}
        onPick={() => onPick(each.slot)}
      />
    ))}
  </Box>
);

type OneSlotProps = {
  slot: GaugeSlot;
  isHere: boolean;
  hasPicture: boolean;
  readings: Readings;
  onPick: () => void;
};

function OneSlot({ slot, isHere, hasPicture, readings, onPick }: OneSlotProps) {
  const reading = readings.readingIn(slot.slot);
  const { isMoving, units } = readings;
  return (
    <Box
      component="button"
      role="option"
      aria-selected={isHere}
      tabIndex={-1}
      onClick={onPick}
      sx={{
        all: 'unset',
        boxSizing: 'border-box',
        cursor: 'pointer',
        display: 'flex',
        alignItems: 'center',
        gap: 0.5,
        px: hasPicture ? 0.75 : 0.5,
        minWidth: hasPicture ? 83 : 66,
        borderRight: `1px solid ${token('rule')}`,
        backgroundColor: isHere ? token('shade') : isMoving ? token('paper') : 'transparent',
        outline: isMoving && !isHere ? `2px dashed ${token('mid')}` : 'none',
        outlineOffset: -4,
      }}
    >
      {hasPicture && (
        <SlotPicture kind={slot.instrumentKind} angleDeg={slot.angleDeg} isDark={isHere} size={22} />
      )}
      <Box sx={{ lineHeight: 1.1 }}>
        <Box sx={{ fontSize: TYPE.fine, color: token('steel'), whiteSpace: 'nowrap' }}>{slot.label}</Box>
        <Box sx={{ fontSize: TYPE.name, fontWeight: 750, fontStretch: STRETCH.headline }}>
          {reading ? showRead(slot, reading.value, units).figure : '—'}
        </Box>
      </Box>
    </Box>
  );
}

type WaitingProps = {
  here: GaugeSlot;
  label: string;
  text: string;
  readings: Readings;
  inputRef: Ref<HTMLInputElement>;
  onText: (text: string) => void;
  onKeyDown: (event: KeyboardEvent) => void;
  onPaste: (event: ClipboardEvent) => void;
  onTake: () => void;
};

/** The slot that waits: black while one waits; else the black block belongs to something else on the screen. */
export function WaitingSlot({
  here,
  label,
  text,
  readings,
  inputRef,
  onText,
  onKeyDown,
  onPaste,
  onTake,
}: WaitingProps) {
  const { isWaiting } = readings;
  const [ground, ink] = isWaiting ? [token('block'), token('onBlock')] : [token('shade'), token('ink')];
  return (
    <Box
      sx={{
        display: 'flex',
        flex: { xs: 1, lg: 'none' },
        justifyContent: 'space-between',
        backgroundColor: ground,
        color: ink,
        alignItems: 'stretch',
      }}
    >
      <Box sx={{ pl: 2, py: 1, width: 112 }}>
        <Box sx={{ fontSize: TYPE.fine, whiteSpace: 'nowrap' }}>
          {readings.readingIn(here.slot) ? 'again' : 'waiting'}: {here.label}
        </Box>
        <Box
          component="input"
          ref={inputRef}
          value={text}
          autoFocus
          inputMode="none"
          autoComplete="off"
          aria-label={`Reading ${label}`}
          data-testid="reading"
          onChange={(event: React.ChangeEvent<HTMLInputElement>) => onText(event.target.value)}
          onKeyDown={onKeyDown}
          onPaste={onPaste}
          placeholder="number"
          sx={{
            all: 'unset',
            width: 96,
            minHeight: 46,
            fontSize: TYPE.figure,
            fontWeight: 750,
            fontStretch: STRETCH.headline,
            borderBottom: `2px solid ${ink}`,
            '&::placeholder': { color: token('mid') },
          }}
        />
      </Box>
      <Button
        variant={isWaiting ? 'contained' : 'text'}
        onClick={onTake}
        sx={{ minWidth: 104, px: 1, fontSize: TYPE.head }}
      >
        Take it
      </Button>
    </Box>
  );
}
