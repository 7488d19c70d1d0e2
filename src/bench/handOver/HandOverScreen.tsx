'use client';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useMemo } from 'react';
import { overruledOf, proofsOf } from '@/core/handOver/proofs';
import type { Units } from '@/core/quantity/format';
import { bagCode } from '@/core/board/bagCode';
import type { ProjectedJob } from '@/core/project/project';
import type { HandOver } from '@/core/project/handOver';
import type { Draft } from '@/core/walk/offer';
import { Head } from '@/bench/frame/Head';
import { JobFoot, type HeatOfPage } from '@/bench/frame/JobFoot';
import { jobPath, placesFrom } from '@/bench/frame/places';
import { useJob } from '@/bench/record/JobProvider';
import { later } from '@/bench/record/later';
import { Link } from '@/ui/parts/Link';
import { PageTitle } from '@/ui/parts/PageTitle';
import { Column, Row, Section } from '@/ui/parts/layout';
import { Lead, Quiet, Text } from '@/ui/parts/text';
import { STRETCH, TYPE } from '@/ui/theme/tokens';
import { clock, day } from '@/ui/words/clock';
import { SIGNER_WORDS } from '@/ui/words/handOver';
import { asHeadline } from '@/ui/words/sentence';
import { ProofList } from './ProofList';

const HandOverSlate = later(() => import('./HandOverSlate'), 'HandOverSlate');
const BagLabel = later(() => import('@/ui/parts/BagLabel'), 'BagLabel');
const OpenAgain = later(() => import('./OpenAgain'), 'OpenAgain');

/** The end of a job: what proves it, what was taken all the same, what goes with it, and its papers. */
export function HandOverScreen({ heat, heatMs }: HeatOfPage) {
  const { record, job, person } = useJob();
  const walk = person?.walk ?? 'full';
  const proofs = useMemo(() => proofsOf(job), [job]);
  const overruled = useMemo(() => overruledOf(job), [job]);
  const { handOver } = job.work;
  const isOver = handOver.handedOverMs !== null;
  const openCount = proofs.filter(({ by }) => by === 'open').length;
  return (
    <Column sx={{ minHeight: '100vh', px: { xs: 2, sm: 4 } }} data-testid="hand-over">
      <PageTitle parts={['Hand over', record.machine]} />
      <Head
        title={record.machine}
        titleHref={jobPath(record.id, walk)}
        subtitle={`${record.machineSort} · job\u00a0${record.number}`}
        people={record.people}
        places={placesFrom('Job', jobPath(record.id, walk))}
      />
      <Box component="main" sx={{ flex: 1, pb: 2 }}>
        <Box sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'center', columnGap: 4, mt: 1 }}>
          <Box sx={{ flex: 1, minWidth: 260 }}>
            <Box
              component="h1"
              sx={{ m: 0, fontSize: TYPE.headline, fontWeight: 800, fontStretch: STRETCH.headline }}
            >
              {isOver
                ? 'Handed over.'
                : openCount > 0
                  ? `${openCount} not proved yet.`
                  : 'All of it is proved: hand over.'}
            </Box>
            {!isOver && <Missing handOver={handOver} />}
          </Box>
          {!isOver && <HandOverButton handOver={handOver} openCount={openCount} />}
        </Box>
        {isOver && <Signed handOver={handOver} />}
        <Box
          sx={{
            display: 'grid',
            gridTemplateColumns: { xs: '1fr', lg: 'minmax(0, 1fr) 372px' },
            columnGap: 4,
            rowGap: 2,
            mt: 1,
          }}
        >
          <Box>
            <ProofList
              jobId={record.id}
              firstSeatId={job.seats[0]?.seat.id ?? ''}
              proofs={proofs}
              overruled={overruled}
            />
            <Earlier handOver={handOver} />
            <Papers record={record} units={person?.units ?? 'metric'} />
          </Box>
          {isOver ? <OpenAgain /> : <HandOverSlate handOver={handOver} />}
        </Box>
      </Box>
      <JobFoot heat={heat} heatMs={heatMs} />
    </Column>
  );
}

const signedByShop = ({ signatures }: HandOver) => signatures.some(({ as }) => as === 'workshop');

/** What has to be said before it can go. */
function Missing({ handOver }: { handOver: HandOver }) {
  const { person } = useJob();
  return (
    <Text data-testid="hand-over-missing">
      {handOver.toolsMissing === null && 'Count the tools first: one of them may lie in the case. '}
      {!signedByShop(handOver) && !person && 'Nobody has signed for the workshop yet.'}
    </Text>
  );
}

/** One key: who is at the bench signs for the workshop with it, unless somebody has. */
function HandOverButton({ handOver, openCount }: { handOver: HandOver; openCount: number }) {
  const { takeOffer, person } = useJob();
  const isSigned = signedByShop(handOver);
  const goes = openCount > 0 ? `hand over with ${openCount} open` : 'hand over';
  return (
    <Button
      variant={openCount > 0 ? 'outlined' : 'contained'}
      disabled={handOver.toolsMissing === null || (!isSigned && !person)}
      onClick={() =>
        takeOffer([
          ...(!isSigned && person ? [signed(person.name)] : []),
          { kind: 'job_handed_over', body: {} },
        ])
      }
      sx={{ minWidth: 260 }}
    >
      {!isSigned && person ? `Sign as ${person.name} and ${goes}` : asHeadline(goes)}
    </Button>
  );
}

const signed = (name: string): Draft => ({ kind: 'hand_over_signed', body: { as: 'workshop', name } });

const Signed = ({ handOver: { signatures, handedOverMs } }: { handOver: HandOver }) => (
  <Lead data-testid="signed" suppressHydrationWarning>
    {handedOverMs !== null && day(handedOverMs)}
    {signatures.map(({ as, name }) => ` · ${SIGNER_WORDS[as].toLowerCase()}: ${name}`).join('')}
  </Lead>
);

/** Why it was opened before, and when. */
const Earlier = ({ handOver: { earlier } }: { handOver: HandOver }) =>
  earlier.length > 0 && (
    <Section data-testid="earlier">
      {earlier.map(({ openedMs, why }) => (
        <Text key={openedMs} suppressHydrationWarning>
          <b>Opened again</b> {clock(new Date(openedMs).toISOString())}: {why}
        </Text>
      ))}
    </Section>
  );

/** The job on paper and as files. */
const Papers = ({ record, units }: { record: ProjectedJob; units: Units }) => (
  <Section>
    <Row>
      <Button
        variant="outlined"
        component="a"
        href={`/api/v1/jobs/${record.id}/card.pdf?units=${units}`}
        target="_blank"
      >
        Job card, PDF
      </Button>
      <Button variant="outlined" component={Link} href={`/jobs/${record.id}/sheet?for=customer`}>
        Sheet for the customer
      </Button>
      <BagLabel
        code={bagCode(record.number)}
        title={record.machine}
        subtitle={`${record.machineSort} · job\u00a0${record.number}`}
      />
      <Button variant="text" component="a" href={`/api/v1/jobs/${record.id}/export`} download>
        Job as a file
      </Button>
      <Button variant="text" component="a" href={`/api/v1/jobs/${record.id}/readings.csv`} download>
        Readings as CSV
      </Button>
    </Row>
    <Quiet>The card has a page for the customer and one for the workshop.</Quiet>
  </Section>
);
