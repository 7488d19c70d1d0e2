import { CAUTION_CODES, type CautionCode } from '@/core/catalogue/cautions';
import { isHeated } from '@/core/heat/waySorts';
import type { JobView, SeatView } from '@/core/job/seatView';
import { isOutByHeat, type RemovalWay } from '@/core/strip/removal';
import type { Move } from './move';

/** Cautions that were read on this job, whichever seat they were read at. */
export const readCautions = ({ seats }: JobView): Set<string> =>
  new Set(seats.flatMap(({ history }) => history.cautions));

const OF_REMOVAL: Partial<Record<RemovalWay, CautionCode>> = {
  push_through: 'press',
  push_from_behind: 'press',
  slide_hammer: 'slide_hammer',
  expanding_puller: 'slide_hammer',
  screw_and_slide_hammer: 'eyes',
  drift_by_quarters: 'drift',
  cut: 'eyes',
};

const isMagnesium = (views: readonly SeatView[]) => views.some(({ casting }) => casting.material === 'az91');

function cautionsOf(
  { code, removals = [], way, items, stage }: Move,
  job: JobView,
  views: readonly SeatView[],
): CautionCode[] {
  const heat = (): CautionCode[] => (isMagnesium(views) ? ['magnesium', 'hot_metal'] : ['hot_metal']);
  switch (code) {
    case 'take_out':
      return removals.flatMap(({ way: each }) => (isOutByHeat(each) ? heat() : (OF_REMOVAL[each] ?? [])));
    case 'ring_out':
    case 'ring_in':
      return ['eyes'];
    case 'clean':
      return ['cleaning'];
    case 'part_into_freezer':
      return ['cold'];
    case 'choose_way_in':
      return views.some(({ seat }) => 'cage' in seat.spec.part) ? ['ceilings'] : [];
    case 'casting_into_heat':
    case 'reheat':
    case 'free_it':
      return heat();
    case 'push_it_in':
      return way && isHeated(way) ? heat() : ['press'];
    case 'do_task':
      return items.flatMap(({ key }) => {
        const caution = job.plan.tasks.find((task) => task.key === key)?.caution;
        return CAUTION_CODES.filter((each) => each === caution);
      });
    default:
      return stage === 'look' && job.plan.cautions.includes('safety_parts') ? ['safety_parts'] : [];
  }
}

/** The cautions that stand with this move, and that nobody has read yet on this job. */
export function dueCautions(move: Move, job: JobView): CautionCode[] {
  const read = readCautions(job);
  const views = job.seats.filter(({ seat }) => move.seatIds.includes(seat.id));
  return [...new Set(cautionsOf(move, job, views))].filter((code) => !read.has(code));
}
