import type { JobView, SeatView } from '@/core/job/seatView';
import type { WalkStyle } from '@/core/record/vocabulary';
import type { ItemAct } from './item';
import type { Move } from './move';
import type { Draft, Offer, OfferCode } from './offer';

/** What a move can be answered with, the usual answer first. Each is one tap, however many seats it covers. */
export type Here = { move: Move; job: JobView; walk: WalkStyle; views: SeatView[] };

export const viewsOf = (act: ItemAct, { move, job }: Here) =>
  move.items.flatMap((item) =>
    item.act === act ? (job.seats.find(({ seat }) => seat.id === item.seatId) ?? []) : [],
  );
export const keysOf = (act: ItemAct, { move }: Here) =>
  move.items.flatMap((item) => (item.act === act && item.key !== null ? [item.key] : []));

export const offer = (
  code: OfferCode,
  drafts: Draft[] | (() => Draft[]),
  { key, name }: Pick<Offer, 'key' | 'name'> = {},
): Offer => ({
  code,
  ...(key !== undefined && { key }),
  ...(name !== undefined && { name }),
  isEmpty: Array.isArray(drafts) && drafts.length === 0,
  drafts: Array.isArray(drafts) ? () => drafts : drafts,
});

export const ofFirst = (
  { views: [view] }: Here,
  code: OfferCode,
  drafts: (view: SeatView) => Draft[],
): Offer[] => (view ? [offer(code, () => drafts(view))] : []);
