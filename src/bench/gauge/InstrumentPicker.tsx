'use client';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import { useState } from 'react';
import { isHeard, spans } from '@/core/gauge/chooseInstrument';
import { findTooCoarse } from '@/core/gauge/decides';
import { sortsFor } from '@/core/gauge/sorts';
import type { Units } from '@/core/quantity/format';
import type { Instrument } from '@/core/record/instrument';
import { familyOf, type Slot } from '@/core/record/slots';
import { keepShopEdit } from '@/bench/record/useShop';
import { Note } from '@/ui/parts/text';
import { token, TYPE } from '@/ui/theme/tokens';
import { sayU } from '@/ui/words/gauges';
import { InstrumentForm } from './InstrumentForm';
import type { Instruments } from './useInstruments';

type Props = {
  place: Slot;
  sizeMm: number | null;
  instruments: Instruments;
  units: Units;
  onClose: () => void;
};

/** What a slot is read with: picked once, and remembered for slots of its family. */
export function InstrumentPicker({ place, sizeMm, instruments, units, onClose }: Props) {
  const [isAdding, setAdding] = useState(false);
  const { offered, here, pick } = instruments;
  const take = (instrument: Instrument) => {
    pick(instrument);
    onClose();
  };
  if (isAdding)
    return (
      <InstrumentForm
        instrument={null}
        sort={sortsFor(place.family)[0] ?? 'caliper'}
        sizeMm={sizeMm}
        units={units}
        onClose={() => setAdding(false)}
        onSave={(instrument) => {
          keepShopEdit({ what: 'instrument', instrument });
          take(instrument);
        }}
      />
    );
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="sm">
      <DialogTitle>Read with: {familyOf(place).words}</DialogTitle>
      <DialogContent sx={{ p: 0 }}>
        {offered.map((each) => (
          <OneInstrument
            key={each.id}
            instrument={each}
            isHere={each.id === here?.id}
            isShort={!spans(each, sizeMm)}
            isCoarse={findTooCoarse(each, place.family, sizeMm) !== null}
            units={units}
            onPick={() => take(each)}
          />
        ))}
        {offered.length === 0 && <Note sx={{ px: 3 }}>Nothing in this shop reads that yet.</Note>}
      </DialogContent>
      <DialogActions sx={{ p: 2 }}>
        <Button variant="outlined" onClick={() => setAdding(true)} sx={{ mr: 'auto' }}>
          Add one of ours
        </Button>
        <Button variant="text" onClick={onClose}>
          Leave it
        </Button>
      </DialogActions>
    </Dialog>
  );
}

type OneProps = {
  instrument: Instrument;
  isHere: boolean;
  isShort: boolean;
  isCoarse: boolean;
  units: Units;
  onPick: () => void;
};

function OneInstrument({ instrument, isHere, isShort, isCoarse, units, onPick }: OneProps) {
  const facts = [
    `u ${sayU(instrument, units)}`,
    instrument.isSimulated
      ? 'simulated: its figures are invented'
      : isHeard(instrument)
        ? 'heard here'
        : 'typed',
    ...(isShort ? ['does not span this size'] : []),
    ...(isCoarse ? ['can’t decide this fit'] : []),
  ];
  return (
    <Box
      component="button"
      onClick={onPick}
      autoFocus={isHere}
      aria-pressed={isHere}
      data-instrument={instrument.name}
      sx={{
        all: 'unset',
        boxSizing: 'border-box',
        cursor: 'pointer',
        display: 'block',
        width: '100%',
        minHeight: 64,
        px: 3,
        py: 1,
        borderTop: `1px solid ${token('rule')}`,
        borderLeft: `8px solid ${isHere ? token('ink') : 'transparent'}`,
        '&:focus-visible': {
          backgroundColor: token('shade'),
          outline: `3px solid ${token('cold')}`,
          outlineOffset: -3,
        },
      }}
    >
      <Box sx={{ fontSize: TYPE.lead, fontWeight: 700 }}>{instrument.name}</Box>
      <Note>{facts.join(' · ')}</Note>
    </Box>
  );
}
