'use client';
import type { JobId, SeatId } from '@/core/record/ids';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { Link } from '@/ui/parts/Link';
import { usePathname } from 'next/navigation';
import { useEffect, useMemo, type ReactNode } from 'react';
import { bagCode } from '@/core/board/bagCode';
import type { SeatView } from '@/core/job/seatView';
import { isEnd, type Move } from '@/core/walk/move';
import type { Step, WalkStyle } from '@/core/record/vocabulary';
import { Head } from '@/bench/frame/Head';
import { JobFoot, type HeatOfPage } from '@/bench/frame/JobFoot';
import { NextMoveBand } from '@/bench/frame/NextMoveBand';
import { movePath } from '@/bench/frame/movePath';
import { jobPath, placesFrom } from '@/bench/frame/places';
import { keepWalkHere } from '@/bench/frame/walkCookie';
import { useIsAsOpened, useJob, useSeatView } from '@/bench/record/JobProvider';
import { later } from '@/bench/record/later';
import { useLoaded } from '@/bench/record/useLoaded';
import { AT_THE_RUN } from '@/bench/frame/atTheRun';
import { OfferButtons } from './OfferButtons';
import type { MoveNow } from '@/bench/frame/moveNow';
import { useStepKeys } from '@/bench/frame/useStepKeys';
import { PageTitle } from '@/ui/parts/PageTitle';
import { STEP_WORDS } from '@/ui/words/steps';
import { stepOfPath } from './stepOfPath';
import { Walk } from './Walk';
import { token, TYPE } from '@/ui/theme/tokens';
import { Column } from '@/ui/parts/layout';

const RefusedShopEdits = later(() => import('@/bench/frame/RefusedShopEdits'), 'RefusedShopEdits');
const RefusedEntries = later(() => import('./RefusedEntries'), 'RefusedEntries');

/** An address that names a seat of another job, or none. */
const SeatNotHere = ({ jobId }: { jobId: JobId }) => (
  <Box sx={{ p: 4, fontSize: TYPE.name }} role="alert">
    <PageTitle parts={['No such seat']} />
    This job has no such seat. <Link href={`/jobs/${jobId}`}>Open the job at its next move</Link>
  </Box>
);

const loadMoveNow = () => import('@/bench/frame/moveNow');

/** The next move as it stands: as the server said it, until the browser can say it itself. */
function useMoveNow(
  view: SeatView | null,
  walk: WalkStyle,
  { firstMove: first, firstWalk }: FirstMove,
): MoveNow | null {
  const { job } = useJob();
  // To find it again would take as long as all else of the screen.
  const isAsSaid = useIsAsOpened() && walk === firstWalk && first !== null;
  const loaded = useLoaded(loadMoveNow, isAsSaid ? 'spare' : 'now');
  return useMemo(
    () => (loaded && !isAsSaid ? loaded.sayMoveNow(job, view, walk) : first),
    [loaded, isAsSaid, job, view, walk, first],
  );
}

type FirstMove = {
  /** As the server says it; null where the database is away. */
  firstMove: MoveNow | null;
  /** In whose walk. */
  firstWalk: WalkStyle;
};

type BandProps = { now: MoveNow; seatId: SeatId; step: Step | null; walk: WalkStyle };

/** The next move with the cautions that stand with it, and where it is done when that is not here. */
function MoveBand({ now, seatId, step, walk }: BandProps) {
  const { move, headline, reason, cautions } = now;
  const { record } = useJob();
  // What ends the walk is done on a page of its own.
  const isHere =
    (move.seatId === null && !isEnd(move)) ||
    (move.step === step && (isOfJob(move) || move.seatIds.includes(seatId)));
  return (
    <NextMoveBand
      headline={headline}
      reason={reason}
      cautions={
        <>
          {cautions.map(({ code, caution }) => (
            <Box key={code} role="note" data-caution={code} sx={{ color: token('ink'), fontWeight: 700 }}>
              {caution}
            </Box>
          ))}
        </>
      }
    >
      {now.offers.length > 0 && <OfferButtons now={now} walk={walk} />}
      {!isHere && (
        <Button
          variant={AT_THE_RUN.includes(move.code) || move.code === 'all_proven' ? 'contained' : 'text'}
          component={Link}
          href={movePath(record.id, move)}
          sx={{ minWidth: 110 }}
        >
          {move.code === 'all_proven' ? 'Hand over' : 'Go there'}
        </Button>
      )}
    </NextMoveBand>
  );
}

/** Work of the whole job, whichever of its seats is looked at. */
const isOfJob = ({ items }: Move) => items.every(({ seatId }) => seatId === null);

/** Steps whose screen has a strip of its own, for readings. */
const WITH_GAUGES: readonly Step[] = ['measure', 'parts', 'square', 'float', 'work'];

/** The frame of a job's screens: head, next move, walk, the step itself, and the strip of what is hot or cold. */
export function JobFrame({
  seatId,
  heat,
  heatMs,
  children,
  ...first
}: HeatOfPage & FirstMove & { seatId: SeatId; children: ReactNode }) {
  const { record, person, refused } = useJob();
  const view = useSeatView(seatId);
  const step = stepOfPath(usePathname());
  // Until the browser has said who is here, it is as it was the last time.
  const walk = person ? (person.walk ?? 'full') : first.firstWalk;
  useEffect(() => {
    if (person) keepWalkHere(walk);
  }, [person, walk]);
  const places = useMemo(() => placesFrom('Job', jobPath(record.id, walk)), [record.id, walk]);
  const moveNow = useMoveNow(view, walk, first);
  useStepKeys(record.id);

  if (!view) return <SeatNotHere jobId={record.id} />;
  return (
    <Column
      sx={{
        minHeight: '100vh',
        height: { lg: '100vh' },
        px: { xs: 2, sm: 4 },
        '@media (max-height: 720px), print': { height: 'auto' },
      }}
    >
      <PageTitle parts={[step ? STEP_WORDS[step] : 'Set up', view.seat.name, record.machine]} />
      <Head
        title={record.machine}
        titleHref={`/jobs/${record.id}/${seatId}/look`}
        subtitle={`${record.machineSort}, ${view.casting.name} · job\u00a0${record.number} · bag\u00a0${bagCode(record.number)}`}
        people={record.people}
        places={places}
      />
      <Box className="no-print" component="section" aria-label="Next move">
        {moveNow ? (
          <MoveBand now={moveNow} seatId={seatId} step={step} walk={walk} />
        ) : (
          <NextMoveBand headline="" reason="" />
        )}
      </Box>
      <Walk seatId={seatId} step={step} />
      {refused.length > 0 && <RefusedEntries />}
      <RefusedShopEdits />
      <Box
        component="main"
        sx={{
          flex: 1,
          minHeight: 0,
          mx: { xs: -2, sm: -4 },
          px: { xs: 2, sm: 4 },
          display: 'flex',
          flexDirection: 'column',
          overflowY: { lg: 'auto' },
        }}
      >
        {children}
      </Box>
      <JobFoot heat={heat} heatMs={heatMs} isLine={step !== null && WITH_GAUGES.includes(step)} />
    </Column>
  );
}
