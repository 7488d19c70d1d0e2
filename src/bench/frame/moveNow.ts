import { CAUTIONS, type CautionCode } from '@/core/catalogue/cautions';
import type { JobView, SeatView } from '@/core/job/seatView';
import type { WalkStyle } from '@/core/record/vocabulary';
import type { Move } from '@/core/walk/move';
import type { Draft, OfferCode } from '@/core/walk/offer';
import { offersFor } from '@/core/walk/offers';
import { findNextMove, findSeatMove } from '@/core/walk/nextMove';
import { sayMove } from '@/ui/words/moves';
import { sayOffer } from '@/ui/words/offers';
import { AT_THE_RUN } from './atTheRun';

/** The next move with its words, as the frame shows it: made by the server for the first drawing, then by the browser. */
export type MoveNow = {
  move: Move;
  headline: string;
  reason: string;
  cautions: { code: CautionCode; caution: string }[];
  /** The answers to it, one tap each. */
  offers: ShownOffer[];
};

export type ShownOffer = { code: OfferCode; key: string | null; words: string };

/** What stops a seat that is looked at, before anything else of the job. */
const STOPS: readonly Move['code'][] = ['part_is_wrong', 'repair_seat', 'check_remedy'];

function pickMove(job: JobView, view: SeatView | null, walk: WalkStyle): Move {
  const next = findNextMove(job, walk);
  const own = view && !AT_THE_RUN.includes(next.code) ? findSeatMove(view, job, walk) : null;
  return own && STOPS.includes(own.code) ? own : next;
}

/** A seat that is looked at and is in trouble says so first; else the job's next move, which may be elsewhere. */
export function sayMoveNow(job: JobView, view: SeatView | null, walk: WalkStyle): MoveNow {
  const move = pickMove(job, view, walk);
  const offers = AT_THE_RUN.includes(move.code) ? [] : offersFor(move, job, walk);
  return {
    move,
    offers: offers.map((offer) => ({ code: offer.code, key: offer.key ?? null, words: sayOffer(offer) })),
    ...sayMove(move),
    cautions: CAUTIONS.filter(({ code }) => move.cautions.includes(code)).map(({ code, caution }) => ({
      code,
      caution,
    })),
  };
}

/** What an answer puts on record; nothing where the job has moved on and no longer asks. */
export function draftsOf({ code, key }: ShownOffer, move: Move, job: JobView, walk: WalkStyle): Draft[] {
  const offer = offersFor(move, job, walk).find((each) => each.code === code && (each.key ?? null) === key);
  return offer?.drafts() ?? [];
}

export { asksForReadings } from '@/core/walk/facts';

/** Does another part go in before anything else is done at this one: into the same warmth, or the next heat? */
export function goesOnElsewhere(job: JobView, view: SeatView, walk: WalkStyle): boolean {
  const { code, seatIds, isWarm } = findNextMove(job, walk);
  const isNow = AT_THE_RUN.includes(code) || (code === 'push_it_in' && isWarm === true);
  return isNow && !seatIds.includes(view.seat.id);
}

/** What is next at one seat, in words. */
export function saySeatMove(job: JobView, view: SeatView, walk: WalkStyle): string | null {
  const move = findSeatMove(view, job, walk);
  return move && sayMove(move).headline;
}
