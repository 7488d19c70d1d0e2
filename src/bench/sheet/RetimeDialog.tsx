'use client';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import { useState } from 'react';
import { readClockTime } from '@/core/quantity/clockTime';
import { PlainField } from '@/ui/fields/PlainField';
import { sayIssue } from '@/ui/words/issues';
import { STRETCH, TYPE } from '@/ui/theme/tokens';
import { Lead } from '@/ui/parts/text';

const STEPS_S: readonly (readonly [words: string, seconds: number])[] = [
  ['1 min earlier', -60],
  ['10 s earlier', -10],
  ['10 s later', 10],
  ['1 min later', 60],
];

type Props = {
  what: string;
  at: string;
  nowMs: number;
  say: (iso: string) => string;
  onClose: () => void;
  onSave: (at: string) => void;
};

/** Puts an event to the time at which it really happened: a button pressed too late. The first time stays on record. */
export function RetimeDialog({ what, at, nowMs, say, onClose, onSave }: Props) {
  const [movedMs, setMoved] = useState<number | null>(null);
  const [typed, setTyped] = useState('');
  const read = typed.trim() === '' ? null : readClockTime(typed, { nearMs: Date.parse(at), nowMs });
  const newMs = Math.min(read?.ok ? read.value : (movedMs ?? Date.parse(at)), nowMs);
  const newAt = new Date(newMs).toISOString();
  return (
    <Dialog open onClose={onClose}>
      <DialogTitle>When was it really?</DialogTitle>
      <DialogContent>
        <Lead>{what}</Lead>
        <Box
          sx={{ fontSize: TYPE.headline, fontWeight: 800, fontStretch: STRETCH.headline }}
          aria-live="polite"
        >
          {say(newAt)}
        </Box>
        <Box sx={{ display: 'flex', gap: 1, mt: 1, flexWrap: 'wrap' }}>
          {STEPS_S.map(([words, seconds]) => (
            <Button
              key={words}
              variant="outlined"
              disabled={seconds > 0 && newMs >= nowMs}
              onClick={() => {
                setMoved(newMs + seconds * 1000);
                setTyped('');
              }}
            >
              {words}
            </Button>
          ))}
        </Box>
        <PlainField
          label="or type it: 14:05, 2:05 pm, 5 min ago"
          name="event-time"
          value={typed}
          onChange={setTyped}
          problem={read && !read.ok ? sayIssue(read.issues[0]!) : null}
        />
      </DialogContent>
      <DialogActions sx={{ p: 2 }}>
        <Button variant="text" onClick={onClose}>
          Leave it
        </Button>
        <Button
          variant="contained"
          disabled={newMs === Date.parse(at) || (read !== null && !read.ok)}
          onClick={() => onSave(newAt)}
        >
          Set the time
        </Button>
      </DialogActions>
    </Dialog>
  );
}
