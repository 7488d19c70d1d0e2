'use client';
import type { JobId, SeatId } from '@/core/record/ids';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Link from 'next/link';
import { usePathname, useRouter } from 'next/navigation';
import { useEffect, useMemo, type ReactNode } from 'react';
import { bagCode } from '@/core/board/bagCode';
import { findHeatItems, type HeatItem } from '@/core/board/heatItems';
import { findNextMove, findSeatMove, isJobMove, type Move } from '@/core/job/nextMove';
import type { JobView, SeatView } from '@/core/job/seatView';
import type { ProjectedJob } from '@/core/project/project';
import { STEPS, type Step, type WalkStyle } from '@/core/record/vocabulary';
import { Head } from '@/bench/frame/Head';
import { HeatBarPlace } from '@/bench/frame/HeatBarPlace';
import { NextMoveBand } from '@/bench/frame/NextMoveBand';
import { jobPath, placesFrom } from '@/bench/frame/places';
import { useJob, useSeatView } from '@/bench/record/JobProvider';
import { later } from '@/bench/record/later';
import { sayMove, STEP_PATHS } from '@/ui/words/moves';
import { stepOfPath } from './stepOfPath';
import { Walk } from './Walk';
import { TYPE } from '@/ui/theme/tokens';
import { Column } from '@/ui/parts/layout';

const UndoBar = later(() => import('@/bench/frame/UndoBar'), 'UndoBar');
const RefusedShopEdits = later(() => import('@/bench/frame/RefusedShopEdits'), 'RefusedShopEdits');
const RefusedEntries = later(() => import('./RefusedEntries'), 'RefusedEntries');
const PersonPicker = later(() => import('@/bench/frame/PersonPicker'), 'PersonPicker');

/** An address that names a seat of another job, or none. */
const SeatNotHere = ({ jobId }: { jobId: JobId }) => (
  <Box sx={{ p: 4, fontSize: TYPE.name }} role="alert">
    This job has no such seat. <Link href={`/jobs/${jobId}`}>Open the job at its next move</Link>
  </Box>
);

/** Moves on hot or cold metal take the headline even while another seat is looked at. */
const CANNOT_WAIT: readonly Move['code'][] = ['say_home_or_stuck', 'drop_now', 'reheat'];

type Here = {
  record: ProjectedJob;
  job: JobView;
  view: SeatView | null;
  seatId: SeatId;
  step: Step | null;
  walk: WalkStyle;
};

/** What the frame says is next, and where that is when it is not here. */
function findFrameMove({ record, job, view, seatId, step, walk }: Here) {
  const jobMove = findNextMove(job, walk);
  const seatMove = view && findSeatMove(view, job, walk);
  const move = CANNOT_WAIT.includes(jobMove.code) || isJobMove(jobMove) ? jobMove : (seatMove ?? jobMove);
  const nameOf = (id: string | null) =>
    record.castings.flatMap(({ seats }) => seats).find((seat) => seat.id === id)?.name ?? '';
  const seatName = nameOf(move.seatId);
  // While this seat waits, what can go on elsewhere is said, and led to.
  const meanwhile = move.code === 'wait_for_part' && jobMove.code !== 'wait_for_part' ? jobMove : null;
  const goal = meanwhile ?? move;
  const said = sayMove(move, seatName);
  const words = meanwhile
    ? { ...said, reason: `Meanwhile: ${sayMove(meanwhile, nameOf(meanwhile.seatId)).headline}` }
    : said;
  const isElsewhere =
    goal.seatId !== null && ((goal.seatId !== seatId && !isJobMove(goal)) || goal.step !== step);
  return { words, goal, isElsewhere };
}

/** Alt and a figure go to that step. */
function useStepKeys(jobId: JobId) {
  const router = useRouter();
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      const target = event.altKey ? STEPS[Number(event.key) - 1] : undefined;
      // The address is asked when the key comes: it is newer than this frame right after a change of seat.
      const [, , , seatHere] = window.location.pathname.split('/');
      if (target && seatHere) {
        event.preventDefault();
        router.push(`/jobs/${jobId}/${seatHere}/${STEP_PATHS[target]}`);
      }
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [router, jobId]);
}

/** What is hot or cold on this job, from its own (perhaps unsent) entries: the very same until something of it changes. */
function useOwnHeat(record: ProjectedJob) {
  const text = JSON.stringify(findHeatItems(record));
  return useMemo(() => ({ jobId: record.id, items: JSON.parse(text) as HeatItem[] }), [record.id, text]);
}

/** The frame of a job's screens: head, next move, walk, the step itself, and the strip of what is hot or cold. */
export function JobFrame({
  seatId,
  heat,
  heatMs,
  children,
}: {
  seatId: SeatId;
  heat: readonly HeatItem[];
  /** When `heat` was read. */ heatMs: number;
  children: ReactNode;
}) {
  const { record, job, person, isAskingPerson, stopAsking } = useJob();
  const view = useSeatView(seatId);
  const step = stepOfPath(usePathname());
  const walk = person?.walk ?? 'full';
  const own = useOwnHeat(record);
  const places = useMemo(() => placesFrom('Job', jobPath(record.id, walk)), [record.id, walk]);
  const { words, goal, isElsewhere } = findFrameMove({ record, job, view, seatId, step, walk });
  useStepKeys(record.id);

  if (!view) return <SeatNotHere jobId={record.id} />;
  return (
    <Column
      sx={{
        minHeight: '100vh',
        height: { lg: '100vh' },
        px: 4,
        '@media (max-height: 720px), print': { height: 'auto' },
      }}
    >
      <Head
        title={record.machine}
        subtitle={`${record.machineSort}, ${view.casting.name} · job ${record.number} · bag ${bagCode(record.number)}`}
        people={record.people}
        places={places}
      />
      <Box className="no-print">
        <NextMoveBand headline={words.headline} reason={words.reason}>
          {isElsewhere && (
            <Button
              variant="contained"
              component={Link}
              href={`/jobs/${record.id}/${goal.seatId}/${STEP_PATHS[goal.step]}`}
              sx={{ minWidth: 150 }}
            >
              Go there
            </Button>
          )}
        </NextMoveBand>
      </Box>
      <Walk seatId={seatId} step={step} />
      <RefusedEntries />
      <RefusedShopEdits />
      <Box
        component="main"
        sx={{
          flex: 1,
          minHeight: 0,
          mx: -4,
          px: 4,
          display: 'flex',
          flexDirection: 'column',
          overflowY: { lg: 'auto' },
        }}
      >
        {children}
      </Box>
      <HeatBarPlace
        initial={heat}
        own={own}
        people={record.people}
        units={person?.units ?? 'metric'}
        initialMs={heatMs}
      />
      <UndoBar />
      <PersonPicker people={record.people} isOpen={isAskingPerson} onClose={stopAsking} />
    </Column>
  );
}
