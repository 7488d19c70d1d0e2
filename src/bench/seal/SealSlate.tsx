'use client';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import type { SealView } from '@/core/job/sealView';
import type { SeatView } from '@/core/job/seatView';
import { SEAL_LIPS, SEAL_SIDES, type SealLips, type SealSide } from '@/core/record/sealVocabulary';
import type { SpringToward } from '@/core/seal/orientation';
import { useJob } from '@/bench/record/JobProvider';
import { ChoiceRow } from '@/ui/fields/ChoiceRow';
import { Column } from '@/ui/parts/layout';
import { Lead, Note, Quiet, Text } from '@/ui/parts/text';
import { token, TYPE } from '@/ui/theme/tokens';
import {
  DRIVER_WORDS,
  LIPS_WORDS,
  OUTSIDE_REASON_WORDS,
  sayRoom,
  sayWay,
  SIDE_WORDS,
  TOLD_BY_WORDS,
} from '@/ui/words/seals';
import { OUTSIDE_WORDS } from '@/ui/words/walk';
import { SealProof } from './SealProof';

type Props = { view: SeatView; seal: SealView };

export const SealSlate = ({ view, seal }: Props) => (
  <Column data-testid="seal-slate" sx={{ gap: 1 }}>
    <Typography variant="h2">{seal.of === 'own' ? view.seat.name : `${view.seat.name} seal`}</Typography>
    <WhichWay view={view} seal={seal} />
    <HowDeep seal={seal} />
    <Schools seal={seal} />
    <SealProof view={view} seal={seal} />
  </Column>
);

/** How it is built and what it parts decide which way it looks; where they do not, somebody finds out, and says by what. */
function WhichWay({ view, seal }: Props) {
  const { headline, reason } = sayWay(seal);
  const { way } = seal;
  return (
    <Box>
      <Lead sx={{ fontSize: TYPE.head, fontWeight: 800, lineHeight: 1.1 }} data-testid="seal-way">
        {headline}
      </Lead>
      <Text>
        {reason}
        {seal.isWrongKind && <b> One lip between two of them: this seal is the wrong kind.</b>}
        {seal.isAgainstFound && <b> The old one looked the other way: one of the two is wrong.</b>}
      </Text>
      {way.springToward === null && <WhoTells seatId={view.seat.id} ask={way.ask} />}
      <ItsKind view={view} seal={seal} />
    </Box>
  );
}

/** How it is built and what lies on either side: one line, opened where it is otherwise. */
function ItsKind({ view, seal: { body, inside, outside } }: Props) {
  const { addEvent } = useJob();
  const [isOpen, setOpen] = useState(false);
  const note = (change: Partial<{ lips: SealLips; inside: SealSide; outside: SealSide }>) =>
    addEvent('seal_kind_noted', { lips: body.lips, inside, outside, ...change }, { seatId: view.seat.id });
  const sides = SEAL_SIDES.map((value) => ({ value, words: SIDE_WORDS[value] }));
  return (
    <Box>
      <Box sx={{ display: 'flex', alignItems: 'baseline', flexWrap: 'wrap', columnGap: 1 }}>
        <Text component="span" data-testid="seal-kind">
          {LIPS_WORDS[body.lips]}; inside {SIDE_WORDS[inside]}, outside {SIDE_WORDS[outside]}
        </Text>
        <Button variant="text" aria-expanded={isOpen} onClick={() => setOpen(!isOpen)} sx={{ px: 0 }}>
          {isOpen ? 'That is it' : 'Otherwise'}
        </Button>
      </Box>
      {isOpen && (
        <>
          <ChoiceRow
            label="It has"
            options={SEAL_LIPS.map((value) => ({ value, words: LIPS_WORDS[value] }))}
            value={body.lips}
            onPick={(lips) => note({ lips })}
          />
          <ChoiceRow
            label="Inside lies"
            options={sides}
            value={inside}
            onPick={(side) => note({ inside: side })}
          />
          <ChoiceRow
            label="Outside lies"
            options={sides}
            value={outside}
            onPick={(side) => note({ outside: side })}
          />
        </>
      )}
    </Box>
  );
}

type Asked = Extract<SealView['way'], { springToward: null }>['ask'];

function WhoTells({ seatId, ask }: { seatId: SeatView['seat']['id']; ask: Asked }) {
  const { addEvent } = useJob();
  const say = (springToward: SpringToward, by: Asked[number]) =>
    addEvent('seal_way_told', { springToward, by }, { seatId });
  return (
    <Box data-testid="seal-way-ask" sx={{ borderLeft: `4px solid ${token('ink')}`, pl: 1.5, my: 1 }}>
      <Note>One of these tells; which way does it say the spring looks?</Note>
      {ask.map((by) => (
        <Box key={by} sx={{ display: 'flex', gap: 1, alignItems: 'center', flexWrap: 'wrap' }}>
          <Quiet sx={{ minWidth: 150 }}>{TOLD_BY_WORDS[by]}</Quiet>
          {(['inside', 'outside'] as const).map((toward) => (
            <Button key={toward} variant="outlined" onClick={() => say(toward, by)}>
              {toward === 'inside' ? 'inward' : 'outward'}
            </Button>
          ))}
        </Box>
      ))}
    </Box>
  );
}

function HowDeep({ seal: { room, driver } }: { seal: SealView }) {
  const { person } = useJob();
  const units = person?.units ?? 'metric';
  return (
    <Text data-testid="seal-room" sx={{ fontWeight: room?.isTooNear ? 750 : undefined }}>
      {room && sayRoom(room, units)} <Quiet component="span">{DRIVER_WORDS[driver]}</Quiet>
    </Text>
  );
}

/** Three schools for its outside; the usual one of this place first. */
const Schools = ({ seal: { schools } }: { seal: SealView }) => (
  <Box data-testid="seal-schools">
    {schools.map(({ outside, isUsual, reason }) => (
      <Text key={outside} sx={{ fontWeight: isUsual ? 700 : 450 }}>
        {OUTSIDE_WORDS[outside]}
        {isUsual && ', usual here'}: <Quiet component="span">{OUTSIDE_REASON_WORDS[reason]}</Quiet>
      </Text>
    ))}
  </Box>
);
