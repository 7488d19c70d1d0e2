'use client';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useMemo, useRef } from 'react';
import { judgeNote, type Note as JudgedNote } from '@/core/ear/noteChange';
import type { EventBody } from '@/core/record/entries';
import type { SeatId } from '@/core/record/ids';
import type { HeatOfPage } from '@/bench/frame/JobFoot';
import { JobScreen } from '@/bench/frame/JobScreen';
import { useJob } from '@/bench/record/JobProvider';
import { SceneView } from '@/ui/drawing/SceneView';
import { Huge } from '@/ui/parts/Huge';
import { Column, Row } from '@/ui/parts/layout';
import { Lead, Note, Text } from '@/ui/parts/text';
import { sayNote } from '@/ui/words/ear';
import { sayHeard } from '@/ui/words/heard';
import { drawNotes } from './drawNotes';
import { StandIn } from './standIn';
import { useEar, type Ear, type EarState } from './useEar';

const OFF_WORDS: Partial<Record<EarState, string>> = {
  asking: 'The browser asks whether it may listen.',
  refused: 'The browser does not let it listen: allow the microphone for this page.',
  none_here: 'There is no microphone here. Your own ear does it as well.',
};

/** The device’s own ear, for two metres: off until somebody asks for it; blow by blow, has the note changed? */
export function EarScreen({ seatId, ...heat }: HeatOfPage & { seatId: SeatId }) {
  const { record, job } = useJob();
  const ear = useEar();
  const view = job.seats.find(({ seat }) => seat.id === seatId);
  const note = useMemo(() => judgeNote(ear.blows), [ear.blows]);
  const isOff = ear.blows.length === 0 && ear.state !== 'on';
  const said = isOff ? OFF : sayNote(note);
  const scene = useMemo(
    () => drawNotes(ear.blows, note, `${said.headline}. ${said.reason}`),
    [ear.blows, note, said.headline, said.reason],
  );
  return (
    <JobScreen
      testId="ear"
      title="Listen"
      about={view?.seat.name ?? ''}
      back={{ href: `/jobs/${record.id}/${seatId}/square`, words: 'Back to square-up' }}
      {...heat}
    >
      <EarSlate
        seatId={seatId}
        ear={ear}
        note={note}
        verdict={isOff ? 'off' : note.verdict}
        headline={said.headline}
        reason={OFF_WORDS[ear.state] ?? said.reason}
        heard={view?.history.heard ?? null}
      />
      <Box sx={{ minHeight: 380 }}>{ear.blows.length > 0 && <SceneView scene={scene} />}</Box>
    </JobScreen>
  );
}

type SlateProps = {
  seatId: SeatId;
  ear: Ear;
  note: JudgedNote;
  verdict: string;
  headline: string;
  reason: string;
  heard: EventBody<'note_heard'> | null;
};

/** What it makes of the blows, in type for two metres, and what can be done. */
const EarSlate = ({ seatId, ear, note, verdict, headline, reason, heard }: SlateProps) => (
  <Column sx={{ gap: 1.5 }}>
    <Huge data-testid="note" data-verdict={verdict} aria-live="polite">
      {headline}
    </Huge>
    <Lead>{reason}</Lead>
    <EarButtons seatId={seatId} ear={ear} note={note} />
    {heard && <Text data-testid="heard">Kept. {sayHeard(heard)}.</Text>}
    <Note>
      Everything is heard on this device; of the sound nothing is kept but these figures. It is one sign
      beside your ear, the feel and the gap: on simulated blows in a quiet shop it missed one change in forty
      and called none falsely; in a loud one it often can not tell. On real castings that is not proved.
    </Note>
  </Column>
);

function EarButtons({ seatId, ear, note }: Pick<SlateProps, 'seatId' | 'ear' | 'note'>) {
  const { addEvent } = useJob();
  const standIn = useRef<StandIn | null>(null);
  const isListening = ear.state === 'on';
  const simulate = () => {
    standIn.current ??= new StandIn(seatId);
    ear.hear(standIn.current.strike(), standIn.current.sampleHz);
  };
  const again = () => {
    standIn.current = null;
    ear.begin();
  };
  const keep = () => {
    const [first, last] = [ear.blows[0]!, ear.blows.at(-1)!];
    addEvent(
      'note_heard',
      {
        verdict: note.verdict === 'listening' ? 'cannot_tell' : note.verdict,
        blows: ear.blows.length,
        changedAt: note.changedAt,
        middleHz: { first: Math.round(first.middleHz), last: Math.round(last.middleHz) },
      },
      { seatId },
    );
  };
  return (
    <Row>
      {isListening ? (
        <Button variant="outlined" onClick={ear.stop}>
          Stop listening
        </Button>
      ) : (
        <>
          <Button
            variant={ear.blows.length > 0 ? 'outlined' : 'contained'}
            onClick={() => void ear.start()}
            sx={{ minHeight: 72 }}
          >
            Listen
          </Button>
          <Button variant="outlined" onClick={simulate}>
            A simulated blow
          </Button>
        </>
      )}
      {ear.blows.length > 0 && (
        <>
          <Button variant="contained" onClick={keep}>
            Keep what was heard
          </Button>
          <Button variant="text" onClick={again}>
            Begin anew
          </Button>
        </>
      )}
    </Row>
  );
}

const OFF = {
  headline: 'The ear is off',
  reason: 'It hears blow by blow whether the note has changed. Off until you ask for it.',
};
