'use client';
import { UNNAMED_MACHINE } from '@/core/record/vocabulary';
import Box from '@mui/material/Box';
import type { ReactNode } from 'react';
import type { AskAnswer } from '@/core/ask/answer';
import type { QuickPart } from '@/core/ask/quickSeat';
import { MATERIALS } from '@/core/catalogue/materials';
import { type Units } from '@/core/quantity/format';
import { HELP_WORDS } from '@/ui/words/help';
import { bearingMarks } from '@/ui/drawing/bearing';
import { SceneView } from '@/ui/drawing/SceneView';
import type { Scene } from '@/ui/drawing/scene';
import { drawSum } from '@/ui/sumPictures/drawSum';
import { box, text } from '@/ui/drawing/marks';
import { say } from '@/ui/sumPictures/sumInput';
import { STRETCH, token, TYPE } from '@/ui/theme/tokens';
import { FoundAnswer } from './FoundAnswer';
import { PICTURE, seatScene } from './SeatAnswer';

/** What the answer is about, drawn; null for words. */
function sceneOf(answer: AskAnswer, units: Units): Scene | null {
  if (answer.answer === 'bearing' || answer.answer === 'sizes')
    return answer.seat
      ? seatScene(answer.seat, units)
      : answer.answer === 'bearing'
        ? partScene(answer.part, units)
        : null;
  if (!('solved' in answer)) return null;
  const { sum, inputs, solved } = answer;
  return drawSum({ sum, inputs, answers: solved.answers, units, width: 760, height: 400 });
}

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
  const scene = sceneOf(answer, units);
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
        <FoundAnswer answer={answer} units={units} />
        <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 2, mt: 1.5, alignItems: 'center' }}>
          {children}
        </Box>
      </Box>
    </Box>
  );
}

function titleOf(answer: AskAnswer): string {
  switch (answer.answer) {
    case 'bearing':
      return answer.seat
        ? `${answer.part.designation} in ${MATERIALS[answer.seat.material].name}`
        : answer.part.designation;
    case 'sizes':
      return answer.seat
        ? `${answer.seat.part.designation} in ${MATERIALS[answer.seat.material].name}`
        : `${answer.boreMm} × ${answer.outsideMm}, and how wide?`;
    case 'seal':
      return `Seal ${answer.shaftMm} × ${answer.outsideMm} × ${answer.widthMm}`;
    case 'retaining_ring':
      return `Retaining ring ${answer.nominalMm}`;
    case 'limits':
      return `${answer.nominalMm} ${answer.toleranceClass}`;
    case 'conversion':
      return answer.typed;
    case 'material':
      return MATERIALS[answer.material].name;
    case 'bolt':
    case 'rod':
    case 'sum':
      return answer.sum.title;
    case 'sums':
      return 'Which of these?';
    case 'job':
      return `${answer.machine || UNNAMED_MACHINE}, job ${answer.number}`;
    case 'job_kind':
      return answer.kinds.length === 1 ? answer.kinds[0]!.name : 'Which of these jobs?';
    case 'help':
      return HELP_WORDS[answer.topic].title;
    case 'not_in_tables':
      return `${answer.typed}: not in the tables`;
    case 'what_can_be_asked':
      return 'What can be asked here';
  }
}

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
