import { journalsOf } from '@/core/job/journalView';
import type { JobView } from '@/core/job/seatView';
import type { Task } from '@/core/record/plan';
import { TURN_FEELS, type TurnFeel } from '@/core/record/closingVocabulary';

/** Whether a piece of work is done, what went wrong with it, and how it turned. */

type Work = Pick<JobView, 'work'>;

/** The choice that a piece of work was answered with; null: with none of its own. */
export const chosenOf = ({ key, choices }: Task, { work }: Work): Task['choices'][number] | null =>
  choices.find((choice) => choice.key === work.tasks[key]?.choice) ?? null;

/** What went wrong the last time that it was tried, and what is done now; null: nothing. */
export const troubleOfTask = (task: Task, job: Work): string | null => chosenOf(task, job)?.trouble ?? null;

/** All its seats were emptied or filled, each by itself. */
export function isDoneOnShaft({ onShaft }: Task, job: JobView): boolean {
  const views = journalsOf(job, onShaft?.seats ?? []);
  return (
    onShaft !== undefined &&
    views.length > 0 &&
    views.every(({ history }) => (onShaft.does === 'off' ? history.offShaft : history.ontoShaft) !== null)
  );
}

/** Answered by a person, whatever the answer but that it went wrong, or done at its shaft. */
export const isTaskDone = (task: Task, job: JobView): boolean =>
  (task.key in job.work.tasks && troubleOfTask(task, job) === null) || isDoneOnShaft(task, job);

const isFeel = (key: string): key is TurnFeel => (TURN_FEELS as readonly string[]).includes(key);

/** How it turned at a piece of work; null: nobody said. */
function feelAt(key: string, { work }: Work): TurnFeel | null {
  const choice = work.tasks[key]?.choice ?? '';
  return isFeel(choice) ? choice : null;
}

export type TurnChange = { before: TurnFeel; now: TurnFeel; verdict: 'same' | 'seals_drag' | 'worse' };

/**
 * How it turns now against how it turned before something was added (its seals): one step stiffer and even is theirs, more is a fault.
 * Null where one of the two was not felt. Common practice, no source.
 */
export function turnChange({ key, since }: Pick<Task, 'key' | 'since'>, job: Work): TurnChange | null {
  const [before, now] = [since ? feelAt(since, job) : null, feelAt(key, job)];
  if (!before || !now) return null;
  const steps = TURN_FEELS.indexOf(now) - TURN_FEELS.indexOf(before);
  const isEven = now === 'free' || now === 'light_drag';
  return { before, now, verdict: steps <= 0 ? 'same' : steps === 1 && isEven ? 'seals_drag' : 'worse' };
}
