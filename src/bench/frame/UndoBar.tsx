'use client';
import Button from '@mui/material/Button';
import Snackbar from '@mui/material/Snackbar';
import { useNow } from '@/bench/record/hooks';
import { liveStream } from '@/bench/record/liveStream';
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
  'rescue_noted',
  'race_into_heat',
  'race_out_of_heat',
  'race_grabbed',
  'shaft_into_freezer',
  'onto_shaft',
  'off_shaft',
  'square_accepted',
  'retaining_ring_refused',
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
  'bolt_tightened',
  'joint_set',
  'joint_loosened',
  'turn_felt',
  'note_heard',
  'float_accepted',
  'shims_chosen',
  'job_handed_over',
  'job_opened_again',
  'seat_opened_again',
] as const;

/** After an act: what was done, and the way back, for a minute. What is taken back stays on record, struck through. */
export function UndoBar() {
  const { lastActs, lastChange, noteChange, drawnMs, takeBack, person } = useJob();
  const nowMs = useNow(drawnMs);
  const last = lastActs.findLast(({ kind }) => (UNDOABLE as readonly string[]).includes(kind));
  const actMs = last ? Date.parse(last.at) : -Infinity;
  const isHere = (atMs: number) => nowMs - atMs < UNDO_MS * liveStream.pace();
  if (lastChange && lastChange.atMs > actMs && isHere(lastChange.atMs))
    return (
      <UndoLine
        words={`${lastChange.words}.`}
        say="Undo"
        onUndo={() => {
          lastChange.undo();
          noteChange(null);
        }}
      />
    );
  if (!last || !isHere(actMs)) return null;
  const others = lastActs.length - 1;
  const words = sayEvent(last, person?.units ?? 'metric');
  return (
    <UndoLine
      words={`${words}${others > 0 ? `, and ${others} more in one go` : ''}.`}
      say={others > 0 ? `Undo all ${lastActs.length}` : 'Undo'}
      onUndo={takeBack}
    />
  );
}

const UndoLine = ({ words, say, onUndo }: { words: string; say: string; onUndo: () => void }) => (
  <Snackbar
    open
    className="no-print"
    anchorOrigin={{ vertical: 'top', horizontal: 'center' }}
    transitionDuration={0}
    sx={{ '&.MuiSnackbar-root': { top: 4 } }}
    message={words}
    action={
      <Button
        sx={{ color: token('onBlock'), minHeight: 48, textDecoration: 'underline', textUnderlineOffset: 4 }}
        onClick={onUndo}
      >
        {say}
      </Button>
    }
  />
);
