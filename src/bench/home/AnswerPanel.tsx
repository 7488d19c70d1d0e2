'use client';
import Box from '@mui/material/Box';
import Link from 'next/link';
import type { ReactNode } from 'react';
import type { AskAnswer, HelpTopic } from '@/core/ask/ask';
import type { QuickPart } from '@/core/ask/quickSeat';
import { MATERIALS } from '@/core/catalogue/materials';
import { type Units } from '@/core/quantity/format';
import { sumPath, type SumDescription } from '@/core/sums/sum';
import { HELP_WORDS } from '@/ui/words/help';
import { sayAnswer } from '@/ui/words/sayAnswer';
import { bearingMarks } from '@/ui/drawing/bearing';
import { SceneView } from '@/ui/drawing/SceneView';
import type { Scene } from '@/ui/drawing/scene';
import { drawSum } from '@/ui/sumPictures/drawSum';
import { box, say, text } from '@/ui/sumPictures/marks';
import { STRETCH, token, TYPE } from '@/ui/theme/tokens';
import { Lead, Note } from '@/ui/parts/text';
import { seatScene, Figure, SeatAnswer, PICTURE } from './SeatAnswer';

/** What is what, and where it leads, in the place where it was asked. */
export function AnswerPanel({
  answer,
  units,
  children,
}: {
  answer: AskAnswer;
  units: Units;
  children: ReactNode;
}) {
  const scene =
    answer.kind === 'seat'
      ? seatScene(answer.seat, units)
      : answer.kind === 'part'
        ? partScene(answer.part, units)
        : answer.kind === 'sum'
          ? drawSum({
              sum: answer.sum,
              inputs: answer.inputs,
              answers: answer.solved.answers,
              units,
              width: 760,
              height: 400,
            })
          : null;
  return (
    <Box
      data-testid="answer"
      aria-live="polite"
      sx={{
        border: `3px solid ${token('ink')}`,
        borderTop: 0,
        p: 2,
        backgroundColor: token('paper'),
        display: 'grid',
        gridTemplateColumns: { xs: '1fr', md: scene ? '360px minmax(0, 1fr)' : '1fr' },
        columnGap: 3,
      }}
    >
      {scene && (
        <Box sx={{ aspectRatio: `${scene.width} / ${scene.height}`, alignSelf: 'center' }}>
          <SceneView scene={scene} />
        </Box>
      )}
      <Box sx={{ minWidth: 0 }}>
        <Box
          component="h2"
          sx={{ m: 0, mb: 1, fontSize: TYPE.figure, fontWeight: 800, fontStretch: STRETCH.headline }}
        >
          {titleOf(answer)}
        </Box>
        {answer.kind === 'seat' && <SeatAnswer seat={answer.seat} note={answer.note} units={units} />}
        {answer.kind === 'part' && <Lead>{answer.meaning}. Goes over or between: nothing is pressed.</Lead>}
        {answer.kind === 'sum' && <SumAnswer answer={answer} units={units} />}
        {answer.kind === 'sums' && <SumList sums={answer.sums} />}
        {answer.kind === 'help' && <Help topic={answer.topic} />}
        <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 2, mt: 1.5, alignItems: 'center' }}>
          {children}
        </Box>
      </Box>
    </Box>
  );
}

function titleOf(answer: AskAnswer): string {
  switch (answer.kind) {
    case 'seat':
      return `${answer.seat.part.designation} in ${MATERIALS[answer.seat.material].name}`;
    case 'part':
      return answer.part.designation;
    case 'sum':
      return answer.sum.title;
    case 'sums':
      return 'Which of these?';
    case 'job':
      return `${answer.machine}, job ${answer.number}`;
    case 'job_kind':
      return answer.name;
    case 'job_kinds':
      return 'Which of these jobs?';
    case 'help':
      return HELP_WORDS[answer.topic].title;
  }
}

/** What to do with a part that did not go where it should. */
const Help = ({ topic }: { topic: HelpTopic }) => (
  <>
    {HELP_WORDS[topic].lines.map(({ when, then }) => (
      <Lead key={when} sx={{ mb: 0.5 }}>
        <b>{when}:</b> {then}
      </Lead>
    ))}
  </>
);

const partScene = (part: QuickPart, units: Units): Scene => ({
  width: PICTURE.width,
  height: PICTURE.height,
  description: part.designation,
  marks: [
    ...bearingMarks({
      part,
      x: (r) => 40 + r * (380 / part.outsideMm) * 1.4,
      pxPerMm: (380 / part.outsideMm) * 1.4,
      topPx: 120,
      bottomPx: 190,
      tone: 'plain',
      line: 'outline',
    }),
    box('axis', [39, 40], [20, 280], { line: 'none' }),
    text(
      'sizes',
      230,
      250,
      `⌀ ${say(part.boreMm, 'size_mm', units)} / ⌀ ${say(part.outsideMm, 'size_mm', units)} × ${say(part.widthMm, 'size_mm', units)}`,
      { isBold: true, size: 22 },
    ),
  ],
});

function SumAnswer({
  answer: { sum, solved },
  units,
}: {
  answer: Extract<AskAnswer, { kind: 'sum' }>;
  units: Units;
}) {
  const shown = sum.answers.slice(0, 4).filter(({ name }) => solved.answers[name] !== undefined);
  return (
    <>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', columnGap: 4, rowGap: 1 }}>
        {shown.map((field) => (
          <Figure key={field.name} label={field.label} {...sayAnswer(field, solved.answers, units)} />
        ))}
      </Box>
      {solved.verdict && (
        <Lead sx={{ mt: 1, fontWeight: 750 }}>
          {solved.verdict.severity === 'none' ? '' : solved.verdict.severity === 'fault' ? 'No: ' : 'Mind: '}
          {solved.verdict.words}
        </Lead>
      )}
      <Note>{solved.filled}</Note>
    </>
  );
}

const SumList = ({ sums }: { sums: readonly SumDescription[] }) => (
  <Box sx={{ display: 'grid', gridTemplateColumns: { xs: '1fr', md: '1fr 1fr' }, columnGap: 4 }}>
    {sums.map((sum) => (
      <Box
        key={sumPath(sum)}
        component={Link}
        href={`/sums/${sumPath(sum)}`}
        sx={{
          py: 1,
          minHeight: 48,
          color: token('ink'),
          fontSize: TYPE.lead,
          fontWeight: 700,
          borderBottom: `1px solid ${token('rule')}`,
        }}
      >
        {sum.title}
      </Box>
    ))}
  </Box>
);
