'use client';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { locksOf } from '@/core/closing/locks';
import type { JobView } from '@/core/job/seatView';
import type { Task } from '@/core/record/plan';
import { journalsOf } from '@/core/job/journalView';
import { hasJoint } from '@/core/job/jointView';
import { taskDrafts, tickDrafts } from '@/core/walk/taskDrafts';
import { shaftOffers } from '@/core/walk/shaftOffers';
import { isTaskDone, troubleOfTask, turnChange } from '@/core/walk/taskDone';
import { useJob } from '@/bench/record/JobProvider';
import { later } from '@/bench/record/later';
import { ChoiceRow } from '@/ui/fields/ChoiceRow';
import { STRETCH, token, TYPE } from '@/ui/theme/tokens';
import { sayOffer } from '@/ui/words/offers';
import { sayTurnChange } from '@/ui/words/closing';
import { sayWhy, STAGE_ORDER, STAGE_WORDS } from '@/ui/words/walk';
import { Lead, Note, Text } from '@/ui/parts/text';
import { Link } from '@/ui/parts/Link';
import { Row, Ruled } from '@/ui/parts/layout';
import { Remember } from '@/bench/record/Remember';

const FilmTable = later(() => import('./FilmTable'), 'FilmTable');

/** The work beyond the seats: what is open, in the order in which it is done, then what is done. */
export function WorkStep() {
  const { job } = useJob();
  const { tasks } = job.plan;
  const open = tasks.filter((task) => answerOf(task, job) === null);
  const done = tasks.filter((task) => !open.includes(task));
  const stages = STAGE_ORDER.filter((stage) => open.some((task) => task.stage === stage));
  return (
    <Box data-testid="work" sx={{ pr: 1 }}>
      <Typography variant="h2">Work beyond the seats</Typography>
      <Joints />
      {tasks.length === 0 && <Text>This job has none: its seats are all of it.</Text>}
      {stages.map((stage) => (
        <StageWork
          key={stage}
          title={STAGE_WORDS[stage]}
          tasks={open.filter((task) => task.stage === stage)}
        />
      ))}
      {done.length > 0 && <StageWork title="Done" tasks={done} />}
    </Box>
  );
}

/** Castings that are closed by bolts: each bolt by bolt on a screen of its own. */
function Joints() {
  const { record } = useJob();
  const closed = record.castings.filter((casting) => hasJoint(casting) && casting.seats.length > 0);
  return (
    <Row>
      {closed.map(({ id, name, seats }) => (
        <Button
          key={id}
          variant="outlined"
          component={Link}
          href={`/jobs/${record.id}/${seats[0]!.id}/bolts`}
        >
          Bolt by bolt: {name}
        </Button>
      ))}
    </Row>
  );
}

const StageWork = ({ title, tasks }: { title: string; tasks: readonly Task[] }) => (
  <Box component="section" aria-label={title} sx={{ mt: 1.5 }}>
    <Typography variant="h3">{title}</Typography>
    {tasks.map((task) => (
      <TaskRow key={task.key} task={task} />
    ))}
  </Box>
);

/** How a piece of work was answered, in words; null while it is open, or went wrong. */
function answerOf(task: Task, job: JobView): string | null {
  if (!isTaskDone(task, job)) return null;
  const choice = job.work.tasks[task.key]?.choice;
  if (choice === 'not_here') return 'not on this job';
  return task.choices.find(({ key }) => key === choice)?.name.toLowerCase() ?? 'done';
}

const isPlain = ({ choices, onShaft, floats }: Task) =>
  !onShaft && !floats && choices.every(({ trouble }) => trouble !== undefined);

function TaskRow({ task }: { task: Task }) {
  const { job, takeOffer } = useJob();
  const answer = answerOf(task, job);
  const trouble = troubleOfTask(task, job);
  const change = turnChange(task, job);
  return (
    <Ruled data-task={task.key} data-done={answer !== null} sx={{ py: 0.75 }}>
      <Box sx={{ display: 'flex', alignItems: 'center', gap: 1 }}>
        <Box sx={{ flex: 1 }}>
          <Lead sx={{ fontWeight: answer === null ? 750 : 450, fontStretch: STRETCH.headline }}>
            {answer !== null && '✓ '}
            {task.name}
          </Lead>
          <Note>
            {answer !== null && <b>{answer}. </b>}
            {sayWhy(task.why, locksOf(task, job.plan))}
          </Note>
          {change && <Note data-testid="turn-change">{sayTurnChange(change)}</Note>}
        </Box>
        {answer === null && isPlain(task) && (
          <Button
            variant="outlined"
            aria-label={`Done: ${task.name}`}
            onClick={() => takeOffer(taskDrafts(task, job))}
          >
            Done
          </Button>
        )}
      </Box>
      {trouble && (
        <Lead role="alert" data-testid="task-trouble" sx={{ my: 0.5, fontWeight: 750 }}>
          {trouble}
        </Lead>
      )}
      <Answers task={task} />
      {task.onShaft && <ShaftWays task={task} />}
      {task.items.length > 0 && <Ticks task={task} />}
      {task.isSealed && <FilmTable sealant={job.work.tasks[task.key]?.choice ?? null} />}
      <Remember about={`task_${task.key}`.slice(0, 60)} label={task.name} />
    </Ruled>
  );
}

/** How it was done, where schools differ; and apart from them, how it can go wrong. */
function Answers({ task }: { task: Task }) {
  const { job, takeOffer } = useJob();
  const [schools, troubles] = [true, false].map((isSchool) =>
    task.choices.filter(({ trouble }) => (trouble === undefined) === isSchool),
  );
  const row = (choices: Task['choices'] = [], label: string, isLabelHidden: boolean) =>
    choices.length > 0 && (
      <ChoiceRow
        label={label}
        isLabelHidden={isLabelHidden}
        options={choices.map(({ key, name }) => ({ value: key, words: name }))}
        value={job.work.tasks[task.key]?.choice ?? null}
        onPick={(choice) => takeOffer(taskDrafts(task, job, choice))}
      />
    );
  return (
    <>
      {row(schools, task.name, true)}
      {row(troubles, 'Or it goes wrong', false)}
    </>
  );
}

/** A bearing off its shaft or onto it: the ways that its fit allows; more of each stands at the seat beside. */
function ShaftWays({ task }: { task: Task }) {
  const { job, takeOffer } = useJob();
  const offers = shaftOffers(task, job, taskDrafts(task, job));
  const taken = journalsOf(job, task.onShaft?.seats ?? []).map(({ history }) =>
    task.onShaft?.does === 'off' ? history.offShaft?.way : history.ontoShaft?.way,
  );
  return (
    <ChoiceRow
      label={task.name}
      isLabelHidden
      options={offers.map((offer) => ({ value: offer.key ?? '', words: sayOffer(offer) }))}
      value={taken[0] ?? null}
      onPick={(way) => takeOffer(offers.find(({ key }) => key === way)?.drafts() ?? [])}
    />
  );
}

/** Place by place, thing by thing. */
function Ticks({ task }: { task: Task }) {
  const { job, takeOffer } = useJob();
  const ticked = job.work.ticked[task.key] ?? [];
  return (
    <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, mt: 0.5 }}>
      {task.items.map(({ key, name }) => {
        const isTicked = ticked.includes(key);
        return (
          <Button
            key={key}
            variant="outlined"
            aria-pressed={isTicked}
            disabled={isTicked}
            onClick={() => takeOffer(tickDrafts(task, key, job))}
            sx={{
              minHeight: 48,
              fontSize: TYPE.small,
              '&.Mui-disabled': { color: token('ink'), border: `2px solid ${token('ink')}` },
            }}
          >
            {isTicked ? '✓ ' : ''}
            {name}
          </Button>
        );
      })}
    </Box>
  );
}
