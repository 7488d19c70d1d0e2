'use client';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { ReactNode } from 'react';
import { useJob } from '@/bench/record/JobProvider';
import { Link } from '@/ui/parts/Link';
import { PageTitle } from '@/ui/parts/PageTitle';
import { Column } from '@/ui/parts/layout';
import { Head } from './Head';
import { JobFoot, type HeatOfPage } from './JobFoot';
import { jobPath, placesFrom } from './places';

type Props = HeatOfPage & {
  testId: string;
  title: string;
  /** What of the job it is about. */
  about: string;
  back: { href: string; words: string };
  children: ReactNode;
};

/** A screen of a job beside its walk, for two metres: two halves side by side, and the way back. */
export function JobScreen({ testId, title, about, back, heat, heatMs, children }: Props) {
  const { record, person } = useJob();
  return (
    <Column sx={{ minHeight: '100vh', px: { xs: 2, sm: 4 } }} data-testid={testId}>
      <PageTitle parts={[title, about, record.machine]} />
      <Head
        title={record.machine}
        titleHref={back.href}
        subtitle={`${about} · job\u00a0${record.number}`}
        people={record.people}
        places={placesFrom('Job', jobPath(record.id, person?.walk ?? 'full'))}
      />
      <Box
        component="main"
        sx={{
          flex: 1,
          display: 'grid',
          gridTemplateColumns: { xs: '1fr', md: 'minmax(0, 1fr) minmax(0, 1fr)' },
          columnGap: 4,
          rowGap: 2,
          pt: 2,
        }}
      >
        {children}
        <Box sx={{ gridColumn: '1 / -1', alignSelf: 'end', pb: 1 }}>
          <Button variant="text" component={Link} href={back.href}>
            {back.words}
          </Button>
        </Box>
      </Box>
      <JobFoot heat={heat} heatMs={heatMs} />
    </Column>
  );
}
