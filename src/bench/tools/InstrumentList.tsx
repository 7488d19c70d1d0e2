'use client';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import type { Instrument } from '@/core/record/job';
import { keepShopEdit } from '@/bench/record/useShop';
import { PlainField } from '@/ui/fields/PlainField';
import { token, TYPE } from '@/ui/theme/tokens';
import { Note, Quiet } from '@/ui/parts/text';

/** The instruments with what they resolve, how far they may be off, and when their calibration ends. */
export function InstrumentList({
  instruments,
  nowMs,
}: {
  instruments: readonly Instrument[];
  nowMs: number;
}) {
  const today = new Date(nowMs).toISOString().slice(0, 10);
  return (
    <Box sx={{ mt: 3 }} data-testid="instruments">
      <Typography variant="h3">instruments</Typography>
      <Box sx={{ borderTop: `4px solid ${token('ink')}` }}>
        {instruments.map((instrument) => (
          <InstrumentRow key={instrument.id} instrument={instrument} today={today} />
        ))}
      </Box>
      <Note sx={{ mt: 0.5 }}>What an instrument reads after its day stays on record, and is marked.</Note>
    </Box>
  );
}

function InstrumentRow({
  instrument: { id, name, kind, resolution, u, calibrationDue },
  today,
}: {
  instrument: Instrument;
  today: string;
}) {
  const due = calibrationDue ?? '';
  const unit = kind === 'contact_probe' ? 'K' : 'mm';
  const isOverdue = due !== '' && due < today;
  return (
    <Box
      data-instrument={name}
      data-overdue={isOverdue}
      sx={{
        display: 'flex',
        flexWrap: 'wrap',
        alignItems: 'center',
        gap: 2,
        borderBottom: `1px solid ${token('rule')}`,
        minHeight: 60,
        fontSize: TYPE.lead,
      }}
    >
      <Box sx={{ flex: 1, minWidth: 220, fontWeight: 650 }}>{name}</Box>
      <Quiet sx={{ width: 200 }}>
        shows {resolution} {unit}, u {u} {unit}
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
      <Box sx={{ width: 150, fontWeight: 750 }}>{isOverdue ? 'overdue' : due ? '' : 'not watched'}</Box>
    </Box>
  );
}
