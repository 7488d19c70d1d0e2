import Box from '@mui/material/Box';
import { Link } from '@/ui/parts/Link';
import type { AskAnswer, HelpTopic, SolvedSum } from '@/core/ask/answer';
import { MATERIALS, type MaterialCode } from '@/core/catalogue/materials';
import type { Units } from '@/core/quantity/format';
import { sumPath, type SumDescription } from '@/core/sums/sum';
import { Lead, Note } from '@/ui/parts/text';
import { say } from '@/ui/sumPictures/sumInput';
import { token, TYPE } from '@/ui/theme/tokens';
import { HELP_WORDS } from '@/ui/words/help';
import { sayAnswer } from '@/ui/words/sayAnswer';
import { CAUTIONS } from '@/ui/words/verdicts';
import { Figure, SeatAnswer } from './SeatAnswer';

/** What was found, in figures and words. */
export function FoundAnswer({ answer, units }: { answer: AskAnswer; units: Units }) {
  switch (answer.answer) {
    case 'bearing':
      return answer.seat ? (
        <SeatAnswer seat={answer.seat} note={answer.note} housingC={answer.housingC} units={units} />
      ) : (
        <Lead>{answer.meaning}. Goes over or between: nothing is pressed.</Lead>
      );
    case 'sizes':
      return answer.seat ? (
        <SeatAnswer seat={answer.seat} note={answer.note} housingC={null} units={units} />
      ) : (
        <Lead>{answer.note}.</Lead>
      );
    case 'seal':
    case 'sum':
      return <SumAnswer answer={answer} units={units} />;
    case 'bolt':
    case 'rod':
      return (
        <>
          <Assumed answer={answer} units={units} />
          <SumAnswer answer={answer} units={units} />
        </>
      );
    case 'retaining_ring':
      return <Rings rings={answer.rings} units={units} />;
    case 'limits':
      return <Limits answer={answer} units={units} />;
    case 'conversion':
      return <Lead>{[...new Set(answer.shown)].join(' = ')}</Lead>;
    case 'material':
      return <Metal material={answer.material} units={units} />;
    case 'sums':
      return <SumList sums={answer.sums} />;
    case 'help':
      return <Help topic={answer.topic} />;
    case 'not_in_tables':
      return (
        <Lead>
          The tables do not have it, and no guess is made. Type its sizes: bore, outside, width, such as 25 62
          17.
        </Lead>
      );
    case 'what_can_be_asked':
      return <WhatCanBeAsked />;
    case 'job':
    case 'job_kind':
      return null;
  }
}

/** What nobody said and was taken all the same. */
function Assumed({
  answer,
  units,
}: {
  answer: Extract<AskAnswer, { answer: 'bolt' | 'rod' }>;
  units: Units;
}) {
  const { strengthClass, isStrengthAssumed, isTorqueAssumed, inputs } = answer;
  if (!isStrengthAssumed && !isTorqueAssumed) return null;
  return (
    <Note sx={{ mb: 1 }}>
      {isStrengthAssumed && `Class ${strengthClass} assumed: read the head. `}
      {isTorqueAssumed &&
        `No torque said: ${say(inputs.torque_Nm as number, 'newton_metre', units)} takes it to about three quarters of its proof load. The manual’s figure comes first.`}
    </Note>
  );
}

function Rings({
  rings,
  units,
}: {
  rings: Extract<AskAnswer, { answer: 'retaining_ring' }>['rings'];
  units: Units;
}) {
  const size = (mm: number) => say(mm, 'size_mm', units);
  return (
    <>
      {rings.map(({ standard, ring }) => (
        <Lead key={standard} sx={{ mb: 0.5 }}>
          <b>{standard === 'DIN472' ? 'In a bore (DIN 472)' : 'On a shaft (DIN 471)'}:</b> ring{' '}
          {size(ring.ringThicknessMm)} thick, groove ⌀ {size(ring.grooveDiameterMm)}, at least{' '}
          {size(ring.grooveWidthMinMm)} wide
        </Lead>
      ))}
      <Note>Tables from memory: the groove in the part says more.</Note>
    </>
  );
}

function Limits({
  answer: { nominalMm, limitsUm },
  units,
}: {
  answer: Extract<AskAnswer, { answer: 'limits' }>;
  units: Units;
}) {
  const limit = (um: number) =>
    `${say(um / 1000, 'fit_mm', units)}, ${say(nominalMm + um / 1000, 'size_mm', units)}`;
  return (
    <>
      <Lead>
        <b>Upper:</b> {limit(limitsUm.upperUm)}
      </Lead>
      <Lead>
        <b>Lower:</b> {limit(limitsUm.lowerUm)}
      </Lead>
      <Note>ISO 286-1, from memory; at 20 °C.</Note>
    </>
  );
}

function Metal({ material, units }: { material: MaterialCode; units: Units }) {
  const { alphaPerK } = MATERIALS[material];
  return (
    <>
      <Lead>
        Grows {say(100 * 100 * alphaPerK, 'fit_mm', units)} on {say(100, 'size_mm', units)} for 100 °C more.
      </Lead>
      {material === 'az91' && <Lead>{CAUTIONS.magnesium}</Lead>}
      <Note>A bearing’s number beside it gives heat and fit: 6306 {material === 'az91' ? 'mg' : 'al'}.</Note>
    </>
  );
}

const WHAT: readonly [string, string][] = [
  ['a bearing, its metal beside it', '6306 al'],
  ['three sizes', '25 62 17'],
  ['a seal', 'seal 30x47x7'],
  ['a retaining ring', 'ring 62'],
  ['a thread and a torque', 'm8 25 nm'],
  ['limits of a size', '62 N7'],
  ['another unit', '3/4 in'],
  ['a kind of job', 'saw case'],
  ['a bag, a job, a machine', 'bag WPWU'],
  ['a sum by its words', 'end float'],
];
const WhatCanBeAsked = () => (
  <>
    <Box sx={{ display: 'grid', gridTemplateColumns: { xs: '1fr', md: '1fr 1fr' }, columnGap: 4 }}>
      {WHAT.map(([what, example]) => (
        <Lead key={what}>
          {what}: <b>{example}</b>
        </Lead>
      ))}
    </Box>
    <Note>
      <Link href="/sums">Quick sums</Link> and <Link href="/reference">Reference</Link> have the lists.
    </Note>
  </>
);

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

function SumAnswer({ answer: { sum, solved }, units }: { answer: SolvedSum; units: Units }) {
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
