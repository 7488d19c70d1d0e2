'use client';
import Button from '@mui/material/Button';
import Snackbar from '@mui/material/Snackbar';
import { useJob } from '@/bench/record/JobProvider';
import { token } from '@/ui/theme/tokens';
import { sayEvent } from '@/ui/words/events';

/** Acts can be taken back for this long, ms. */
const UNDO_MS = 60_000;
/** Acts whose mistake is costly or cannot be mended by doing another one; choosing again or adding a reading mends the others. */
const UNDOABLE = [
  'reading_struck',
  'reading_moved',
  'usual_fit_accepted',
  'seal_taken_out',
  'part_into_freezer',
  'casting_into_heat',
  'casting_out',
  'let_go',
  'home',
  'stuck',
  'square_accepted',
  'seat_removed',
  'job_put_away',
  'step_skipped',
  'taken_out',
  'photograph_withdrawn',
  'compare_overruled',
  'stack_piece_noted',
  'waiting_over',
  'access_done',
  'hidden_found',
  'remedy_checked',
] as const;

/** After an act: what was done, and the way back, for a minute. What is taken back stays on record, struck through. */
export function UndoBar() {
  const { lastEvent, nowMs, addEvent, person } = useJob();
  const isOpen =
    lastEvent !== null &&
    (UNDOABLE as readonly string[]).includes(lastEvent.kind) &&
    nowMs - Date.parse(lastEvent.at) < UNDO_MS;
  if (!isOpen) return null;
  return (
    <Snackbar
      open
      className="no-print"
      anchorOrigin={{ vertical: 'top', horizontal: 'center' }}
      transitionDuration={0}
      sx={{ '&.MuiSnackbar-root': { top: 4 } }}
      message={`${sayEvent(lastEvent, person?.units ?? 'metric')}.`}
      action={
        <Button
          sx={{ color: token('onBlock'), minHeight: 48, textDecoration: 'underline', textUnderlineOffset: 4 }}
          onClick={() =>
            addEvent(
              'event_withdrawn',
              { eventId: lastEvent.id },
              {
                ...(lastEvent.seatId && { seatId: lastEvent.seatId }),
                ...(lastEvent.castingId && { castingId: lastEvent.castingId }),
              },
            )
          }
        >
          Undo
        </Button>
      }
    />
  );
}
