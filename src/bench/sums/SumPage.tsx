'use client';
import Box from '@mui/material/Box';
import { type Units } from '@/core/quantity/format';
import type { Result, Issue } from '@/core/quantity/result';
import type { FromSeat } from '@/core/sums/fromSeat';
import type { Solved } from '@/core/sums/allSums';
import { QUESTIONS, sumPath, type SumDescription } from '@/core/sums/sum';
import { PlaceFrame, type PlaceProps } from '@/bench/frame/PlaceFrame';
import { usePerson } from '@/bench/record/hooks';
import { STRETCH, token, TYPE } from '@/ui/theme/tokens';
import { sayIssue } from '@/ui/words/issues';
import { SumPicture } from './SumPicture';
import { SumFields } from './SumFields';
import { useInputs, type Inputs } from './useInputs';
import { useSum } from './useSum';
import { TapLink } from '@/ui/parts/TapLink';
import { Quiet } from '@/ui/parts/text';
import { sayAnswer } from '@/ui/words/sayAnswer';
import { later } from '@/bench/record/later';

const OtherAnswers = later(() => import('./OtherAnswers'), 'OtherAnswers');
const SumActs = later(() => import('./SumActs'), 'SumActs');
const KeepSum = later(() => import('./KeepSum'), 'KeepSum');
const Provenance = later(() => import('./OtherAnswers'), 'Provenance');

/** One sum on its own page: the answer, the drawing that explains it, the inputs, and where the figure comes from. */
export function SumPage({
  sum,
  initialInputs,
  initial,
  from,
  ...place
}: PlaceProps & {
  sum: SumDescription;
  initialInputs: Inputs;
  initial: Result<Solved>;
  /** The seat that it was opened from; null: from nowhere in particular. */
  from: FromSeat | null;
}) {
  const person = usePerson(place.people);
  const units = person?.units ?? 'metric';
  const { inputs, change, wait, waitsFor, round, stepBack, canStepBack, reset } = useInputs(
    sum.fields,
    initialInputs,
  );
  const { shown, issues, isOld } = useSum(sumPath(sum), inputs, initial);
  const fieldNames = new Set(
    sum.fields.flatMap((field) =>
      field.kind === 'group'
        ? [field.name, ...field.fields.map(({ name }) => `${field.name}.${name}`)]
        : [field.name],
    ),
  );
  const loose = issues.filter(({ field }) => !fieldNames.has(field));
  return (
    <PlaceFrame isTitleHeading here="Quick sums" title={sum.title} {...place}>
      <WayBack asks={sum.asks} from={from} />
      <Box
        sx={{
          display: 'grid',
          gridTemplateColumns: { xs: '1fr', lg: 'minmax(0, 1.45fr) minmax(0, 1fr)' },
          columnGap: 5,
          rowGap: 2,
          '@media print': { gridTemplateColumns: '1fr' },
        }}
      >
        <InputSide
          shown={shown}
          sum={sum}
          units={units}
          isOld={isOld || waitsFor.length > 0}
          waitsFor={waitsFor.length > 0 ? waitsFor : issues.map((issue) => labelOf(sum, issue.field))}
          loose={loose}
        />
        <Box sx={{ minWidth: 0 }}>
          <SumFields
            key={round}
            fields={sum.fields}
            inputs={inputs}
            units={units}
            issues={issues}
            onChange={change}
            onWaiting={wait}
          />
          {from && (
            <Box className="no-print" sx={{ display: 'flex', flexWrap: 'wrap', mt: 1.5, gap: 1 }}>
              <KeepSum
                from={from}
                people={place.people}
                sum={sum}
                units={units}
                answered={shown && !isOld && waitsFor.length === 0 && issues.length === 0 ? shown : null}
              />
            </Box>
          )}
          <SumActs topic={sum.topic} inputs={inputs} stepBack={canStepBack ? stepBack : null} reset={reset} />
        </Box>
      </Box>
    </PlaceFrame>
  );
}

type WayBackProps = { asks: SumDescription['asks']; from: FromSeat | null };

/** To the list of sums, and to the seat that asked. */
const WayBack = ({ asks, from }: WayBackProps) => (
  <Box component="nav" aria-label="Way back" className="no-print" sx={{ fontSize: TYPE.small, pt: 0.5 }}>
    <TapLink href="/sums">All sums</TapLink> · {QUESTIONS[asks]}
    {from && (
      <>
        {' · '}
        <TapLink href={`/jobs/${from.jobId}/${from.seatId}/measure`}>
          {from.seatName}, {from.machine}
        </TapLink>
      </>
    )}
  </Box>
);

/** What a field is called, also one in a group. */
const labelOf = ({ fields, title }: SumDescription, path: string): string => {
  const [own, inner] = path.split('.');
  const field = fields.find(({ name }) => name === own);
  const within = field?.kind === 'group' ? field.fields.find(({ name }) => name === inner) : undefined;
  return within?.label ?? field?.label ?? title;
};

type InputSideProps = {
  shown: { inputs: Readonly<Record<string, unknown>>; solved: Solved } | null;
  sum: SumDescription;
  units: Units;
  isOld: boolean;
  /** Labels of what is missing, or can't be; empty: nothing. */
  waitsFor: readonly string[];
  loose: Issue[];
};

/** What goes in, and the picture that follows it. */
function InputSide({ shown, sum, units, isOld, waitsFor, loose }: InputSideProps) {
  return (
    <Box sx={{ minWidth: 0 }}>
      {waitsFor.length > 0 && (
        <Box role="status" data-testid="sum-waits" sx={{ fontSize: TYPE.lead, fontWeight: 650 }}>
          No answer yet. Look at: {waitsFor.join(', ')}.
        </Box>
      )}
      {shown && (
        <Answer sum={sum} solved={shown.solved} units={units} isOld={isOld} isMissing={waitsFor.length > 0} />
      )}
      {loose.map((issue) => (
        <Box
          key={issue.code}
          role="alert"
          sx={{
            border: `2.5px solid ${token('ink')}`,
            px: 2,
            py: 1,
            fontWeight: 650,
            fontSize: TYPE.lead,
          }}
        >
          {sayIssue(issue, units)}
        </Box>
      ))}
      {shown && (
        <SumPicture sum={sum} inputs={shown.inputs} solved={shown.solved} units={units} isOld={isOld} />
      )}
      {shown && (
        // Greyed, and kept in its place: nothing jumps while a number is being typed.
        <Box sx={{ opacity: isOld ? 0.45 : 1 }} aria-hidden={waitsFor.length > 0}>
          <OtherAnswers sum={sum} solved={shown.solved} units={units} />
          <Provenance sum={sum} solved={shown.solved} />
        </Box>
      )}
    </Box>
  );
}

function Answer({
  sum,
  solved,
  units,
  isOld,
  isMissing,
}: {
  sum: SumDescription;
  solved: Solved;
  units: Units;
  isOld: boolean;
  /** What stood there is of other inputs: no figure and no verdict beside an entry that can't be. */
  isMissing: boolean;
}) {
  const head = sum.answers.find(({ name }) => name === sum.headline)!;
  const { figure, unit } = sayAnswer(head, solved.answers, units);
  const isLong = figure.length > 9;
  const { verdict } = solved;
  return (
    <Box aria-live="polite" sx={{ opacity: isOld ? 0.45 : 1 }}>
      <Box sx={{ display: 'flex', alignItems: 'baseline', gap: 2, flexWrap: 'wrap' }}>
        <Quiet sx={{ fontSize: TYPE.title }}>{head.label}</Quiet>
        <Box
          data-testid="sum-headline"
          sx={{
            fontSize: isLong ? { xs: TYPE.figure, sm: TYPE.headline } : { xs: 64, sm: 84 },
            fontWeight: 830,
            fontStretch: STRETCH.headline,
            lineHeight: 1,
          }}
        >
          {isMissing ? '–' : figure}
          {!isMissing && (
            <Box component="span" sx={{ fontSize: '0.42em', fontWeight: 700, ml: 1 }}>
              {unit}
            </Box>
          )}
        </Box>
      </Box>
      {verdict && (
        <Box
          data-testid="sum-verdict"
          sx={{
            mt: 0.5,
            fontSize: TYPE.title,
            fontWeight: 750,
            fontStretch: STRETCH.headline,
            display: 'inline-block',
            visibility: isMissing ? 'hidden' : 'visible',
            ...(verdict.severity === 'fault'
              ? { backgroundColor: token('block'), color: token('onBlock'), px: 1.5 }
              : verdict.severity === 'caution'
                ? { border: `2.5px solid ${token('ink')}`, px: 1.5 }
                : {}),
          }}
        >
          {verdict.severity === 'fault' ? 'No: ' : verdict.severity === 'caution' ? 'Mind: ' : ''}
          {verdict.words}
        </Box>
      )}
    </Box>
  );
}
