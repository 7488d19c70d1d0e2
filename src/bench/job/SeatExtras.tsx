'use client';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { SeatId } from '@/core/record/ids';
import type { Step } from '@/core/record/vocabulary';
import { Photographs } from '@/bench/record/Photographs';
import { NoteField } from '@/bench/record/NoteField';
import { useJob } from '@/bench/record/JobProvider';
import { STEP_WORDS } from '@/ui/words/steps';
import { SeatSums } from './SeatSums';

/** At every step: a note and photographs of what was seen, and the choice to finish this seat before the others. */
export function SeatExtras({ seatId, step }: { seatId: SeatId; step: Step }) {
  const { job, addEvent } = useJob();
  const isFirst = job.work.firstSeat === seatId;
  return (
    <Box data-testid="seat-extras">
      {job.seats.length > 1 && (
        <Button
          variant="text"
          aria-pressed={isFirst}
          sx={{ px: 0, minHeight: 48 }}
          onClick={() => addEvent('seat_first', { isOn: !isFirst }, { seatId })}
        >
          {isFirst ? 'This seat first: back to the order of the work' : 'Finish this seat first'}
        </Button>
      )}
      <SeatSums seatId={seatId} />
      <NoteField about={`step_${step}`} label={`Note at ${STEP_WORDS[step].toLowerCase()}`} seatId={seatId} />
      {step !== 'strip' && <Photographs key={seatId} seatId={seatId} />}
    </Box>
  );
}
