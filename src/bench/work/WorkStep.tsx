'use client';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import type { Task } from '@/core/record/plan';
import type { Stage } from '@/core/record/vocabulary';
import { useJob } from '@/bench/record/JobProvider';
import { ChoiceRow } from '@/ui/fields/ChoiceRow';
import { STRETCH, token, TYPE } from '@/ui/theme/tokens';
import { STAGE_ORDER, STAGE_WORDS } from '@/ui/words/walk';
import { Lead, Note, Text } from '@/ui/parts/text';
import { Ruled } from '@/ui/parts/layout';
import { NoteField } from '@/bench/record/NoteField';

/** The work beyond the seats, in the order in which it is done: each ticked, chosen, or not on this job. */
export function WorkStep() {
  const { job } = useJob();
  const { tasks } = job.plan;
  const stages = STAGE_ORDER.filter((stage) => tasks.some((task) => task.stage === stage));
  return (
    <Box data-testid="work" sx={{ pr: 1 }}>
      <Typography variant="h2">Work beyond the seats</Typography>
      {stages.length === 0 && <Text>This job has none: its seats are all of it.</Text>}
      {stages.map((stage) => (
        <StageWork key={stage} stage={stage} tasks={tasks.filter((task) => task.stage === stage)} />
      ))}
    </Box>
  );
}

const StageWork = ({ stage, tasks }: { stage: Stage; tasks: readonly Task[] }) => (
  <Box component="section" aria-label={STAGE_WORDS[stage]} sx={{ mt: 1.5 }}>
    <Typography variant="h3">{STAGE_WORDS[stage]}</Typography>
    {tasks.map((task) => (
      <TaskRow key={task.key} task={task} />
    ))}
  </Box>
);

/** How a piece of work was answered, in words; null while it is open. */
function answerOf({ choices }: Task, done: { choice: string | null } | undefined): string | null {
  if (!done) return null;
  if (done.choice === 'not_here') return 'not on this job';
  return choices.find(({ key }) => key === done.choice)?.name.toLowerCase() ?? 'done';
}

function TaskRow({ task }: { task: Task }) {
  const { job, addEvent } = useJob();
  const answer = answerOf(task, job.work.tasks[task.key]);
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
            {task.why}
          </Note>
        </Box>
        {answer === null && task.choices.length === 0 && (
          <Button
            variant="outlined"
            aria-label={`Done: ${task.name}`}
            onClick={() => addEvent('task_done', { key: task.key })}
          >
            Done
          </Button>
        )}
      </Box>
      {task.choices.length > 0 && (
        <ChoiceRow
          label={task.name}
          isLabelHidden
          options={task.choices.map(({ key, name }) => ({ value: key, words: name }))}
          value={job.work.tasks[task.key]?.choice ?? null}
          onPick={(choice) => addEvent('task_done', { key: task.key, choice })}
        />
      )}
      {task.items.length > 0 && <Ticks task={task} />}
      <NoteField about={`task_${task.key}`.slice(0, 60)} label={`Note: ${task.name}`} />
    </Ruled>
  );
}

/** Place by place, thing by thing. */
function Ticks({ task }: { task: Task }) {
  const { job, addEvent } = useJob();
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
            onClick={() => addEvent('task_ticked', { key: task.key, item: key })}
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
