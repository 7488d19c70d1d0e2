import { journalsOf, type JournalView } from '@/core/job/journalView';
import { waysOff, waysOnto } from '@/core/job/shaftWays';
import type { JobView } from '@/core/job/seatView';
import type { Task } from '@/core/record/plan';
import type { WayOff } from '@/core/shaft/waysOff';
import type { WayOnto } from '@/core/shaft/waysOnto';
import { offer } from './here';
import type { Draft, Offer } from './offer';

/** Bearings and cones that come off shafts by one piece of work, or go onto them: the answers are the ways that the fit allows. */

/** As many as stand beside the next move; the rest stand at the seat. Common practice, no source. */
const OFFERED = 3;

/** The one that decides how: the tightest. */
const tightest = (views: readonly JournalView[]): JournalView | undefined =>
  [...views].sort((a, b) => (b.fit?.forHoldMm.value ?? 0) - (a.fit?.forHoldMm.value ?? 0))[0];

/** Ways of a piece of work, kindest first, that nothing speaks against. */
export function shaftWaysOf({ onShaft }: Task, job: JobView): { off: WayOff[]; onto: WayOnto[] } {
  const lead = tightest(journalsOf(job, onShaft?.seats ?? []));
  if (!lead || !onShaft) return { off: [], onto: [] };
  const isAllowed = ({ way, against }: WayOff | WayOnto) => way !== 'another' && against.length === 0;
  return onShaft.does === 'off'
    ? { off: waysOff(lead, job.tools).filter(isAllowed), onto: [] }
    : { off: [], onto: waysOnto(lead, job).filter(isAllowed) };
}

export function shaftOffers(task: Task, job: JobView, done: readonly Draft[]): Offer[] {
  const { off, onto } = shaftWaysOf(task, job);
  const seats = journalsOf(job, task.onShaft?.seats ?? []).map(({ seat }) => seat.id);
  return [
    ...off
      .slice(0, OFFERED)
      .map(({ way, isSpoilt }) =>
        offer(
          'off_shaft',
          [
            ...seats.map((seatId): Draft => ({ kind: 'off_shaft', body: { way, isSpoilt }, seatId })),
            ...done,
          ],
          { key: way },
        ),
      ),
    ...onto
      .slice(0, OFFERED)
      .map(({ way }) =>
        offer(
          'onto_shaft',
          [...seats.map((seatId): Draft => ({ kind: 'onto_shaft', body: { way }, seatId })), ...done],
          { key: way },
        ),
      ),
  ];
}
