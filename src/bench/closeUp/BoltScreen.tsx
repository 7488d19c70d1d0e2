'use client';
import type { SeatId } from '@/core/record/ids';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useMemo, useState } from 'react';
import { viewJoint } from '@/core/job/jointView';
import { Head } from '@/bench/frame/Head';
import { JobFoot, type HeatOfPage } from '@/bench/frame/JobFoot';
import { jobPath, placesFrom } from '@/bench/frame/places';
import { useJob } from '@/bench/record/JobProvider';
import { Link } from '@/ui/parts/Link';
import { PageTitle } from '@/ui/parts/PageTitle';
import { Column } from '@/ui/parts/layout';
import { Lead } from '@/ui/parts/text';
import { BoltMap } from './BoltMap';
import { BoltSlate } from './BoltSlate';

/** A joint closed bolt by bolt, for two metres: which one, how tight, and turned between the passes. */
export function BoltScreen({ seatId, heat, heatMs }: HeatOfPage & { seatId: SeatId }) {
  const { record, job, person } = useJob();
  const [chosen, setChosen] = useState<number | null>(null);
  const casting = record.castings.find(({ seats }) => seats.some(({ id }) => id === seatId));
  const joint = casting && job.work.joints[casting.id];
  const view = useMemo(() => (casting ? viewJoint(casting, joint) : null), [casting, joint]);
  const work = `/jobs/${record.id}/${seatId}/work`;
  return (
    <Column sx={{ minHeight: '100vh', px: { xs: 2, sm: 4 } }} data-testid="bolts">
      <PageTitle parts={['Bolts', casting?.name ?? '', record.machine]} />
      <Head
        title={record.machine}
        titleHref={work}
        subtitle={`${casting?.name ?? ''} · job\u00a0${record.number}`}
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
        {view ? (
          <>
            <BoltSlate view={view} units={person?.units ?? 'metric'} chosen={chosen} />
            <BoltMap
              view={view}
              chosen={chosen}
              onPick={(bolt) => setChosen(bolt === chosen ? null : bolt)}
            />
          </>
        ) : (
          <Lead>
            <Box component="h1" sx={{ m: 0, fontSize: 'inherit' }}>
              No bolts are drawn on this casting.
            </Box>
            They are set by their places in the set-up of the job.
          </Lead>
        )}
        <Box sx={{ gridColumn: '1 / -1', alignSelf: 'end', pb: 1 }}>
          <Button variant="text" component={Link} href={work}>
            Back to the work
          </Button>
        </Box>
      </Box>
      <JobFoot heat={heat} heatMs={heatMs} />
    </Column>
  );
}
