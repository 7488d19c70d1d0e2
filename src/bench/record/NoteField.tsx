'use client';
import Button from '@mui/material/Button';
import { useState } from 'react';
import type { SeatId } from '@/core/record/ids';
import { useJob } from '@/bench/record/JobProvider';
import { EntryField, readText } from '@/ui/fields/EntryField';
import { TYPE } from '@/ui/theme/tokens';

/** A word on a step or a thing, to remember how it was: a button until there is one. */
export function NoteField({ about, label, seatId }: { about: string; label: string; seatId?: SeatId }) {
  const { job, addEvent } = useJob();
  const [isOpen, setOpen] = useState(false);
  const note = job.work.notes[seatId ? `${seatId}.${about}` : about] ?? '';
  if (!note && !isOpen)
    return (
      <Button
        variant="text"
        aria-label={label}
        onClick={() => setOpen(true)}
        sx={{ px: 0, minHeight: 48, fontSize: TYPE.small }}
      >
        Note
      </Button>
    );
  return (
    <EntryField
      label={label}
      name={`note-${about}`}
      shown={note}
      read={readText}
      onTake={(text) => addEvent('note_written', { about, text }, seatId ? { seatId } : {})}
    />
  );
}
