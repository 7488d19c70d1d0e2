'use client';
import type { SeatId } from '@/core/record/ids';
import Box from '@mui/material/Box';
import { useMemo, useState } from 'react';
import { viewJoint } from '@/core/job/jointView';
import type { HeatOfPage } from '@/bench/frame/JobFoot';
import { JobScreen } from '@/bench/frame/JobScreen';
import { useJob } from '@/bench/record/JobProvider';
import { Lead } from '@/ui/parts/text';
import { BoltMap } from './BoltMap';
import { BoltSlate } from './BoltSlate';

/** A joint closed bolt by bolt, for two metres: which one, how tight, and turned between the passes. */
export function BoltScreen({ seatId, ...heat }: HeatOfPage & { seatId: SeatId }) {
  const { record, job, person } = useJob();
  const [chosen, setChosen] = useState<number | null>(null);
  const casting = record.castings.find(({ seats }) => seats.some(({ id }) => id === seatId));
  const joint = casting && job.work.joints[casting.id];
  const view = useMemo(() => (casting ? viewJoint(casting, joint) : null), [casting, joint]);
  return (
    <JobScreen
      testId="bolts"
      title="Bolts"
      about={casting?.name ?? ''}
      back={{ href: `/jobs/${record.id}/${seatId}/work`, words: 'Back to the work' }}
      {...heat}
    >
      {view ? (
        <>
          <BoltSlate view={view} units={person?.units ?? 'metric'} chosen={chosen} />
          <BoltMap view={view} chosen={chosen} onPick={(bolt) => setChosen(bolt === chosen ? null : bolt)} />
        </>
      ) : (
        <Lead>
          <Box component="h1" sx={{ m: 0, fontSize: 'inherit' }}>
            No bolts are drawn on this casting.
          </Box>
          They are set by their places in the set-up of the job.
        </Lead>
      )}
    </JobScreen>
  );
}
