'use client';
import Box from '@mui/material/Box';
import type { ReactNode } from 'react';
import { passesOf } from '@/core/job/squarePasses';
import type { SeatId } from '@/core/record/ids';
import { later } from '@/bench/record/later';
import { useJob, useSeatView, useWholeRecord } from '@/bench/record/JobProvider';
import { Quiet } from '@/ui/parts/text';
import { SheetHead } from './SheetHead';

const SeatLines = later(() => import('./SeatLines'), 'SeatLines');

/** The seat's sheet: result first, then everything that led to it. Prints as it stands. */
export function SeatSheet({ seatId, drawing }: { seatId: SeatId; drawing: ReactNode }) {
  const { record, person } = useJob();
  const entries = useWholeRecord();
  const view = useSeatView(seatId);
  const units = person?.units ?? 'metric';
  if (!view) return null;
  const { seat, fit, casting } = view;
  const pass = passesOf(view).at(-1)?.result;
  return (
    <Box
      sx={{ display: 'grid', gridTemplateColumns: { xs: '1fr', md: '372px 1fr' }, columnGap: 4, py: 2 }}
      data-testid="seat-sheet"
    >
      <SheetHead
        view={view}
        seat={seat}
        record={record}
        casting={casting}
        fit={fit}
        units={units}
        pass={pass}
        drawing={drawing}
      />
      <Box sx={{ overflowX: 'auto' }}>
        {entries ? <SeatLines view={view} entries={entries} /> : <Quiet>The record is being read…</Quiet>}
      </Box>
    </Box>
  );
}
