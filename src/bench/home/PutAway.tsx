'use client';
import { newId } from '@/bench/record/newId';
import type { EntryId, JobId } from '@/core/record/ids';
import Button from '@mui/material/Button';
import Snackbar from '@mui/material/Snackbar';
import { makeEvent } from '@/core/record/makeEvent';
import { useState } from 'react';
import type { BenchJob } from '@/core/board/benchLine';
import type { EventBody } from '@/core/record/entries';
import type { Person } from '@/core/record/person';
import { liveStream } from '@/bench/record/liveStream';
import { outbox } from '@/bench/record/outbox';
import { token } from '@/ui/theme/tokens';

/** What was put away can be taken back for so long, ms; its record is never gone. */
const UNDO_MS = 60_000;

type Gone = { jobId: JobId; machine: string; eventId: EntryId };

/** Puts a finished job away, and brings it back within the minute. */
export function usePutAway(person: Person | null) {
  const [gone, setGone] = useState<Gone | null>(null);
  const [isAsking, setAsking] = useState(false);
  const keep = <K extends 'job_put_away' | 'event_withdrawn'>(jobId: JobId, kind: K, body: EventBody<K>) => {
    const entry = makeEvent({
      id: newId(),
      seatId: null,
      castingId: null,
      personId: person!.id,
      kind,
      body,
      at: new Date(liveStream.now()).toISOString(),
    });
    void outbox.keep({ id: entry.id, jobId, refused: null, type: 'event', entry });
    return entry.id;
  };
  return {
    gone,
    isAsking,
    close: () => {
      setGone(null);
      setAsking(false);
    },
    start: ({ jobId, machine }: BenchJob) => {
      if (!person) {
        setAsking(true);
        return;
      }
      setGone({ jobId, machine, eventId: keep(jobId, 'job_put_away', {}) });
    },
    undo: () => {
      if (gone) keep(gone.jobId, 'event_withdrawn', { eventId: gone.eventId });
      setGone(null);
    },
  };
}

export function PutAwayBar({
  gone,
  isAsking,
  close,
  undo,
}: Pick<ReturnType<typeof usePutAway>, 'gone' | 'isAsking' | 'close' | 'undo'>) {
  const message = isAsking
    ? 'Who is at the bench? Pick your initials at the top right.'
    : gone
      ? `${gone.machine} is put away; its record stays.`
      : '';
  return (
    <Snackbar
      open={message !== ''}
      autoHideDuration={UNDO_MS}
      onClose={(_, reason) => {
        if (reason !== 'clickaway') close();
      }}
      transitionDuration={0}
      anchorOrigin={{ vertical: 'top', horizontal: 'center' }}
      message={message}
      action={
        gone && (
          <Button
            sx={{
              color: token('onBlock'),
              minHeight: 48,
              textDecoration: 'underline',
              textUnderlineOffset: 4,
            }}
            onClick={undo}
          >
            Undo
          </Button>
        )
      }
    />
  );
}
