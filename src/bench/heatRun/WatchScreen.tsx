'use client';
import type { SeatId } from '@/core/record/ids';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useMemo } from 'react';
import { asProposed } from '@/core/job/seatJudgement';
import type { SeatView } from '@/core/job/seatView';
import { useNow } from '@/bench/record/hooks';
import { useJob, useSeatView } from '@/bench/record/JobProvider';
import { useWakeLock } from '@/bench/frame/useWakeLock';
import { Link } from '@/ui/parts/Link';
import { PageTitle } from '@/ui/parts/PageTitle';
import { Column } from '@/ui/parts/layout';
import { STRETCH, TYPE } from '@/ui/theme/tokens';
import { sayReason } from '@/ui/words/runReasons';
import { CallSign } from './CallSign';
import { Figures } from './RunFigures';
import { RunStatus } from './RunStatus';
import { sayCasting, sayDoor, signWords } from './runWords';
import { useCalls } from './useCalls';
import { useRunNow, useShownPart } from './useHeatRun';

/** No probe of its own: what the screen at the bench stores is what it follows. */
const NO_PROBE = { liveC: null, liveAtMs: 0, freshMs: 0 } as const;

/**
 * The run for a second screen, across the shop: the sign, the seconds, the reason, who is next. It follows what happens at the bench, asks
 * for nothing and takes nothing.
 */
export function WatchScreen({ seatId }: { seatId: SeatId }) {
  const stored = useSeatView(seatId);
  const { job } = useJob();
  const view = useMemo(() => stored && asProposed(stored, job), [stored, job]);
  const shown = useShownPart(view, null);
  return shown ? (
    <Watched {...shown} ownId={seatId} />
  ) : (
    <Box sx={{ p: 4, fontSize: TYPE.name }} role="alert">
      <PageTitle parts={['No such seat']} />
      This job has no such seat.
    </Box>
  );
}

const HEADLINE = { fontWeight: 800, fontStretch: STRETCH.headline, lineHeight: 1.05 } as const;

function Watched({
  view,
  parts,
  order,
  ownId,
}: NonNullable<ReturnType<typeof useShownPart>> & { ownId: SeatId }) {
  const { record, drawnMs, person } = useJob();
  const nowMs = useNow(drawnMs, 500);
  const units = person?.units ?? 'metric';
  const { seat, heat } = view;
  const { run } = useRunNow(view, parts, NO_PROBE, nowMs);
  useCalls(run, nowMs);
  useWakeLock(true);
  return (
    <Column
      sx={{ minHeight: '100vh', height: { md: '100vh' }, px: { xs: 2, sm: 4 }, py: 2 }}
      data-testid="watch"
    >
      <PageTitle parts={['Watch', seat.name, record.machine]} />
      <Box component="header" sx={{ display: 'flex', flexWrap: 'wrap', alignItems: 'baseline', gap: 3 }}>
        <Box component="h1" sx={{ m: 0, fontSize: { xs: TYPE.figure, md: 64 }, ...HEADLINE }}>
          {seat.name}
        </Box>
        <Box sx={{ fontSize: TYPE.head }} suppressHydrationWarning>
          {sayDoor(view, nowMs)}
        </Box>
        <Button
          variant="text"
          component={Link}
          href={`/jobs/${record.id}/${ownId}/run`}
          sx={{ ml: 'auto', fontSize: TYPE.lead }}
        >
          To its buttons
        </Button>
      </Box>
      <Box
        component="main"
        sx={{
          flex: 1,
          display: 'grid',
          gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: '50% minmax(0, 1fr)' },
          gridTemplateRows: { xs: '40vh auto', md: 'minmax(0, 1fr)' },
          columnGap: 4,
          minHeight: 0,
        }}
      >
        <Box sx={{ minHeight: 0 }}>
          <CallSign
            call={run.call}
            castingText={sayCasting(view, run, record.roomC, units)}
            isHot={heat.phase !== 'cold'}
            {...signWords(view, run)}
          />
        </Box>
        <Column sx={{ minWidth: 0, justifyContent: 'center', gap: 3 }}>
          {run.call !== 'home' && <Figures run={run} units={units} view={view} />}
          <RunStatus view={view} run={run} />
          <Box sx={{ fontSize: { xs: TYPE.head, md: 52 }, ...HEADLINE }} data-testid="run-reason">
            {sayReason(run)}
          </Box>
          <NextOnes view={view} order={order} />
        </Column>
      </Box>
    </Column>
  );
}

/** Who goes in after this one. */
function NextOnes({
  view,
  order,
}: { view: SeatView } & Pick<NonNullable<ReturnType<typeof useShownPart>>, 'order'>) {
  const others = order?.drops.filter(({ seatId }) => seatId !== view.seat.id) ?? [];
  if (others.length === 0) return null;
  return (
    <Box sx={{ fontSize: { xs: TYPE.name, md: TYPE.figure }, ...HEADLINE, fontWeight: 600 }}>
      then {others.map(({ name, heat }) => (heat > 1 ? `${name} (another heat)` : name)).join(', ')}
    </Box>
  );
}
