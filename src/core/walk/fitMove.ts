import { type JudgedPass, passesOf, wouldEightTell } from '@/core/job/squarePasses';
import { isOffSaidDepth, judgePassDepth } from '@/core/job/depthJudgement';
import { findBlocks } from '@/core/job/blocks';
import type { JobView, SeatView } from '@/core/job/seatView';
import { isHanging } from '@/core/job/hanging';
import { usualHeatOf } from '@/core/job/workpiece';
import { isChilled, isDrop, isHeated } from '@/core/heat/waySorts';
import type { Move } from './move';
import { wayOf } from './facts';

/** Where a part stands between its way in and its place: the run, hot or cold, and the squaring of one seat. */
type Phase = Partial<Move> & Pick<Move, 'code' | 'step'>;

const PASS_ANGLES = [0, 90, 180, 270] as const;

function afterPass(view: SeatView, pass: JudgedPass): Phase {
  const { verdict, tapAtDeg } = pass.result ?? { verdict: 'misread', tapAtDeg: null };
  if (verdict === 'square' || verdict === 'within_limit') {
    const depth = judgePassDepth(view, pass);
    return isOffSaidDepth(depth)
      ? { code: 'bring_to_depth', step: 'square', isTooDeep: depth.offMm > 0 }
      : { code: 'accept_square', step: 'square' };
  }
  if (verdict === 'misread') return { code: 'read_again', step: 'square' };
  if (tapAtDeg !== null) return { code: 'tap_high_side', step: 'square', angleDeg: tapAtDeg };
  // No lean is seen, so there is nothing to tap: more readings tell, or the eye does.
  return { code: wouldEightTell(pass) ? 'read_eight' : 'judge_by_eye', step: 'square' };
}

export function squarePhase(view: SeatView): Phase {
  const { ring, homeMs } = view.history;
  // What keeps its ring out is not home, however square it stands.
  if (ring?.isIn === false) return { code: 'bring_home', step: 'heat_run' };
  const pass = passesOf(view).at(-1);
  // Read before it was brought home, a pass is of another place.
  if (!pass || (homeMs !== null && pass.startedMs < homeMs))
    return { code: 'start_square_pass', step: 'square' };
  const nextAngle = PASS_ANGLES.find((angle) => !pass.readings.some(({ angleDeg }) => angleDeg === angle));
  if (nextAngle !== undefined) return { code: 'read_depths', step: 'square', angleDeg: nextAngle };
  return afterPass(view, pass);
}

/** A part that hangs half way: hot, it goes back to the heat and comes free; cold, it comes out again. Then the bore is looked at. */
const stuckPhase = (view: SeatView, job: JobView): Phase => {
  const way = wayOf(view, job);
  const codeOf = () => {
    if (!isHanging(view)) return 'look_at_bore';
    if (!isDrop(way) || !isHeated(way)) return 'back_it_out';
    return view.heat.phase === 'in_heat' ? 'free_it' : 'reheat';
  };
  return { code: codeOf(), step: 'heat_run', way };
};

/** A tool that is missing is found before metal is hot. */
function toolMissing(view: SeatView, job: JobView): Phase | null {
  if (view.heat.phase !== 'cold') return null;
  const tool = findBlocks(view, job).find(({ code }) => code === 'tool_missing');
  return tool ? { code: 'find_tool', step: 'way_in', ...(tool.name && { tool: tool.name }) } : null;
}

export function fitPhase(view: SeatView, job: JobView): Phase {
  const { history, heat } = view;
  const way = wayOf(view, job);
  if (history.stuck) return stuckPhase(view, job);
  if (history.letGoMs !== null) return { code: 'say_home_or_stuck', step: 'heat_run', way };
  const missing = history.wayIn ? toolMissing(view, job) : null;
  if (missing) return missing;
  if (isChilled(way) && !history.freezer && heat.phase !== 'out')
    return { code: 'part_into_freezer', step: 'heat_run', way };
  if (!isHeated(way)) return { code: isDrop(way) ? 'drop_now' : 'push_it_in', step: 'heat_run', way };
  if (heat.phase === 'cold')
    return {
      code: 'casting_into_heat',
      step: 'heat_run',
      way,
      heatedBy: history.wayIn?.heatedBy ?? usualHeatOf(job),
    };
  if (heat.phase === 'in_heat')
    return { code: 'take_out_and_drop', step: 'heat_run', way, heatedBy: heat.source };
  return { code: isDrop(way) ? 'drop_now' : 'push_it_in', step: 'heat_run', way };
}

/** Hot or cold metal, or a part that was let go of, waits for nobody; nothing else is urgent. */
export function urgencyOf(view: SeatView, job: JobView): number | null {
  const { history, heat } = view;
  if (history.homeMs !== null) return null;
  if (history.letGoMs !== null && !history.stuck) return 0;
  if (!history.wayIn || !isHeated(wayOf(view, job))) return history.stuck ? 3 : null;
  if (heat.phase === 'out') return history.stuck ? 3 : 1;
  return heat.phase === 'in_heat' ? 2 : history.stuck ? 3 : null;
}
