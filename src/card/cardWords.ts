import { viewFloats, type FloatView } from '@/core/job/floatView';
import { viewJoint } from '@/core/job/jointView';
import type { JobView, SeatView } from '@/core/job/seatView';
import type { Units } from '@/core/quantity/format';
import type { Casting } from '@/core/record/job';
import { isTaskDone } from '@/core/walk/taskDone';
import { FIT_FIGURE_WORDS, sayFit } from '@/ui/words/fits';
import { sayFloat, sayWanted } from '@/ui/words/floats';
import { sayStands, sayWayIn } from '@/ui/words/seatSheet';
import { saySizes } from '@/ui/words/sizes';
import { FIT_WORDS } from '@/ui/words/verdicts';

/** What the card says of each seat and of what lies between parts, in the units of whoever prints it. */
export type Row = { key: string; cells: string[] };

export const SEAT_HEADS = [
  'place',
  'part',
  `fit, ${FIT_FIGURE_WORDS.hold}`,
  'how it went in',
  'square',
] as const;

export const seatRow = (view: SeatView, units: Units): Row => {
  const { seat, fit } = view;
  const { part } = seat.spec;
  const said = fit
    ? `${sayFit(fit.benchMm, units)}. ${FIT_WORDS[fit.judgement.verdict].word}${view.isMeasured ? '' : ', from its usual class'}`
    : 'rubber';
  return {
    key: seat.id,
    cells: [
      seat.name,
      `${part.designation}, ${saySizes(part, units)}`,
      said,
      sayWayIn(view, units),
      sayStands(view, units),
    ],
  };
};

const keptBy = ({ done: { accepted } }: FloatView): string =>
  !accepted
    ? 'open'
    : accepted.because
      ? `kept: ${accepted.because}`
      : accepted.by === 'hand'
        ? 'by hand'
        : 'kept';

export const floatRows = (job: JobView, units: Units): Row[] =>
  viewFloats(job).map((view) => ({
    key: view.float.key,
    cells: [view.float.name, sayFloat(view, units).headline, sayWanted(view, units), keptBy(view)],
  }));

/** Work beyond the seats that is done, each once. */
export const workDone = (job: JobView): string[] => [
  ...new Set(
    job.plan.tasks
      .filter((task) => isTaskDone(task, job) && job.work.tasks[task.key]?.choice !== 'not_here')
      .map(({ name }) => name),
  ),
];

/** How the bolts of a casting were tightened; empty where nobody went through them one by one. */
export function sayTightened(casting: Casting, { work }: JobView): string {
  const joint = work.joints[casting.id];
  const view = joint && joint.tightened.length > 0 ? viewJoint(casting, joint) : null;
  if (!view) return '';
  const how = view.joint.torqueNm === null ? 'by hand' : `${view.joint.torqueNm} N·m`;
  return view.isTight ? `, bolts ${how}, each in every pass` : `, bolts ${how}, not finished`;
}
