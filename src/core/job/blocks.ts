import type { PlanPart } from '@/core/record/plan';
import { pickTools } from '@/core/tools/pickTools';
import type { OrderReason } from '@/core/record/vocabulary';
import { seatsBefore } from './precedence';
import type { JobView, SeatView } from './seatView';
import type { Work } from '@/core/project/jobState';

/** What stands in the way of fitting one seat, and what would clear it. */
export type BlockCode =
  | 'part_not_compared'
  | 'part_wrong'
  | 'part_doubtful'
  | 'part_missing'
  | 'other_seat_first'
  | 'seal_left_in'
  | 'tool_missing'
  | 'remedy_not_checked'
  | 'seat_slack';

export type Block = { code: BlockCode; name?: string; why?: OrderReason };

/** The part of a seat that was ordered and is not here (or came wrong); a part that was measured is here, whatever its order says. */
export function awaitedPart({ seat, isMeasured }: SeatView, { plan, work }: JobView): PlanPart | null {
  const part = plan.parts.find(({ seatId }) => seatId === seat.id);
  return !part || !isAwaited(part, work) || isMeasured ? null : part;
}

/** On its way, or come wrong: it is not on the bench. */
export function isAwaited({ key }: PlanPart, work: Work): boolean {
  const state = work.orders[key]?.at(-1)?.state;
  return state !== undefined && state !== 'arrived' && state !== 'cancelled';
}

/** What keeps every way in shut until it is cleared or overruled; the rest is said, and a person may go on. */
const SHUTS: readonly BlockCode[] = [
  'part_not_compared',
  'part_wrong',
  'part_doubtful',
  'part_missing',
  'remedy_not_checked',
  'seat_slack',
];
export const isShut = (blocks: readonly Block[]) => blocks.some(({ code }) => SHUTS.includes(code));

/**
 * Everything that blocks a seat's way in, the hardest first. A part counts as compared when it fits both its mates, or when a person
 * overruled with a reason. Order of seats: inner before outer, a seal behind a bearing first. A driver must be at hand before heat;
 * without any tool on the wall nothing is asked for.
 */
export function findBlocks(view: SeatView, job: JobView): Block[] {
  const { history, partCheck, leftIn, fit, isMeasured } = view;
  const awaited = awaitedPart(view, job);
  const blocks: Block[] = [];
  if (isMeasured && fit?.judgement.verdict === 'slack' && !history.remedy?.isGood)
    blocks.push({ code: 'seat_slack' });
  if (history.remedy && history.remedy.isGood === null) blocks.push({ code: 'remedy_not_checked' });
  if (!history.overruled && partCheck.verdict === 'wrong') blocks.push({ code: 'part_wrong' });
  if (!history.overruled && partCheck.verdict === 'doubtful') blocks.push({ code: 'part_doubtful' });
  if (!history.overruled && partCheck.verdict === 'not_yet') blocks.push({ code: 'part_not_compared' });
  if (awaited) blocks.push({ code: 'part_missing', name: awaited.name });
  for (const { view: other, why } of seatsBefore(view, job))
    blocks.push({ code: 'other_seat_first', name: other.seat.name, why });
  for (const { seatName, isNew } of leftIn) if (!isNew) blocks.push({ code: 'seal_left_in', name: seatName });
  if (job.tools.length > 0 && history.wayIn) {
    const needs = pickTools({ spec: view.seat.spec, planned: history.wayIn }, job.tools);
    for (const { need, fits } of needs)
      if ((need === 'driver' || need === 'seal_driver') && fits.length === 0 && !history.toolsSorted[need])
        blocks.push({ code: 'tool_missing', name: need });
  }
  return blocks;
}
