'use client';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { MM_PER_INCH } from '@/core/quantity/inch';
import {
  asText,
  showForce,
  showPressure,
  showSize,
  showTemperature,
  type Shown,
  type Units,
} from '@/core/quantity/format';
import type { ReadQuantity } from '@/core/quantity/typedValue';
import type { Instrument } from '@/core/record/instrument';
import { changeInstrument } from '@/bench/gauge/changeInstrument';
import { later } from '@/bench/record/later';
import { keepShopEdit } from '@/bench/record/useShop';
import { PlainField } from '@/ui/fields/PlainField';
import { Note, Quiet } from '@/ui/parts/text';
import { token, TYPE } from '@/ui/theme/tokens';
import { quantityRead, sayU, SPEAKS_WORDS, UNIT_NAMES } from '@/ui/words/gauges';

const InstrumentForm = later(() => import('@/bench/gauge/InstrumentForm'), 'InstrumentForm');

type Props = {
  instruments: readonly Instrument[];
  units: Units;
  nowMs: number;
  onTakenOff: (instrument: Instrument) => void;
};

/** The instruments with what they span and resolve, how far they may be off, and when their calibration ends. */
export function InstrumentList({ instruments, units, nowMs, onTakenOff }: Props) {
  const [editing, setEditing] = useState<Instrument | 'new' | null>(null);
  const today = new Date(nowMs).toISOString().slice(0, 10);
  const before = editing === 'new' ? null : editing;
  return (
    <Box sx={{ mt: 3 }} data-testid="instruments">
      <Box sx={{ display: 'flex', alignItems: 'end' }}>
        <Typography variant="h3" component="h2" sx={{ flex: 1 }}>
          instruments
        </Typography>
        <Button variant="outlined" sx={{ mb: 0.5 }} onClick={() => setEditing('new')}>
          Add an instrument
        </Button>
      </Box>
      <Box sx={{ borderTop: `4px solid ${token('ink')}` }}>
        {instruments.map((instrument) => (
          <InstrumentRow
            key={instrument.id}
            instrument={instrument}
            units={units}
            today={today}
            onEdit={() => setEditing(instrument)}
          />
        ))}
      </Box>
      <Note sx={{ mt: 0.5 }}>What an instrument reads after its day stays on record, and is marked.</Note>
      {editing && (
        <InstrumentForm
          key={before?.id ?? 'new'}
          instrument={before}
          sort="micrometer"
          sizeMm={null}
          units={units}
          onClose={() => setEditing(null)}
          onSave={(instrument) => {
            changeInstrument(before, instrument);
            setEditing(null);
          }}
          onTakeOff={(instrument) => {
            keepShopEdit({ what: 'instrument_off', instrument });
            onTakenOff(instrument);
            setEditing(null);
          }}
        />
      )}
    </Box>
  );
}

/** A place on its scale. */
const PLACE: Record<ReadQuantity, (at: number, units: Units) => Shown> = {
  length: (at, units) => showSize(at, units, 0),
  temperature: showTemperature,
  force: showForce,
  pressure: showPressure,
};

/** What it spans and shows, in its own unit. */
function sayScale(instrument: Instrument, units: Units): string {
  const { range, resolution, unit } = instrument;
  const quantity = quantityRead(instrument);
  const step = unit === 'in' ? Number((resolution / MM_PER_INCH).toPrecision(2)) : resolution;
  const place = PLACE[quantity];
  const shows =
    quantity === 'force' || quantity === 'pressure'
      ? `shows ${asText(place(step, units))}`
      : `shows ${step} ${quantity === 'temperature' ? 'K' : UNIT_NAMES[unit ?? 'mm']}`;
  if (!range) return shows;
  const scale = quantity === 'length' ? (unit === 'in' ? 'imperial' : 'metric') : units;
  return `${place(range.low, scale).figure} to ${asText(place(range.high, scale))}, ${shows}`;
}

type RowProps = { instrument: Instrument; units: Units; today: string; onEdit: () => void };

function InstrumentRow({ instrument, units, today, onEdit }: RowProps) {
  const { id, name, calibrationDue, isSimulated, speaks } = instrument;
  const due = calibrationDue ?? '';
  const isOverdue = due !== '' && due < today;
  return (
    <Box
      data-instrument={name}
      data-overdue={isOverdue}
      sx={{
        display: 'flex',
        flexWrap: 'wrap',
        alignItems: 'center',
        columnGap: 2,
        borderBottom: `1px solid ${token('rule')}`,
        minHeight: 60,
        fontSize: TYPE.lead,
      }}
    >
      <Box sx={{ flex: 1, minWidth: { xs: '100%', md: 220 } }}>
        {isSimulated ? (
          <Box sx={{ fontWeight: 650 }}>{name}</Box>
        ) : (
          <Button
            variant="text"
            onClick={onEdit}
            sx={{ px: 0, minHeight: 48, fontSize: TYPE.lead, textAlign: 'left' }}
          >
            {name}
          </Button>
        )}
      </Box>
      <Quiet sx={{ width: { xs: '100%', md: 340 }, fontSize: TYPE.text }}>
        {sayScale(instrument, units)}; u {sayU(instrument, units)}
        <br />
        {isSimulated ? 'simulated' : SPEAKS_WORDS[speaks?.by ?? 'typed'].name.toLowerCase()}
        {speaks?.by === 'serial' && ` ${speaks.path}`}
      </Quiet>
      <PlainField
        type="date"
        label="Calibrated until"
        name={`due-${id}`}
        value={due}
        onChange={(day) =>
          keepShopEdit({ what: 'calibration', instrumentId: id, calibrationDue: day || null })
        }
        width={190}
      />
      <Box sx={{ width: 110, fontWeight: 750 }}>{isOverdue ? 'overdue' : due ? '' : 'not watched'}</Box>
    </Box>
  );
}
