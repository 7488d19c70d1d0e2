'use client';
import Box from '@mui/material/Box';
import visuallyHidden from '@mui/utils/visuallyHidden';
import type { HeatRunView } from '@/core/job/heatRun';
import type { SeatView } from '@/core/job/seatView';
import { sayReason } from '@/ui/words/runReasons';
import { CALL_WORDS } from './CallSign';
import { signWords } from './runWords';

/** A count is spoken where it says something new: by tens, and each of the last five. */
const spoken = (seconds: number) => (seconds > 5 ? Math.ceil(seconds / 10) * 10 : Math.ceil(seconds));

/** How long there still is: sure seconds once it may drop, or until it is hot enough. */
function sayLeft({ call, sureLeftS, hotInS }: HeatRunView): string {
  if (call === 'go' && sureLeftS !== null) return ` ${spoken(sureLeftS)} seconds sure.`;
  if (call !== 'wait' || hotInS === null || hotInS <= 0) return '';
  const minutes = Math.ceil(hotInS / 60);
  return hotInS > 90 ? ` ${minutes} minutes to go.` : ` ${spoken(hotInS)} seconds to go.`;
}

/** The run as one sentence: what the sign says, why, and how long. */
export const sayRun = (view: SeatView, run: HeatRunView) =>
  `${(signWords(view, run).words ?? CALL_WORDS[run.call]).join(' ')}: ${sayReason(run)}${sayLeft(run)}`;

/** Spoken where nobody looks: the whole sentence anew whenever it becomes another. */
export const RunStatus = ({ view, run }: { view: SeatView; run: HeatRunView }) => (
  <Box role="status" aria-atomic="true" data-testid="run-status" sx={visuallyHidden}>
    {sayRun(view, run)}
  </Box>
);
