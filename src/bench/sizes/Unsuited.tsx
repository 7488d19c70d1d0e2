'use client';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { SeatView } from '@/core/job/seatView';
import { showSize } from '@/core/quantity/format';
import { useJob } from '@/bench/record/JobProvider';
import { Framed } from '@/ui/parts/layout';
import { slotWords } from '@/ui/words/slots';

/** Readings of what sat there before: pointed at, and struck out in one tap; until then they count for nothing. */
export function Unsuited({ view }: { view: SeatView }) {
  const { person, addEvent } = useJob();
  const units = person?.units ?? 'metric';
  const { unsuited, seat } = view;
  if (unsuited.length === 0) return null;
  const reason = `not of ${seat.spec.part.designation}`.slice(0, 80);
  return (
    <Framed role="note" data-testid="unsuited">
      <b>
        {unsuited.length === 1 ? 'One reading does' : `${unsuited.length} readings do`} not suit{' '}
        {seat.spec.part.designation}:
      </b>{' '}
      {unsuited
        .map(({ place, value }) => `${slotWords(place)} ${showSize(value, units, 2).figure}`)
        .join(', ')}
      . They were read for something else and count for nothing here.
      <Box>
        <Button
          variant="outlined"
          sx={{ mt: 0.5 }}
          onClick={() =>
            unsuited.forEach(({ id }) =>
              addEvent('reading_struck', { readingId: id, reason }, { seatId: seat.id }),
            )
          }
        >
          Strike {unsuited.length === 1 ? 'it' : 'them'} out
        </Button>
      </Box>
    </Framed>
  );
}
