import { viewFloats, type FloatView } from '@/core/job/floatView';
import type { JobView } from '@/core/job/seatView';
import type { Task } from '@/core/record/plan';
import { offer } from './here';
import type { Draft, Offer } from './offer';

/** What a piece of work measures: right by its figures, or by the hand; what its figures refuse is not taken by one tap. */

type Floats = Pick<JobView, 'plan' | 'work' | 'readings' | 'instruments'>;

export const floatsOf = ({ floats = [] }: Task, job: Floats): FloatView[] =>
  viewFloats(job).filter(({ float }) => floats.includes(float.key));

/** Each of them was accepted by itself. */
export const areFloatsDone = ({ floats = [] }: Task, { work }: Pick<JobView, 'work'>): boolean =>
  floats.length > 0 && floats.every((key) => work.floats[key]?.accepted);

export function floatOffers(task: Task, job: Floats, done: readonly Draft[]): Offer[] {
  const open = floatsOf(task, job).filter(({ isDone }) => !isDone);
  const accept = (by: 'figures' | 'hand') => [
    ...open.map(({ float }): Draft => ({ kind: 'float_accepted', body: { floatKey: float.key, by } })),
    ...done,
  ];
  const refused = open.filter(({ decision }) => decision === 'fail');
  // What is worn out is not argued about: a new one goes in.
  if (refused.length > 0)
    return refused.every(({ float }) => float.sort === 'o_ring') ? [offer('renewed', accept('hand'))] : [];
  return open.length > 0 && open.every(({ decision }) => decision === 'pass')
    ? [offer('figures_right', accept('figures'))]
    : [offer('right_by_hand', accept('hand'))];
}
