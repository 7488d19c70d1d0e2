'use client';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { Ref, KeyboardEvent } from 'react';
import { asText, showSize, showTemperature } from '@/core/quantity/format';
import { STRETCH, token, TYPE } from '@/ui/theme/tokens';
import { SlotPicture } from './SlotPicture';
import type { GaugeSlot, Instruments, Readings } from './useReadings';

/** More slots than this stand side by side at 1280 px only without their pictures. */
const MOST_WITH_PICTURES = 6;

const PLAIN_BUTTON = { all: 'unset', fontSize: TYPE.small } as const;

type InstrumentProps = { instruments: Instruments; readings: Readings; onMetal: () => void };

/** Which instrument reads, the metal’s temperature, and whether all is stored. */
export function InstrumentName({ instruments, readings, onMetal }: InstrumentProps) {
  const { simulated, byHand, isByHand, setByHand } = instruments;
  const { gauge, metalC, keptHere, isAllStored, units } = readings;
  return (
    <Box sx={{ width: 146, py: 0.5, pr: 1, lineHeight: 1.2, alignSelf: 'center' }}>
      <Box
        component="button"
        onClick={() => setByHand(!isByHand)}
        disabled={!simulated}
        sx={{
          ...PLAIN_BUTTON,
          cursor: simulated ? 'pointer' : 'default',
          fontWeight: 700,
          textDecoration: simulated ? 'underline' : 'none',
          textUnderlineOffset: 4,
          minHeight: 30,
        }}
      >
        {isByHand || !simulated ? (byHand?.name ?? 'Typed by hand') : simulated.name}
      </Box>
      <Box
        component="button"
        onClick={onMetal}
        sx={{
          ...PLAIN_BUTTON,
          cursor: 'pointer',
          display: 'block',
          fontSize: TYPE.fine,
          color: token('steel'),
          minHeight: 24,
        }}
      >
        metal {asText(showTemperature(gauge.live?.metalC ?? metalC, units))}
        {keptHere === 0 && isAllStored ? ' · all stored' : ''}
      </Box>
      {keptHere > 0 && (
        <Box role="status" sx={{ fontSize: TYPE.fine, fontWeight: 700, whiteSpace: 'nowrap' }}>
          {keptHere} kept here, not yet sent
        </Box>
      )}
    </Box>
  );
}

/** What the gauge shows now. */
export function LiveValue({ instruments, readings }: Omit<InstrumentProps, 'onMetal'>) {
  const { gauge } = readings;
  const hasKeys = instruments.isByHand || !instruments.simulated;
  const isSteady = gauge.live?.isSteady ?? false;
  return (
    <Box sx={{ width: 140, alignSelf: 'center', whiteSpace: 'nowrap' }} aria-live="off">
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
              fontSize: TYPE.headline,
              fontWeight: 750,
              fontStretch: STRETCH.headline,
              color: isSteady ? token('ink') : token('mid'),
            }}
          >
            {gauge.live?.text ?? (hasKeys ? 'keys' : '–')}
          </Box>
          {gauge.live && (
            <Box component="span" sx={{ ml: 0.75, color: token('steel') }}>
              mm
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
          {reading
            ? showSize(reading.value, units, slot.instrumentKind === 'depth_gauge' ? 2 : 3).figure
            : '—'}
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
  onTake,
}: WaitingProps) {
  const { isWaiting } = readings;
  const [ground, ink] = isWaiting ? [token('block'), token('onBlock')] : [token('shade'), token('ink')];
  return (
    <Box sx={{ display: 'flex', backgroundColor: ground, color: ink, alignItems: 'stretch' }}>
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
          placeholder="number"
          sx={{
            all: 'unset',
            width: 96,
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
