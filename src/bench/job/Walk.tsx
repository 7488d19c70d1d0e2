'use client';
import type { JobId, SeatId } from '@/core/record/ids';
import Box from '@mui/material/Box';
import { Link } from '@/ui/parts/Link';
import { memo, useEffect, useRef } from 'react';
import { STEPS, type Step } from '@/core/record/vocabulary';
import type { JobView, SeatView } from '@/core/job/seatView';
import { guardOf } from '@/core/record/seatFacts';
import { useJob } from '@/bench/record/JobProvider';
import { token, TYPE } from '@/ui/theme/tokens';
import { STEP_PATHS, STEP_WORDS } from '@/ui/words/steps';

/** Steps that belong to the whole job, not to one seat of it. */
const OF_THE_JOB: readonly Step[] = ['look', 'stacks', 'float', 'work'];

const isSized = ({ isMeasured, history }: SeatView) => isMeasured || history.usualFitAccepted;

const isDone: Record<Step, (view: SeatView, job: JobView) => boolean> = {
  look: (_view, { plan, work }) => plan.checks.every((check) => work.looks[check] !== undefined),
  strip: (view) => view.history.takenOut !== null || isSized(view) || view.history.wayIn !== null,
  stacks: (_view, { plan, work }) =>
    plan.stacks.every(({ key }) => (work.stacks[key]?.pieces.length ?? 0) > 0),
  parts: (view) => view.partCheck.verdict === 'right' || view.history.overruled !== null,
  measure: isSized,
  way_in: (view) => view.history.wayIn !== null,
  heat_run: (view) => view.history.homeMs !== null,
  square: (view) => view.history.accepted !== null,
  seal: ({ seat, history }) =>
    isSeal(seat) ? history.homeMs !== null : !guardOf(seat.spec) || history.sealFitted !== null,
  float: (_view, { plan, work }) => plan.floats.every(({ key }) => work.floats[key]?.accepted),
  work: (_view, { plan, work }) => plan.tasks.every(({ key }) => key in work.tasks),
  record: (view) => view.history.accepted !== null,
};

const isSeal = ({ spec }: SeatView['seat']) => spec.kind === 'seal_in_bore';
/** Seats that have something to do at a step; left out: all. */
const CONCERNED: Partial<Record<Step, (view: SeatView) => boolean>> = {
  measure: ({ seat }) => !isSeal(seat),
  seal: ({ seat }) => isSeal(seat) || guardOf(seat.spec) !== null,
};

/** How far a step is: seats that passed it of those that it concerns. */
function noteOf(step: Step, views: readonly SeatView[], job: JobView): string {
  if (job.skipped[step]) return 'left out';
  if (OF_THE_JOB.includes(step)) return views[0] && isDone[step](views[0], job) ? 'done' : '';
  const concerned = views.filter(CONCERNED[step] ?? (() => true));
  return concerned.length > 0
    ? `${concerned.filter((view) => isDone[step](view, job)).length}/${concerned.length}`
    : '';
}

/** The walk of this job: its steps on a rule, each with how many of its seats have passed it. */
export function Walk({ seatId, step }: { seatId: SeatId; step: Step | null }) {
  const { record, views, job } = useJob();
  const here = views.find(({ seat }) => seat.id === seatId);
  const doneShare = here
    ? STEPS.filter((each) => job.skipped[each] || isDone[each](here, job)).length / STEPS.length
    : 0;
  const notes = STEPS.map((each) => noteOf(each, views, job)).join('|');
  return <WalkSteps jobId={record.id} seatId={seatId} step={step} doneShare={doneShare} notes={notes} />;
}

type WalkStepsProps = {
  jobId: JobId;
  seatId: SeatId;
  step: Step | null;
  doneShare: number;
  /** How far each step is, in their order, parted by bars: drawn anew only when one of them changes. */
  notes: string;
};

/** All steps side by side; on a narrow screen one line that is pushed sideways. */
const ROW = {
  display: { xs: 'flex', lg: 'grid' },
  gridTemplateColumns: `repeat(${STEPS.length}, auto)`,
  overflowX: 'auto',
  position: 'relative',
  scrollbarWidth: 'none',
} as const;
/** Alt and this figure go to the step: drawn as a key, so that it does not read as a count. */
const KEY = {
  content: 'attr(data-key)',
  display: { xs: 'none', lg: 'inline-block' },
  minWidth: 17,
  textAlign: 'center',
  lineHeight: '17px',
  fontSize: 13,
  fontWeight: 600,
  fontStretch: '76%',
  color: token('steel'),
  border: `1px solid ${token('mid')}`,
  borderRadius: '3px',
  alignSelf: 'center',
} as const;

/** What stands on the keys that go to the steps; see `useStepKeys`. */
const KEY_CAPS = '1234567890-=';

const WalkSteps = memo(function WalkSteps({ jobId, seatId, step, doneShare, notes }: WalkStepsProps) {
  const noteAt = notes.split('|');
  const row = useRef<HTMLDivElement>(null);
  // Where the steps do not fit side by side, the one that is here is in sight.
  useEffect(() => {
    const here = row.current?.querySelector<HTMLElement>('[aria-current]');
    if (row.current && here) row.current.scrollLeft = here.offsetLeft - row.current.clientWidth / 3;
  }, [step]);
  return (
    <Box component="nav" aria-label="Steps" className="no-print">
      <StepLine doneShare={doneShare} />
      <Box
        ref={row}
        sx={ROW}
        // A step that is half beyond the edge comes in whole with the focus.
        onFocus={({ target }) => target.scrollIntoView({ block: 'nearest', inline: 'nearest' })}
      >
        {STEPS.map((each, i) => {
          const isHere = each === step;
          return (
            <Box
              key={each}
              component={Link}
              href={`/jobs/${jobId}/${seatId}/${STEP_PATHS[each]}`}
              aria-current={isHere ? 'step' : undefined}
              data-key={KEY_CAPS[i]}
              sx={{
                '&::before': KEY,
                display: 'flex',
                alignItems: 'center',
                gap: 0.75,
                px: 0.75,
                whiteSpace: 'nowrap',
                minHeight: 48,
                pt: 0.5,
                textDecoration: 'none',
                color: token('ink'),
                fontSize: TYPE.lead,
                fontWeight: isHere ? 800 : 600,
                fontStretch: '62%',
                borderBottom: `5px solid ${isHere ? token('ink') : 'transparent'}`,
              }}
            >
              {STEP_WORDS[each]}
              <Box
                component="span"
                sx={{
                  display: { xs: 'none', lg: 'inline' },
                  fontSize: TYPE.fine,
                  fontWeight: 450,
                  fontStretch: '76%',
                  color: token('steel'),
                }}
              >
                {noteAt[i]}
              </Box>
            </Box>
          );
        })}
      </Box>
    </Box>
  );
});

type StepLineProps = {
  doneShare: number;
};

/** Graduation of the line: each `every`-th stroke of fifty-one, down to `end`. */
const strokes = (every: number, end: number) =>
  Array.from({ length: 51 }, (_, i) => (i % every === 0 ? `M${i * 20} 2V${end}` : '')).join('');

/** The steps as one line. */
function StepLine({ doneShare }: StepLineProps) {
  return (
    <svg
      width="100%"
      height="12"
      style={{ display: 'block' }}
      aria-hidden
      preserveAspectRatio="none"
      viewBox="0 0 1000 16"
    >
      <path d="M0 2.5H1000" stroke={token('ink')} strokeWidth="1.6" vectorEffect="non-scaling-stroke" />
      <path
        d={`M0 3H${1000 * doneShare}`}
        stroke={token('ink')}
        strokeWidth="6"
        vectorEffect="non-scaling-stroke"
      />
      <path d={strokes(1, 9)} stroke={token('ink')} strokeWidth={1} vectorEffect="non-scaling-stroke" />
      <path d={strokes(10, 16)} stroke={token('ink')} strokeWidth={1.6} vectorEffect="non-scaling-stroke" />
    </svg>
  );
}
