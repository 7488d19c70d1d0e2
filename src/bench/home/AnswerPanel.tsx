'use client';
import Box from '@mui/material/Box';
import Link from 'next/link';
import type { ReactNode } from 'react';
import type { AskAnswer } from '@/core/ask/ask';
import type { QuickPart, QuickSeat } from '@/core/ask/quickSeat';
import { MATERIALS } from '@/core/catalogue/materials';
import { asText, showFit, showForce, showTemperature, type Units } from '@/core/quantity/format';
import { showQuantity } from '@/core/quantity/quantities';
import { sumPath, type SumDescription } from '@/core/sums/sum';
import { bearingMarks } from '@/ui/drawing/bearing';
import { SceneView } from '@/ui/drawing/SceneView';
import type { Scene } from '@/ui/drawing/scene';
import { drawSum } from '@/ui/sumPictures/drawSum';
import { box, dimension, polygon, rule, say, text, upright } from '@/ui/sumPictures/marks';
import { STRETCH, token, TYPE } from '@/ui/theme/tokens';
import { Lead, Note, Quiet } from '@/ui/parts/text';

const PICTURE = { width: 460, height: 300 };

/** The bearing over its seat: what it is, how hot, how cold. */
function seatScene(
  { part, heatToC, isTooHot }: Pick<QuickSeat, 'part' | 'heatToC' | 'isTooHot'>,
  units: Units,
): Scene {
  const { width, height } = PICTURE;
  const axis = 40;
  const scale = Math.min((width - 232) / (part.outsideMm / 2), (height - 150) / part.widthMm);
  const x = (r: number) => axis + r * scale;
  const [top, bottom] = [92, 92 + part.widthMm * scale];
  const edge = x(part.outsideMm / 2);
  return {
    width,
    height,
    description: `${part.designation}, cold, over its hot bore.`,
    marks: [
      polygon(
        'casting',
        [
          [edge + 6, top - 8],
          [edge + 66, top - 8],
          [edge + 66, bottom + 52],
          [edge - 20, bottom + 52],
          [edge - 20, bottom + 28],
          [edge + 6, bottom + 28],
        ],
        { hatch: 'rising', tone: isTooHot ? 'plain' : 'heat' },
      ),
      ...bearingMarks({
        part,
        x,
        pxPerMm: scale,
        topPx: top,
        bottomPx: bottom,
        tone: 'cold',
        line: 'outline',
      }),
      rule(
        'axis',
        [
          [axis, 14],
          [axis, height - 6],
        ],
        'centre',
      ),
      rule(
        'drop',
        [
          [(axis + edge) / 2, bottom + 4],
          [(axis + edge) / 2, bottom + 34],
        ],
        'outline',
        'end',
      ),
      ...dimension('outside', [axis, edge], 40, top, `⌀ ${say(part.outsideMm, 'size_mm', units)}`),
      ...dimension('bore', [axis, x(part.boreMm / 2)], 72, top, `⌀ ${say(part.boreMm, 'size_mm', units)}`),
      ...upright('width', edge + 84, [top, bottom], edge, say(part.widthMm, 'size_mm', units)),
      ...(isTooHot
        ? []
        : [
            text('hot', edge + 34, bottom + 48, say(heatToC.fromFreezer, 'celsius', units), {
              isBold: true,
              size: 20,
              tone: 'heat',
              hasGround: true,
            }),
          ]),
    ],
  };
}

const Figure = ({
  label,
  figure,
  unit,
  note,
  tone,
}: {
  label: string;
  figure: string;
  unit: string;
  note?: string;
  tone?: 'heat' | 'cold';
}) => (
  <Box sx={{ minWidth: 0 }}>
    <Note>{label}</Note>
    <Box
      sx={{
        fontSize: { xs: TYPE.figure, md: TYPE.headline },
        fontWeight: 830,
        fontStretch: STRETCH.headline,
        lineHeight: 1,
        color: tone ? token(tone) : token('ink'),
        whiteSpace: 'nowrap',
      }}
    >
      {figure}
      <Box component="span" sx={{ fontSize: '0.48em', ml: 0.75 }}>
        {unit}
      </Box>
    </Box>
    {note && <Quiet sx={{ fontSize: TYPE.fine, lineHeight: 1.2 }}>{note}</Quiet>}
  </Box>
);

const RACE_WORDS = { outer: 'outer race', shell_rim: 'rim of the shell', either: 'either race' } as const;

function SeatAnswer({ seat, note, units }: { seat: QuickSeat; note: string | null; units: Units }) {
  const { fitMm, heatToC, isTooHot, freezerMinutes, forceN, freeAboveC, usualClass, ceilingC } = seat;
  const least = fitMm.value - 3 * fitMm.u;
  const most = fitMm.value + 3 * fitMm.u;
  const heat = showTemperature(heatToC.fromFreezer, units);
  const isAlreadyFree = heatToC.fromFreezer <= 20;
  return (
    <>
      <Box
        sx={{
          display: 'grid',
          gridTemplateColumns: { xs: '1fr 1fr', md: 'repeat(4, auto)' },
          columnGap: 3,
          rowGap: 1.5,
          justifyContent: 'space-between',
        }}
      >
        <Figure
          label="Heat the casting to"
          {...(isAlreadyFree ? { figure: 'no heat', unit: '' } : { ...heat, tone: 'heat' as const })}
          note={`bearing cold; ${asText(showTemperature(heatToC.warm, units))} if it is not`}
        />
        <Figure
          label="In the freezer"
          figure={String(Math.round(freezerMinutes))}
          unit="min"
          tone="cold"
          note="within a degree of −18 °C"
        />
        <Figure
          label="Push the"
          figure={RACE_WORDS[seat.pushRace]}
          unit=""
          note={
            forceN
              ? `driven cold: ${asText(showForce(forceN.low, units))} … ${asText(showForce(forceN.high, units))}`
              : undefined
          }
        />
        <Figure
          label={`Usual fit, ${usualClass}`}
          {...showFit(Math.abs(fitMm.value), units)}
          note={`${fitMm.value >= 0 ? 'tight' : 'clear'}; from ${asText(showFit(least, units))} to ${asText(showFit(most, units))}`}
        />
      </Box>
      <Note sx={{ mt: 1.5 }}>
        {note && (
          <>
            <b>{note}.</b>{' '}
          </>
        )}
        Not measured: usual fit, heat for the tightest of it.{' '}
        {freeAboveC !== null && freeAboveC > 20
          ? `Both together stay free above ${asText(showTemperature(freeAboveC, units))}. `
          : ''}
        The bearing itself takes {asText(showTemperature(ceilingC, units))}.
        {isTooHot && (
          <Box component="b" sx={{ display: 'block', color: token('ink') }}>
            Too hot for this metal: press or draw it in.
          </Box>
        )}
      </Note>
      <Box role="note" sx={{ mt: 0.5, fontSize: TYPE.small }}>
        Hot metal: gloves; seals out first; no fuel or solvent near it. The machine’s manual comes first.
      </Box>
    </>
  );
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
        {shown.map(({ name, label, quantity, nullWords }) => {
          const value = solved.answers[name];
          const said =
            value === null
              ? { figure: nullWords ?? '–', unit: '' }
              : quantity === 'words'
                ? { figure: String(value), unit: '' }
                : quantity === 'yes_no'
                  ? { figure: value ? 'yes' : 'no', unit: '' }
                  : showQuantity(value as number, quantity, units);
          return <Figure key={name} label={label} {...said} />;
        })}
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
