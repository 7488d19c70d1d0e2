'use client';
import { newId } from '@/bench/record/newId';
import type { JobId, SeatId } from '@/core/record/ids';
import CameraAltOutlined from '@mui/icons-material/CameraAltOutlined';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useEffect, useRef, useState } from 'react';
import type { Photograph } from '@/core/record/job';
import { PHOTOGRAPH_MAX_BYTES } from '@/core/record/limits';
import { useLink } from './hooks';
import { useJob } from './JobProvider';
import { isPhotograph, type KeptPhotograph } from './kept';
import { outbox } from './outbox';
import { sayIssue } from '@/ui/words/issues';
import { later } from './later';
import { liveStream } from './liveStream';
import { token, TYPE } from '@/ui/theme/tokens';
import { Row } from '@/ui/parts/layout';

const PhotographDialog = later(
  () => import('./PhotographDialog'),
  'PhotographDialog',
  ({ photograph }) => photograph !== null,
);

/** What a photograph is of: a seat, a thing by the key that notes name it by, or the job as a whole. */
type Of = { seatId: SeatId | null; about: string | null };
const isOf = (one: { seatId: SeatId | null; about?: string | null }, { seatId, about }: Of) =>
  one.seatId === seatId && (one.about ?? null) === about;

/** A file that was never kept, and why. */
type NotKept = { name: string; problem: string };

/** What of this seat is still on its way, and what was refused last, until another one is taken. */
function useKept(jobId: JobId, { seatId, about }: Of, reload: () => Promise<unknown>) {
  const [mine, setMine] = useState<readonly KeptPhotograph[]>([]);
  const [lastStoredId, setLastStored] = useState('');
  useEffect(
    () =>
      outbox.subscribe((all, justStored) => {
        const isMine = (each: KeptPhotograph) => each.jobId === jobId && isOf(each, { seatId, about });
        setMine(all.filter(isPhotograph).filter(isMine));
        // One has arrived: it is shown from the record from now on.
        const arrived = justStored.filter(isPhotograph).findLast(isMine);
        if (!arrived) return;
        setLastStored(arrived.id);
        void reload();
      }),
    [jobId, seatId, about, reload],
  );
  const last = mine.at(-1);
  const issue = last?.refused?.[0];
  return {
    kept: mine.filter((each) => each.refused === null),
    // Ids go up with the time at which they were made.
    refused: issue && last.id > lastStoredId ? { name: last.name, problem: sayIssue(issue) } : null,
  };
}

/** Takes a file as a photograph of this, and keeps it; one that is too large is said, and not kept. */
function useTake({ seatId, about }: Of) {
  const { record, person, askPerson } = useJob();
  const [notKept, setNotKept] = useState<NotKept | null>(null);
  const take = (file: File, by = person) => {
    if (!by) {
      askPerson((known) => take(file, known));
      return;
    }
    if (file.size > PHOTOGRAPH_MAX_BYTES) {
      setNotKept({
        name: file.name,
        problem: `This file is too large: ${(file.size / 1048576).toFixed(0)} MB, at most ${PHOTOGRAPH_MAX_BYTES / 1048576} MB.`,
      });
      return;
    }
    setNotKept(null);
    void outbox.keep({
      type: 'photograph',
      id: newId(),
      jobId: record.id,
      refused: null,
      seatId,
      about,
      personId: by.id,
      takenAt: new Date(liveStream.now()).toISOString(),
      name: file.name,
      file,
    });
  };
  return { take, notKept };
}

/**
 * Photographs of one seat, of a thing, or of the job as a whole: from the camera or a file, each kept the moment it is taken and sent as
 * soon as it can be. Beside a thing there is a word on them only when there are some.
 */
export function Photographs({ seatId, about = null }: { seatId: SeatId | null; about?: string | null }) {
  const { record, job, addEvent, reload } = useJob();
  const link = useLink();
  const input = useRef<HTMLInputElement>(null);
  const [open, setOpen] = useState<Photograph | null>(null);
  const { kept, refused } = useKept(record.id, { seatId, about }, reload);
  const { take, notKept } = useTake({ seatId, about });
  const mine = record.photographs.filter(
    (photograph) =>
      isOf(photograph, { seatId, about }) && !job.work.withdrawnPhotographs.includes(photograph.id),
  );

  const isThing = about !== null;
  const hasWord = !isThing || mine.length + kept.length > 0 || refused !== null || notKept !== null;
  const isAway = link === 'server_away' || link === 'database_away';

  return (
    <Row
      data-testid={isThing ? `photographs-${about}` : 'photographs'}
      sx={isThing ? {} : { borderTop: `1.5px solid ${token('steel')}`, pt: 1 }}
    >
      <Button
        variant={isThing ? 'text' : 'outlined'}
        startIcon={<CameraAltOutlined />}
        onClick={() => input.current?.click()}
        sx={isThing ? { px: 0, minHeight: 48, fontSize: TYPE.small } : {}}
      >
        Photograph
      </Button>
      <input
        ref={input}
        type="file"
        accept="image/*"
        capture="environment"
        hidden
        data-testid="photograph-file"
        onChange={(event) => {
          const file = event.target.files?.[0];
          if (file) take(file);
          event.target.value = '';
        }}
      />
      {mine.map((photograph) => (
        <Shot key={photograph.id} photograph={photograph} setOpen={setOpen} />
      ))}
      {kept
        .filter(({ id }) => !mine.some((each) => each.id === id))
        .map(({ id, file }) => (
          <KeptPicture key={id} file={file} />
        ))}
      {hasWord && <Sending refused={notKept ?? refused} kept={kept} isAway={isAway} mine={mine} />}
      <PhotographDialog
        photograph={open}
        onClose={() => setOpen(null)}
        onTakeAway={({ id }) => {
          addEvent('photograph_withdrawn', { photographId: id }, seatId ? { seatId } : {});
          setOpen(null);
        }}
      />
    </Row>
  );
}

type ShotProps = {
  photograph: Photograph;
  setOpen: (photograph: Photograph) => void;
};

/** One photograph; a tap shows it large. */
function Shot({ photograph, setOpen }: ShotProps) {
  return (
    <Box
      component="button"
      type="button"
      onClick={() => setOpen(photograph)}
      aria-label={photograph.caption || `Photograph of ${photograph.takenAt.slice(0, 10)}`}
      sx={{
        all: 'unset',
        cursor: 'pointer',
        // Its place is there before its picture: a thumb hits it, and nothing beside it jumps.
        height: 84,
        minWidth: 84,
        bgcolor: token('shade'),
        '&:focus-visible': { outline: `3px solid ${token('cold')}` },
      }}
    >
      {/* eslint-disable-next-line @next/next/no-img-element -- served by id from the database, already scaled */}
      <img
        src={`/api/v1/photographs/${photograph.id}`}
        alt={photograph.caption}
        height={84}
        style={{ display: 'block', border: `1.5px solid ${token('ink')}` }}
      />
    </Box>
  );
}

type SendingProps = {
  refused: NotKept | null;
  kept: readonly KeptPhotograph[];
  isAway: boolean;
  mine: readonly Photograph[];
};

/** What is still on its way. */
function Sending({ refused, kept, isAway, mine }: SendingProps) {
  return (
    <Box role="status" data-testid="photograph-state" sx={{ fontSize: TYPE.small, flex: 1, minWidth: 160 }}>
      {refused ? (
        <b>
          {refused.name}: {refused.problem}
        </b>
      ) : kept.length > 0 ? (
        isAway ? (
          <b>{kept.length} kept here, sent when the server is back.</b>
        ) : (
          `Sending ${kept[0]!.name} …`
        )
      ) : mine.length === 0 ? (
        <Box component="span" sx={{ color: token('steel') }}>
          None yet. Where it was taken is not kept.
        </Box>
      ) : (
        `${mine.length} of 12`
      )}
    </Box>
  );
}

/** One that the server has not got yet: with a broken border, like everything that is not there yet. */
function KeptPicture({ file }: { file: Blob }) {
  const [url, setUrl] = useState<string | null>(null);
  useEffect(() => {
    const made = URL.createObjectURL(file);
    // eslint-disable-next-line react-hooks/set-state-in-effect -- the address of a Blob must be made and revoked as a pair
    setUrl(made);
    return () => URL.revokeObjectURL(made);
  }, [file]);
  return (
    url && (
      // eslint-disable-next-line @next/next/no-img-element -- a picture of this browser
      <img
        src={url}
        alt="Not yet sent"
        height={84}
        data-testid="kept-photograph"
        style={{ display: 'block', border: `2.5px dashed ${token('ink')}` }}
      />
    )
  );
}
