'use client';
import Button from '@mui/material/Button';
import type { SeatView } from '@/core/job/seatView';
import { useJob } from '@/bench/record/JobProvider';
import { Link } from '@/ui/parts/Link';
import { Note } from '@/ui/parts/text';
import { sayHeard } from '@/ui/words/heard';

/** The device’s own ear, where somebody wants it, and what it made of the blows. */
export function EarLink({ view: { seat, history } }: { view: SeatView }) {
  const { record } = useJob();
  return (
    <Note sx={{ mt: 1 }}>
      {history.heard && `${sayHeard(history.heard)}. `}
      <Button variant="text" sx={{ px: 0 }} component={Link} href={`/jobs/${record.id}/${seat.id}/listen`}>
        Let the device listen
      </Button>
    </Note>
  );
}
